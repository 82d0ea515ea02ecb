# frozen_string_literal: true

module YellowTrack
  # Judgement calls on made-up openings, marked by the same core that plans real ones
  # (handbook 12). A question is drawn from its drill, level and seed alone: the same for
  # everybody, as often as it is asked.
  module Practice
    LEVELS = 1..5
    SEEDS = 0..999_999
    TRIES = 400 # draws, until one has a best answer that every slip misses

    # What is asked of an opening.
    #
    # document [Hash] the opening file that it stands on: bin/plan reads it
    # asked    [String] in words
    # parts    [Array<Part>] what has to be said
    # given    [Hash{String => Numeric}] what the kit says of it, mm, by a name
    # grain    [Rational] mm that its readings go by
    Question = Struct.new(:drill, :level, :seed, :document, :opening, :asked, :parts, :given, :grain,
      keyword_init: true)

    # One answer of a question.
    #
    # key     [String] as its field is called
    # label   [String]
    # kind    [:length, :place, :choice] what it takes: mm, mm along the opening, or one of its options
    # answer  [Rational, Float, String] the right one
    # entry   [Working::Entry, nil] of the plan's ledger that it stands in
    # why     [String, nil] where no sum says it
    # options [Hash{String => String}] what can be chosen, by its value, in words
    # slips   [Array<Slip>] that people make
    # over, under [String, nil] what happens on site where an answer is too large or too
    #         small; nil where the set still goes in by a little more, or less
    Part = Struct.new(:key, :label, :kind, :answer, :entry, :why, :options, :slips, :over, :under,
      keyword_init: true) do
      def choice? = kind == :choice

      # Whether it is a reading that is pressed where it stands on the drawing.
      def reading? = choice? && options.keys.any? { |key| key.include?(".") }
    end

    # What an answer would be by a slip; words name it.
    Slip = Struct.new(:words, :value)

    class << self
      # @return [Hash{String => Class}] drills by key, in the order of the work
      def drills
        @drills ||= [ReadOpening, Tightest, PanelWidth, WhatLap, DoesItFit, SideGap, PocketFrame, GuidePlace]
          .to_h { |drill| [drill::KEY, drill] }
      end

      # @param key [String] of a drill
      # @param level [Integer] 1 to 5
      # @param seed [Integer]
      # @param read [#call] gives the opening of an opening file
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
