# frozen_string_literal: true

module YellowTrack
  module Mending
    # What comes off a foot that the house has come down on, at each end (handbook 13,
    # "Pocket doors"): the design gap less the least that is found there. mm.
    class Trim
      # @return [Working]
      attr_reader :work
      # @return [Hash{String => Rational}] by side, where something comes off
      attr_reader :sides

      # @param design [Rational] the gap that is planned
      # @param found [Hash{String => Rational, nil}] least gap at each end
      def initialize(design, found)
        @work = Working.new
        @sides = found.compact.to_h { |side, gap| [side, off(design, side, gap)] }.select { |_, mm| mm.positive? }
        @work.freeze
        freeze
      end

      private

      def off(design, side, gap)
        work.sum("trim.#{side}", "Off the foot, #{side}", "most(design − found, 0)", design:, found: gap,
          why: "Sealed the same day.")
      end
    end
  end
end
