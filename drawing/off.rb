# frozen_string_literal: true

module YellowTrack
  module Drawing
    # How far off answers were over time, each a dot over or under the line of the right one,
    # the latest at the right; a stroke where another day begins.
    class Off < Picture
      STEP, HALF, DOT, FOOT = 11, 22, 3.5, 16
      ANSWERS = 20 # that it has room for
      MOST = 12.0 # mm at the edge: what is further off stands there

      # @param name [String] of the drill
      # @param offs [Array<Array(Date, Numeric)>] day and mm, the oldest first; the latest are
      #   drawn
      def initialize(name, offs)
        @name, @offs = name, offs.last(ANSWERS)
      end

      # What stands in the window's own line.
      def title = "#{@name}: #{@offs.length} answers, the last #{figure(@offs.last.last.abs)} mm off"

      # What it is called in the page; one of each stands there.
      def id = "off-#{@name.downcase.gsub(/[^a-z]+/, "-")}"

      # Width and height, screen units.
      def size = [STEP * ANSWERS, HALF * 2 + FOOT]

      # Draws it with its pen.
      def paint
        pen.line([0, HALF], [size.first, HALF], "extension")
        @offs.each_with_index { |(_, off), place| pen.circle([x(place), HALF - reach(off)], DOT, "dot") }
        days.each { |place, day| stroke(place, day) }
      end

      private

      # Each answer has its column, the latest at the right.
      def x(place) = STEP * (place + 0.5)

      # Where each day begins.
      def days
        @offs.each_with_index.chunk_while { |(one, _), (other, _)| one.first == other.first }
          .map { |chunk| [chunk.first.last, chunk.first.first.first] }
      end

      # Its day stands under it, where there is room for one.
      def stroke(place, day)
        left = STEP * place
        pen.line([left, 2], [left, HALF * 2 - 2], "tick") unless place.zero?
        @named = -STEP * 9 if place.zero?
        return if left - @named < STEP * 5 || left > size.first - STEP * 4

        @named = left
        pen.text([left + 1, size.last - 2], day.strftime("%-d %b"), "quiet", anchor: "start")
      end

      def description
        days = @offs.group_by(&:first).map do |day, offs|
          "#{day.strftime("%-d %B")}: #{offs.map { |_, off| "#{figure(off)} mm" }.join(", ")}"
        end
        days.join("; ")
      end

      # Tenths: what an adjuster cannot turn is not drawn.
      def figure(mm) = mm.to_f.round(1)

      # What is far off goes to the edge and no farther: that it was far is enough.
      def reach(off) = (off.to_f.clamp(-MOST, MOST) / MOST) * (HALF - DOT)
    end
  end
end
