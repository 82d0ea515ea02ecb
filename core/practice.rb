# frozen_string_literal: true

module YellowTrack
  # Judgement calls on made-up openings, marked by the same core that plans real ones
  # (handbook 12). A question is drawn from its drill, level and seed alone: the same for
  # everybody, as often as it is asked.
  module Practice
    LEVELS = 1..5
    SEEDS = 0..999_999
    VERSION = 3 # of how questions are drawn: a round stands on the one that it began with
    TRIES = 400 # draws, until one has a best answer that every slip misses

    # What is asked.
    #
    # file     [String] the command that reads its document: "plan", "move", "cut",
    #          "service" or "visits"
    # document [Hash] the file that it stands on
    # subject  [Object] what was read from it
    # units    [String] "mm" or "in"
    # asked    [String] in words
    # parts    [Array<Part>] what has to be said
    # given    [Hash{String => Numeric, String}] what else is known, mm or words, by a name
    # grain    [Rational] mm that its readings go by
    # play     [Bench, Door, nil] what goes on step by step before it is answered
    Question = Struct.new(:drill, :level, :seed, :file, :document, :subject, :units, :asked, :parts, :given, :grain,
      :play, keyword_init: true) do
      # @return [:mm, :in]
      def unit = (units == "in") ? :in : :mm
    end

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
      def choice? = kind == :choice

      # Whether it is a number of mm.
      def length? = %i[length place].include?(kind)

      # Whether it is a reading that is pressed where it stands on the drawing.
      def reading? = choice? && options.keys.any? { |key| key.include?(".") }
    end

    # What an answer would be by a slip; words name it.
    Slip = Struct.new(:words, :value)

    class << self
      # @return [Hash{String => Class}] drills by key, in the order of the work
      def drills
        @drills ||= [ReadOpening, Tightest, PanelWidth, WhatLap, DoesItFit, SideGap, PocketFrame, LeftToCut, Layered,
          CutFrom, WhichWay, CanAdjust, GuidePlace, WhatAils, HoldsUp, Schools].to_h { |drill| [drill::KEY, drill] }
      end

      # @param key [String] of a drill
      # @param level [Integer] 1 to 5
      # @param seed [Integer]
      # @param read [#call] gives what a command reads from a document
      # @return [Question]
      # @raise [Fault] for a drill, level or seed that there is not
      def question(key, level:, seed:, read:)
        drill = drills[key] or raise Fault.new("There is no drill \"#{key}\".", key: "drill")
        check(level, LEVELS, "level")
        check(seed, SEEDS, "seed")
        drill.new(level, seed, read).question
      end

      private

      def check(number, range, name)
        return if number.is_a?(Integer) && range.cover?(number)

        raise Fault.new("\"#{number}\" is no #{name}: it takes a whole number from #{range.min} to #{range.max}.",
          key: name)
      end
    end
  end
end
