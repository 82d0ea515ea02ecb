# frozen_string_literal: true

module YellowTrack
  module Practice
    # Pieces shared out over bars (handbook 7 and 12): what does not go in is wrong, what
    # costs more is usable, what takes more bars or leaves a shorter offcut good. It stands on a Rack.
    class BarsMark < Mark
      # @return [Rational] mm by which a bar is too short, or else what it cost too much
      def off = rack.over(given).then { |over| over.positive? ? over : rack.dearer(given) }

      # @return [Symbol] by chapter 12: what does not fit is wrong, what is dear is only less good
      def grade
        return :wrong if rack.over(given).positive?
        return :usable if rack.dearer(given).positive?

        rack.best?(given) ? :exact : :good
      end

      # @return [Slip, nil] that it looks like
      def slip
        return if grade == :exact

        mine = rack.alike(given)
        part.slips.find { |slip| rack.alike(slip.value) == mine }
      end

      # @return [String, nil] what would come of it at the saw
      def site = rack.over(given).positive? ? "the last piece of a bar comes out short: another bar is bought" : nil

      # @return [Rational, nil] mm: money is told another way
      def told_off = rack.over(given).positive? ? off : nil

      private

      def rack = part.stands_on
    end
  end
end
