# frozen_string_literal: true

module YellowTrack
  module Practice
    # Pieces shared out over bars (handbook 7 and 12): what does not go in is wrong, what
    # costs more is usable, what takes more bars or leaves a shorter offcut good. It stands on a Rack.
    class BarsMark < Mark
      def off = rack.over(given).then { |over| over.positive? ? over : rack.dearer(given) }

      def grade
        return :wrong if rack.over(given).positive?
        return :usable if rack.dearer(given).positive?

        rack.best?(given) ? :exact : :good
      end

      def slip
        return if grade == :exact

        mine = rack.alike(given)
        part.slips.find { |slip| rack.alike(slip.value) == mine }
      end

      def site = rack.over(given).positive? ? "the last piece of a bar comes out short: another bar is bought" : nil

      def told_off = rack.over(given).positive? ? off : nil

      private

      def rack = part.stands_on
    end
  end
end
