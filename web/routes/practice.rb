# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # Practice: what is due, rounds of ten, rounds for the crew.
      module Practice
        MOST_STEPS = 60 # that a page sends along

        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(Drilling)
          app.reads("/practice") { show Web::Practice::Screen.new(book, **asked) }
          app.takes("/practice/rounds", by: :learner) { begin_round }
          app.takes("/practice/crew") { set_round }
          app.reads(%r{/practice/crew/#{Asking::NUMBER}}o) { |id| show crew_round_screen(id) }
          app.reads(%r{/practice/rounds/#{Asking::NUMBER}}o) { |id| show round_screen(find_round(id)) }
          app.takes(%r{/practice/rounds/#{Asking::NUMBER}}o, by: :learner) { |id| answer_round(find_round(id)) }
        end

        # What its routes do.
        module Drilling
          # One's own practice.
          def practising = @practising ||= Desk::Practising.new(book, account.id)

          # One's round, by its number.
          def find_round(id) = practising.round(Integer(id, 10)) || halt(404)

          # One's own, of a drill or of what is due; or of a round that is set for the crew.
          def begin_round
            refusing(->(fault) { Web::Practice::Screen.new(book, **asked, fault:) }) do
              set = params["set"] && (book.practice.crew_round(number("set")) || halt(404))
              id = set ? practising.take(set) : practising.begin(params["drill"].to_s)
              to_page Paths.practice("rounds", id)
            end
          end

          # Sets a round for the crew.
          def set_round
            refusing(->(fault) { Web::Practice::Screen.new(book, **asked, fault:) }) do
              to_page Paths.practice("crew", practising.set(params["drill"].to_s))
            end
          end

          # The page of such a round.
          def crew_round_screen(id)
            set = book.practice.crew_round(Integer(id, 10)) || halt(404)
            Web::Practice::Crew.new(book, practising, set, **asked)
          end

          # The page of one's round, as it stands.
          def round_screen(round, **rest)
            return Web::Practice::Past.new(book, practising, round, **asked) unless practising.current?(round)

            Web::Practice::Round.new(book, practising, round, **asked, **rest)
          end

          # What was done or answered, for the question that was on the page.
          def answer_round(round)
            return show(round_screen(round)) unless practising.current?(round)

            state = practising.states(round)[number("place")] || halt(404)
            refused_on(->(fault) { round_screen(round, fault:, typed: typed_parts) }) do
              unless state.done?
                same_try(state)
                step ? practising.step(round, state, step, seen: number("seen")) :
                  practising.answer(round, state, typed_parts)
              end
              to_page Paths.practice("rounds", round.id, at: state.asked.place)
            end
          end

          # An answer is for the try that its page was on.
          def same_try(state)
            return if params["tried"].nil? || number("tried") == state.tries

            raise Fault.new("It was answered in another window meanwhile. What you gave stands here: look again, " \
              "then press for the second try.", key: "try")
          end

          # What is done now: hangers turned, or a finding asked; nil for an answer.
          def step
            case params["do"]
            when "turn"
              turned.values_at(*YellowTrack::Practice::PlayedBench::SIDES).map { |text| text || 0 }.join(",")
            when "ask" then params["ask"].to_s
            end
          end

          # What was turned, by its hanger.
          def turned = params["turn"].is_a?(Hash) ? params["turn"] : {}

          # By part; the bars of pieces, and other answers in several, with a blank between.
          def typed_parts
            given = params["part"].is_a?(Hash) ? params["part"] : {}
            given.transform_values { |typed| (typed.is_a?(Hash) ? several(typed) : typed.to_s)[0, 200] }
          end

          # Several answers as one text.
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
