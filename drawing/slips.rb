# frozen_string_literal: true

module YellowTrack
  module Drawing
    # How sure a set is of its readings: of each, on one scale, from the slip that spoils it to the one that the other
    # readings show; what lies between them is hatched, to the right the truth is more, to the left it is less.
    class Slips < Picture
      include Hatching

      WIDTH = 372
      STEP = 34 # screen units, a reading
      TOP = 40
      MIDDLE = 255
      EACH = 5.5 # screen units, a mm
      MOST = 20 # mm
      HATCH = 6 # screen units between two lines of a bar

      # @param rows [Array<Sure::Row>]
      # @param printer [Length::Printer]
      def initialize(rows, printer)
        super(printer)
        @rows = rows
      end

      # What stands in the window's own line.
      def title = "Slips that spoil the set, and slips that are seen"

      # What it is called in the page.
      def id = "slips"

      # It grows with its readings, screen units.
      def size = [WIDTH, TOP + STEP * @rows.length + 10]

      # Its numbers in words.
      def description
        @rows.flat_map { |row| {"more" => row.more, "less" => row.less}.map { |side, way| told(row, side, way) } }
          .compact.join(" ")
      end

      # Draws it with its pen.
      def paint
        scale
        @rows.each_with_index { |row, place| bars(row, TOP + STEP * (place + 0.5)) }
      end

      private

      def named(row) = Survey::Words.name(row.key)

      # Only a slip that spoils is told; what it would be seen by belongs to it.
      def told(row, side, way)
        return unless way.spoils

        "#{named(row)}: #{printer.with_unit(way.spoils)} #{side} spoils, " \
          "#{way.seen ? "seen from #{printer.with_unit(way.seen)} on" : "never seen"}."
      end

      def x(mm) = MIDDLE + mm * EACH

      # Zero in the middle, what the reading was; to the right it would be more, to the left less.
      def scale
        [-MOST, -10, 0, 10, MOST].each do |mm|
          pen.text([x(mm), 22], mm.zero? ? "0" : say(mm), "quiet")
          pen.line([x(mm), 30], [x(mm), size.last - 6], mm.zero? ? "seen" : "tie")
        end
      end

      # Only a way that spoils has a bar: a reading that does no harm has its name alone.
      def bars(row, middle)
        pen.text([2, middle + 5], named(row), "name", anchor: "start")
        {1 => row.more, -1 => row.less}.each { |sign, way| bar(way, sign, middle) if way.spoils }
      end

      # From what spoils to what is seen; seen first, it stands alone.
      def bar(way, sign, middle)
        till = way.seen || MOST
        between(way.spoils * sign, till * sign, middle) if way.unseen
        pen.line([x(way.spoils * sign), middle - 11], [x(way.spoils * sign), middle + 11], "marked")
        pen.line([x(way.seen * sign), middle - 7], [x(way.seen * sign), middle + 7], "tick") if way.seen
      end

      # What spoils and is not seen yet is hatched: that stretch is why it is read again.
      def between(from, till, middle)
        left, right = [x(from), x(till)].minmax
        slanted([left, middle - 8], [right, middle + 8], step: HATCH)
      end
    end
  end
end
