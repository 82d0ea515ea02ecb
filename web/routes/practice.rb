# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # Practice: what is due, rounds of ten, any question by its number.
      module Practice
        DRILL = "([a-z-]{3,30})"
        SEED = '(\d{1,6})'

        MOST_STEPS = 60 # that a page sends along

        def self.registered(app)
          app.helpers(Drilling)
          app.get("/practice") { show Web::Practice::Screen.new(book, **asked) }
          app.post("/practice/rounds") { begin_round }
          app.get(%r{/practice/rounds/#{Asking::NUMBER}}o) { |id| show round_screen(find_round(id)) }
          app.post(%r{/practice/rounds/#{Asking::NUMBER}}o) { |id| answer_round(find_round(id)) }
          app.get(%r{/practice/#{DRILL}/#{SEED}/bench\.json}o) { |drill, seed| dials(free_question(drill, seed)) }
          app.get(%r{/practice/#{DRILL}/#{SEED}\.json}o) do |drill, seed|
            question = free_question(drill, seed)
            give("#{drill}-#{seed}.#{question.file}.json", :json, JSON.pretty_generate(question.document))
          end
          app.get(%r{/practice/#{DRILL}/#{SEED}}o) { |drill, seed| show free_screen(free_question(drill, seed)) }
          app.post(%r{/practice/#{DRILL}/#{SEED}}o) { |drill, seed| mark_free(free_question(drill, seed)) }
        end

        # What its routes do.
        module Drilling
          def practising = @practising ||= Desk::Practising.new(book, account.id)

          def find_round(id) = practising.round(Integer(id, 10)) || halt(404)

          def begin_round
            refusing(->(fault) { Web::Practice::Screen.new(book, **asked, fault:) }) do
              to_page Paths.practice("rounds", practising.begin(params["drill"].to_s))
            end
          end

          def round_screen(round, **rest) = Web::Practice::Round.new(book, practising, round, **asked, **rest)

          # What was done or answered, for the question that was on the page.
          def answer_round(round)
            state = practising.states(round)[number("place")] || halt(404)
            refused_on(->(fault) { round_screen(round, fault:, typed: typed_parts) }) do
              unless state.done?
                step ? practising.step(round, state, step, seen: number("seen")) :
                  practising.answer(round, state, typed_parts)
              end
              to_page Paths.practice("rounds", round.id, at: state.asked.place)
            end
          end

          def free_question(drill, seed)
            level = Integer(params["level"].to_s, 10, exception: false) || 1
            Desk::Practising.question(drill, level, Integer(seed, 10))
          rescue Fault
            halt 404
          end

          def free_screen(question, **rest) = Web::Practice::Free.new(book, question, **asked, **rest)

          def mark_free(question)
            steps = steps_typed(question)
            refused_on(->(fault) { free_screen(question, fault:, typed: typed_parts, steps:) }) do
              if step
                Desk::Playing.of(question).check(steps, step)
                steps += [step]
                next show(free_screen(question, steps:)) unless Desk::Playing.of(question).over?(steps)
              end
              typed = typed_parts.merge(Desk::Answering::STEPS => steps.join(" "))
              show free_screen(question, marks: Desk::Answering.new(question, typed).marks, typed:, steps:)
            end
          end

          # What was done before, as the page has it; nothing where it cannot be.
          def steps_typed(question)
            all = question.play ? params["steps"].to_s.split.first(MOST_STEPS) : []
            all.each_with_object([]) do |one, steps|
              Desk::Playing.of(question).check(steps, one)
              steps << one
            end
          rescue Fault
            []
          end

          # What is done now: hangers turned, or a finding asked; nil for an answer.
          def step
            case params["do"]
            when "turn" then turned.values_at(*YellowTrack::Practice::Bench::SIDES).map { |text| text || 0 }.join(",")
            when "ask" then params["ask"].to_s
            end
          end

          def turned = params["turn"].is_a?(Hash) ? params["turn"] : {}

          # Dials of what hangs once it was turned so.
          def dials(question)
            halt 404 unless question.play.is_a?(YellowTrack::Practice::Bench)
            content_type :json
            moves = Desk::Answering.moves(steps_typed(question))
            JSON.generate(Drawing::Responses.of(question.play.controls(moves)).dials)
          end

          # By part; the bars of pieces, and other answers in several, with a blank between.
          def typed_parts
            given = params["part"].is_a?(Hash) ? params["part"] : {}
            given.transform_values { |typed| (typed.is_a?(Hash) ? several(typed) : typed.to_s)[0, 200] }
          end

          def several(typed) = typed.values.first(MOST_STEPS).map { |text| text.to_s[/\A\w{1,9}\z/] || "-" }.join(" ")

          # As refusing, where several parts may be at fault at once.
          def refused_on(page)
            yield
          rescue Faults, Fault => e
            status 422
            show(page.call(e))
          end
        end
      end
    end
  end
end
