# frozen_string_literal: true

module YellowTrack
  module Web
    module Practice
      # A question by its number, that nobody keeps the answer of.
      class Free < QuestionScreen
        # @param marks [Array<YellowTrack::Practice::Mark>, nil]
        # @param typed [Hash, nil] what was typed
        # @param steps [Array<String>] done so far
        def initialize(book, question, marks: nil, typed: nil, steps: [], **rest)
          super(book, **rest)
          @question, @marks, @steps, @typed_parts = question, marks, steps, typed || {}
        end

        def action = Paths.practice(question.drill, question.seed.to_s, level: question.level)

        def done? = !marks.nil?

        def tries = 0

        def slips_so_far = []

        def place = nil

        def onward = Paths.practice(question.drill, ((question.seed + 1) % 1_000_000).to_s, level: question.level)

        def onward_says = "The next one"

        def count = "level #{question.level}, number #{question.seed}"
      end
    end
  end
end
