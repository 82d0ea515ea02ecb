# frozen_string_literal: true

module YellowTrack
  module Web
    module Practice
      # A question by its number, that nobody keeps the answer of.
      class Free < QuestionScreen
        # @param marks [Array<YellowTrack::Practice::Mark>, nil]
        # @param typed [Hash, nil] what they are of
        def initialize(book, question, marks: nil, typed: nil, **rest)
          super(book, **rest)
          @question, @marks = question, marks
          given = params["part"]
          @typed_parts = typed || (given.is_a?(Hash) ? given : {})
        end

        def action = Paths.practice(question.drill, question.seed.to_s, level: question.level)

        def done? = !marks.nil?

        def tries = 0

        def place = nil

        def onward = Paths.practice(question.drill, ((question.seed + 1) % 1_000_000).to_s, level: question.level)

        def onward_says = "The next one"

        def count = "level #{question.level}, number #{question.seed}"
      end
    end
  end
end
