# frozen_string_literal: true

module YellowTrack
  module Practice
    # One answer of a question.
    #
    # key     [String] as its field is called
    # label   [String]
    # kind    [Symbol] what it takes: :length, mm; :place, mm along the opening; :choice, one
    #         of its options; :count, a whole number; :layers, mm from the jamb out; :bars,
    #         a bar for each piece; :turns, moves on the bench; :cause, what is asked of a
    #         door and what ails it
    # answer  [Object] the right one
    # entry   [Working::Entry, nil] of the plan's ledger that it stands in
    # why     [String, nil] where no sum says it
    # options [Hash{String => String}] what can be chosen, by its value, in words
    # slips   [Array<Slip>] that people make
    # over, under [String, nil] what happens on site where an answer is too large or too
    #         small; nil where the set still goes in by a little more, or less
    # stands_on [Object, nil] what the size of an error is worked out by
    Part = Struct.new(:key, :label, :kind, :answer, :entry, :why, :options, :slips, :over, :under, :stands_on,
      keyword_init: true) do
      # Whether one of several is pressed, and nothing typed.
      def choice? = kind == :choice

      # Whether it is a number of mm.
      def length? = %i[length place].include?(kind)

      # Whether it is a reading that is pressed where it stands on the drawing.
      def reading? = choice? && options.keys.any? { |key| key.include?(".") }
    end
  end
end
