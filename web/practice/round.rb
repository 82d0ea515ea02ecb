# frozen_string_literal: true

module YellowTrack
  module Web
    module Practice
      # A round: the question that is next, or one that was answered, beside the right one.
      class Round < QuestionScreen
        # @param practising [Desk::Practising]
        # @param round [Store::Practice::Round]
        # @param typed [Hash, nil] what was typed, where it was refused
        def initialize(book, practising, round, typed: nil, **rest)
          super(book, **rest)
          @round, @states = round, practising.states(round)
          @state = wanted || @states.find { |one| !one.done? } || @states.last
          @question = practising.question(@state.asked)
          @typed_parts = typed || @state.answers.last&.typed || {}
          @marks = marks_of_last if done? && !fault # of its parts, once it is over
        end

        # Where the answer is sent.
        def action = Paths.practice("rounds", @round.id)

        # Whether all of it is done.
        def done? = @state.done?

        # Tries at this question so far.
        def tries = @state.tries

        # Its place in the round, from 0.
        def place = @state.asked.place

        # What was played of it so far.
        def steps = @state.steps

        # What the first try has likely gone wrong in, where it is known: named before the second.
        #
        # @return [Array<String>]
        def slips_so_far
          return [] if done? || @state.answers.empty?

          marks_of_last.select(&:slip)
            .map { |mark| "#{mark.part.label.capitalize}: #{mark.slip.words}." }
        end

        # The next that is not answered; the list of drills after the last.
        def onward
          open = @states.find { |one| !one.done? }
          open ? Paths.practice("rounds", @round.id, at: open.asked.place) : Paths.practice
        end

        # What the press to the next one says.
        def onward_says = over? ? "Back to the drills" : "The next one"

        # Whether all questions of the round are answered.
        def over? = @states.all?(&:done?)

        # Points so far, of all that the round has.
        def points = @states.sum { |one| one.answers.last&.points || 0 }

        # Which question it is and how many points there are, in words.
        def count
          "#{place + 1} of #{@states.length}, level #{question.level}; #{Points.told(points)} of " \
            "#{@states.length * YellowTrack::Practice::Mark::MOST} points"
        end

        private

        def marks_of_last = Desk::Answering.new(question, @state.answers.last.typed).marks

        # The question that the page names.
        def wanted
          place = asked_number("place") || asked_number("at")
          place && @states.find { |one| one.asked.place == place }
        end
      end
    end
  end
end
