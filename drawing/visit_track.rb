# frozen_string_literal: true

require "date"

module YellowTrack
  module Drawing
    # Time along the yellow track (handbook 14): visits hang on it as panels on rollers,
    # the bare track between them is waiting. What others do stands below, dashed, and what is waited for, each
    # on a line of its own with its words in it or beside it; what holds the job up is drawn thick. Days are one
    # width, those that are shut a gap.
    # One crew's days along one rail. A visit is as wide as its day, whatever it takes: times are told in words, and
    # what is drawn is the order and the waits.
    class VisitTrack < Picture
      include AlongDays

      # A day: date; kind, :visit, :shop, :bare or :closed; note, under its name.
      Day = Struct.new(:date, :kind, :note, keyword_init: true)

      # A visit: its day, its name and times, its lines; uid, what it is moved by;
      # path, where it opens, nil where it does not; now, whether it is open; clash, whether the crew is to be
      # in two places.
      Panel = Struct.new(:date, :title, :times, :lines, :uid, :path, :now, :clash, keyword_init: true)

      # What others do, or what is waited for: from and to, moments as the visits file
      # has them; others, whether it is others'.
      Box = Struct.new(:from, :to, :words, :others, :key, keyword_init: true)

      # A stretch of the chain: from and to; at, the key of the box it goes through, nil
      # for work.
      Stretch = Struct.new(:from, :to, :at, keyword_init: true)

      WIDE = {visit: 150, shop: 150, bare: 150, closed: 14}.freeze
      LEFT = 12
      TRACK = 34 # y of the track's top
      THICK = 9
      HANG = TRACK + THICK + 14
      HIGH = 128 # of a panel
      FEW = 5 # lines on a panel
      FITS = 21 # characters of a line
      BELOW = HANG + HIGH + 20

      # @param days [Array<Day>] without a gap
      # @param panels [Array<Panel>]
      # @param boxes [Array<Box>]
      # @param chain [Array<Stretch>]
      # @param today [Date, nil] marked where it is among them
      def initialize(days, panels:, boxes: [], chain: [], name: "visits", today: nil)
        @panels, @name, @chain = panels, name, chain
        @days = DaysBeside.new(days, edge: LEFT, today:) { |day| WIDE.fetch(day.kind) }
        @boxes = rows(boxes)
      end

      # Width and height, screen units.
      def size = [@days.right + LEFT, BELOW + ROW * (@boxes.map { |_, row| row + 1 }.max || 0) + 12]

      # What stands in the window's own line.
      def title = "Visits along the track"

      # What it is called in the page; one of each stands there.
      def id = @name

      # Draws it with its pen.
      def paint
        @days.all.each_with_index { |day, place| column(day, place) }
        track
        @boxes.each { |box, row| box(box, row) }
        @panels.each { |panel| hang(panel) }
        worked
      end

      private

      # As it would be read out: day by day, then the waits.
      def description
        @panels.map { |panel|
          "#{panel.title} on #{panel.date.strftime("%-d %B")}, #{panel.times}: #{panel.lines.join(", ")}."
        }.join(" ") + @boxes.map { |box, _| " #{box.words}: #{box.from[0, 10]} to #{box.to[0, 10]}." }.join
      end

      # Under the panels: what others do and what dries.
      def below = BELOW

      # Whether the end of the job waits for it.
      def holds?(box) = @chain.any? { |stretch| stretch.at == box.key }

      # Each day with its date; the shop's days and days off have their own shade.
      def column(day, place)
        high = size.last - 12
        today = @days.today?(day)
        pen.rect([left(place), TRACK], [wide(place), high - TRACK],
          (day.kind == :closed || today) ? "shut" : "open-day", "data-column": day.date.iso8601)
        pen.line([left(place), TRACK - 8], [left(place), TRACK], "tick")
        return if day.kind == :closed

        pen.text([left(place) + 5, TRACK - 11], @days.heading(place), today ? "figure" : "quiet", anchor: "start")
        return unless day.note

        pen.text([left(place) + 5, HANG + 14], day.note, "quiet", anchor: "start")
      end

      # The rail over all days, and its ends.
      def track
        pen.rect([LEFT, TRACK], [@days.right - LEFT, THICK], "runs")
        [LEFT, @days.right].each { |x| pen.line([x, TRACK - 9], [x, TRACK + THICK + 9], "datum") }
      end

      # A panel from the rail, by two rollers, with what is done that day.
      def hang(panel)
        place = @days.place(panel.date) or return
        x, width = left(place) + 6, wide(place) - 14
        [x + 20, x + width - 20].each do |centre|
          pen.line([centre, TRACK + THICK], [centre, HANG], "seen")
        end
        pen.group("visit#{" now" if panel.now}#{" clash" if panel.clash}", **(panel.path ? link(panel) : {})) do
          pen.rect([x, HANG], [width, HIGH], "face visit-face")
          [x + 20, x + width - 20].each { |centre| pen.circle([centre, TRACK + THICK / 2.0], 6, "runs") }
          write(panel, x + 10)
        end
      end

      # What a panel that opens is to a hand and to a reader.
      def link(panel)
        {tabindex: 0, role: "link", "data-visit": panel.uid, "data-day": panel.date.iso8601, "data-href": panel.path,
         "aria-description": panel.date.strftime("%-d %B")}
      end

      # Title, times and lines; what does not fit is counted.
      def write(panel, x)
        pen.text([x, HANG + 20], short(panel.title, FITS - 3), "figure", anchor: "start")
        pen.text([x, HANG + 37], panel.times, "quiet", anchor: "start")
        lines = panel.lines.map { |line| short(line, FITS) }
        lines = [*lines.first(FEW - 1), "and #{lines.length - FEW + 1} more"] if lines.length > FEW
        lines.each_with_index { |line, row| pen.text([x, HANG + 54 + row * 16], line, "bay-word", anchor: "start") }
      end

      # Of what holds the job up, the work: the foot of its visits.
      def worked
        dates = @chain.reject(&:at).map { |stretch| Date.iso8601(stretch.from[0, 10]) }
        @panels.map(&:date).intersection(dates).filter_map { |date| @days.place(date) }.each do |place|
          foot = HANG + HIGH
          pen.line([left(place) + 6, foot], [left(place) + wide(place) - 8, foot], "chain")
        end
      end
    end
  end
end
