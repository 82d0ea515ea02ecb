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

        # Where the answer is sent.
        def action = Paths.practice(question.drill, question.seed.to_s, level: question.level)

        # Whether all of it is done.
        def done? = !marks.nil?

        # Tries so far: none counts here.
        def tries = 0

        # Slips so far: none is kept here.
        def slips_so_far = []

        # Its place in a round: it has none.
        def place = nil

        # Where the next one is.
        def onward = Paths.practice(question.drill, ((question.seed + 1) % 1_000_000).to_s, level: question.level)

        # What the press to it says.
        def onward_says = "The next one"

        # Which question it is, in words.
        def count = "level #{question.level}, number #{question.seed}"
      end
    end
  end
end
