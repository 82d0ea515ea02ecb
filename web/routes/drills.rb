# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # A drill by itself: its lesson, and any question by its number, that nobody keeps the
      # answer of.
      module Drills
        DRILL = "([a-z-]{3,30})"
        SEED = '(\d{1,6})'

        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(Trying)
          app.reads(%r{/practice/own/#{Asking::NUMBER}}o) { |id| show own_door(Integer(id, 10)) }
          app.reads(%r{/practice/#{DRILL}/learn}o) { |drill| show learn_screen(drill) }
          app.reads(%r{/practice/#{DRILL}/learn\.json}o) { |drill| give_lesson(drill) }
          app.reads(%r{/practice/#{DRILL}/#{SEED}/bench\.json}o) { |drill, seed| dials(free_question(drill, seed)) }
          app.reads(%r{/practice/#{DRILL}/#{SEED}\.json}o) { |drill, seed| give_question(free_question(drill, seed)) }
          app.reads(%r{/practice/#{DRILL}/#{SEED}}o) { |drill, seed| show free_screen(free_question(drill, seed)) }
          app.takes(%r{/practice/#{DRILL}/#{SEED}}o, by: :learner) { |drill, seed|
            mark_free(free_question(drill, seed))
          }
        end

        # What its routes do.
        module Trying
          # A door of the firm's own.
          def own_door(id)
            door = Desk::OwnDoors.new(book).find(id) || halt(404)
            Web::Practice::OwnDoor.new(book, door, **asked)
          end

          # The page that teaches a drill.
          def learn_screen(drill)
            made = YellowTrack::Practice::Drills.all[drill] || halt(404)
            Web::Practice::Learn.new(book, made, Desk::Practising.lesson(drill), **asked)
          end

          # What a lesson's script moves by.
          def give_lesson(drill)
            content_type :json
            JSON.generate(learn_screen(drill).states)
          end

          # A question's own file, as its command reads it.
          def give_question(question)
            give("#{question.drill}-#{question.seed}.#{question.file}.json", :json,
              JSON.pretty_generate(question.document))
          end

          # A question by its number.
          def free_question(drill, seed)
            level = Integer(params["level"].to_s, 10, exception: false) || 1
            Desk::Practising.question(drill, level, Integer(seed, 10))
          rescue Fault
            halt 404
          end

          # Its page.
          def free_screen(question, **rest) = Web::Practice::Free.new(book, question, **asked, **rest)

          # Marks an answer to it; nothing is kept.
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
            all = question.play ? params["steps"].to_s.split.first(Practice::MOST_STEPS) : []
            all.each_with_object([]) do |one, steps|
              Desk::Playing.of(question).check(steps, one)
              steps << one
            end
          rescue Fault
            []
          end

          # Dials of what hangs once it was turned so.
          def dials(question)
            halt 404 unless question.play.is_a?(YellowTrack::Practice::PlayedBench)
            content_type :json
            moves = Desk::Answering.moves(steps_typed(question))
            JSON.generate(Drawing::Responses.of(question.play.controls(moves)).dials)
          end
        end
      end
    end
  end
end
