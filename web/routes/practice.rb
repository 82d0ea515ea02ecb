# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # Practice: what is due, rounds of ten, any question by its number.
      module Practice
        DRILL = "([a-z-]{3,30})"
        SEED = '(\d{1,6})'

        def self.registered(app)
          app.helpers(Drilling)
          app.get("/practice") { show Web::Practice::Screen.new(book, **asked) }
          app.post("/practice/rounds") { begin_round }
          app.get(%r{/practice/rounds/#{Asking::NUMBER}}o) { |id| show round_screen(find_round(id)) }
          app.post(%r{/practice/rounds/#{Asking::NUMBER}}o) { |id| answer_round(find_round(id)) }
          app.get(%r{/practice/#{DRILL}/#{SEED}\.json}o) do |drill, seed|
            give("#{drill}-#{seed}.opening.json", :json, JSON.pretty_generate(free_question(drill, seed).document))
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

          # What was answered, for the question that was on the page.
          def answer_round(round)
            state = practising.states(round)[number("place")] || halt(404)
            refused_on(->(fault) { round_screen(round, fault:) }) do
              practising.answer(round, state, typed_parts) unless state.done?
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
            refused_on(->(fault) { free_screen(question, fault:) }) do
              show free_screen(question, marks: Desk::Practising.marks(question, typed_parts), typed: typed_parts)
            end
          end

          def typed_parts
            given = params["part"].is_a?(Hash) ? params["part"] : {}
            given.transform_values { |text| text.to_s[0, 60] }
          end

          # As refusing, where several parts may be at fault at once.
          def refused_on(page)
            yield
          rescue Faults => e
            status 422
            show(page.call(e))
          end
        end
      end
    end
  end
end
