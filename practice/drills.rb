# frozen_string_literal: true

module YellowTrack
  # Judgement calls on made-up openings, marked by the same core that plans real ones
  # (handbook 12).
  module Practice
    # The drills, in the order of the work. A question is drawn from its drill, level and seed
    # alone: the same for everybody, as often as it is asked.
    module Drills
      LEVELS = 1..5
      SEEDS = 0..999_999
      VERSION = 4 # of how questions are drawn: a round stands on the one that it began with

      class << self
        # @return [Hash{String => Class}] drills by key, in the order of the work
        def all
          @all ||= [ReadOpening, Tightest, PanelWidth, WhatLap, DoesItFit, SideGap, PocketFrame, LeftToCut, Layered,
            CutFrom, WhichWay, CanAdjust, GuidePlace, WhatAils, HoldsUp, WhichOnceMore,
            Schools].to_h { |drill| [drill::KEY, drill] }
        end

        # @param key [String] of a drill
        # @param level [Integer] 1 to 5
        # @param seed [Integer]
        # @param read [#call] gives what a command reads from a document
        # @return [Question]
        # @raise [Fault] for a drill, level or seed that there is not
        def question(key, level:, seed:, read:)
          drill = all[key] or raise Fault.new("There is no drill \"#{key}\".", key: "drill")
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
end
