# frozen_string_literal: true

module YellowTrack
  module Drawing
    # Differences as dots about the line of what was planned: short to the left, long to
    # the right, one row a kind.
    class Dots < Picture
      # What a row tells: its name, differences in mm.
      Row = Struct.new(:name, :differences, keyword_init: true)

      WIDTH = 560
      ROW = 54
      LEFT = 130 # where the names stand
      RADIUS = 4
      LEAST = 2 # mm that the field is wide at least, to each side

      # @param rows [Array<Row>]
      # @param printer [Length::Printer]
      # @param name [String] what ids begin with
      def initialize(rows, printer, name:)
        super(printer)
        @rows, @name = rows, name
        @most = [rows.flat_map(&:differences).map(&:abs).max || 0, LEAST].max
      end

      # Width and height, screen units.
      def size = [WIDTH, ROW * @rows.length + 22]

      # What stands in the window's own line.
      def title = "Taken beside planned"

      # What it is called in the page; one of each stands there.
      def id = @name

      # Draws it with its pen.
      def paint
        @rows.each_with_index { |row, place| row(row, place * ROW + 30) }
        [-@most, 0, @most].each { |mm| pen.text([x(mm), size.last - 4], signed(mm), "quiet") }
      end

      private

      def description
        @rows.map { |row| "#{row.name}: #{row.differences.map { |mm| signed(mm) }.join(", ")}." }.join(" ")
      end

      # Zero stands in the middle: to the right it came out larger than planned.
      def x(mm) = LEFT + (WIDTH - LEFT - 30) * (0.5 + mm.to_f / (2.0 * @most)) + 10

      # A line with its dots, one for each that was measured.
      def row(row, y)
        pen.text([0, y + 5], row.name, "bay-word", anchor: "start")
        pen.line([x(-@most), y], [x(@most), y], "extension")
        pen.line([x(0), y - 20], [x(0), y + 16], "cut")
        row.differences.group_by { |mm| (x(mm) / (2 * RADIUS)).round }.each_value do |same|
          same.each_with_index { |mm, place| pen.circle([x(mm), y - (place % 4) * 2 * RADIUS], RADIUS, "dot") }
        end
      end

      # More and less than even, with the sign that the bench's own words have.
      def signed(mm) = Adjust::Words.signed(mm, printer)
    end
  end
end
