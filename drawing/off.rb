# frozen_string_literal: true

module YellowTrack
  module Drawing
    # How far off answers were, each a dot over or under the line of the right one, the
    # latest at the right.
    class Off < Picture
      STEP, HALF, DOT = 11, 22, 3.5
      ANSWERS = 20 # that it has room for
      MOST = 12.0 # mm at the edge: what is further off stands there

      # @param name [String] of the drill
      # @param offs [Array<Numeric>] mm, the oldest first; the latest are drawn
      def initialize(name, offs)
        @name, @offs = name, offs.last(ANSWERS)
      end

      def title = "#{@name}: #{@offs.length} answers, the last #{@offs.last.abs.to_f.round(1)} mm off"

      def id = "off-#{@name.downcase.tr(" ", "-")}"

      def size = [STEP * ANSWERS, HALF * 2]

      def paint
        @pen.line([0, HALF], [size.first, HALF], "extension")
        @offs.each_with_index { |off, place| @pen.circle([STEP * (place + 0.5), HALF - reach(off)], DOT, "dot") }
      end

      private

      def description = @offs.map { |off| "#{off.to_f.round(1)} mm" }.join(", ")

      def reach(off) = (off.to_f.clamp(-MOST, MOST) / MOST) * (HALF - DOT)
    end
  end
end
