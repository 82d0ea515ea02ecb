# frozen_string_literal: true

module YellowTrack
  module Practice
    # A made-up opening at a level (handbook 12, "Difficulty"): round millimetres and
    # nothing in the way; odd ones and a covering; readings that differ; inches with
    # sixteenths and two things at once; answers close together.
    class MadeUp
      SIXTEENTH = 254r / 160

      # @return [Integer]
      attr_reader :level
      # @return [Random]
      attr_reader :random

      # @param random [Random]
      # @param level [Integer]
      def initialize(random, level)
        @random, @level = random, level
      end

      # @return [String] inches come at the fourth level
      def units = (level == 4) ? "in" : "mm"

      # @return [Rational] mm
      def grain = (level == 4) ? SIXTEENTH : 1r

      # A whole number of grains as it stands in an opening file.
      #
      # @param grains [Integer]
      # @return [Numeric] in the file's unit
      def told(grains) = (level == 4) ? grains / 16.0 : grains

      # A length about so many millimetres, in grains; round where the level is.
      #
      # @param range [Range] mm
      # @return [Integer] grains
      def about(range)
        step = (level == 1) ? 10 : 1
        (@random.rand(range) / grain / step).round * step
      end

      # Bumpers at the ends of the run, from the second level on.
      #
      # @return [Hash] key of a set
      def bumper = if level == 1
                     {}
                   else
                     {"bumper" => told(about((level == 5) ? 2..3 : 5..9))}
                   end

      # @return one of them, the same for the same seed
      def pick(list) = list.to_a.sample(random: @random)

      # How far readings lie from each other, in grains.
      def apart = if level == 1
                    pick([10, 20, 30])
                  else
                    pick((level == 5) ? 1..3 : 2..7)
                  end

      # Three readings of one length: alike, or the tightest among them.
      #
      # @param grains [Integer] the tightest
      # @return [Array<Integer>]
      def three(grains, differ)
        return [grains] * 3 unless differ

        other = apart
        [0, other, pick([0, other])].shuffle(random: @random).map { |more| grains + more }
      end

      # The covering that is still to come, or is laid; nothing at level 1.
      #
      # @return [Hash]
      def covering
        return {"thickness" => 0, "laid" => true} if level == 1

        {"thickness" => told(about((level == 5) ? 2..4 : 6..16)), "laid" => level >= 3 && pick([true, false])}
      end

      # Rises of the floor at its ends and in the middle.
      #
      # @param width [Integer] grains
      # @return [Array<Array>]
      def floor(width)
        rises = (level < 3) ? [0, 0, 0] : [0, apart, pick(1..3)].shuffle(random: @random)
        [0, width / 2, width].zip(rises).map { |at, rise| [told(at), told(rise - rises.min)] }
      end

      # @param width [Range] mm
      # @param height [Range] mm
      # @param differ [Boolean] whether readings of one length do
      # @return [Hash] an opening file without its set
      def document(width, height, differ: level >= 3)
        widths, heights = three(about(width), differ), three(about(height), differ)
        {"format" => "yellow-track/opening", "version" => 1, "name" => "Practice", "units" => units,
         "survey" => {"widths" => named(%w[top middle bottom], widths),
                      "heights" => named(%w[left middle right], heights), "floor" => floor(widths.last),
                      "covering" => covering}}
      end

      private

      def named(names, lengths) = names.zip(lengths.map { |one| told(one) }).to_h
    end
  end
end
