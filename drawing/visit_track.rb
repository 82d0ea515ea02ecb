# frozen_string_literal: true

require "date"

module YellowTrack
  module Drawing
    # Time along the yellow track (handbook 14): visits hang on it as panels on rollers,
    # the bare track between them is waiting, what others do stands below, dashed; what
    # holds the job up is drawn through. Days that something happens on are wide.
    class VisitTrack < Picture
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

      WIDE = {visit: 158, shop: 84, bare: 58, closed: 24}.freeze
      LEFT = 12
      TRACK = 34 # y of the track's top
      THICK = 9
      HANG = TRACK + THICK + 14
      HIGH = 128 # of a panel
      ROW = 30
      FEW = 5 # lines on a panel
      FITS = 25 # characters of a line
      DAY = 1440
      BELOW = HANG + HIGH + 20

      # @param days [Array<Day>] without a gap
      # @param panels [Array<Panel>]
      # @param boxes [Array<Box>]
      # @param chain [Array<Stretch>]
      def initialize(days, panels:, boxes: [], chain: [], name: "visits")
        @days, @panels, @name = days, panels, name
        @lefts = days.each_with_object([LEFT]) { |day, all| all << all.last + WIDE.fetch(day.kind) }
        @place = days.each_with_index.to_h { |day, place| [day.date, place] }
        @boxes = rows(boxes)
        @chain = chain
      end

      # Width and height, screen units.
      def size = [@lefts.last + LEFT, BELOW + ROW * (@boxes.map { |_, row| row + 1 }.max || 0) + 12]

      # What stands in the window's own line.
      def title = "Visits along the track"

      # What it is called in the page; one of each stands there.
      def id = @name

      # Draws it with its pen.
      def paint
        @days.each_with_index { |day, place| column(day, place) }
        track
        @boxes.each { |box, row| box(box, row) }
        through
        @panels.each { |panel| hang(panel) }
      end

      private

      def description
        @panels.map { |panel|
          "#{panel.title} on #{panel.date.strftime("%-d %B")}, #{panel.times}: #{panel.lines.join(", ")}."
        }.join(" ") + @boxes.map { |box, _| " #{box.words}: #{box.from[0, 10]} to #{box.to[0, 10]}." }.join
      end

      def left(place) = @lefts[place]

      def wide(place) = @lefts[place + 1] - @lefts[place]

      def column(day, place)
        high = size.last - 12
        @pen.rect([left(place), TRACK], [wide(place), high - TRACK], (day.kind == :closed) ? "shut" : "open-day",
          "data-column": day.date.iso8601)
        @pen.line([left(place), TRACK - 8], [left(place), TRACK], "tick")
        return if day.kind == :closed

        @pen.text([left(place) + 5, TRACK - 11], day.date.strftime((day.date.day == 1 || place.zero?) ? "%-d %b %a" :
          "%-d %a"), "quiet", anchor: "start")
        return unless day.note

        @pen.text([left(place) + 5, HANG + 14], day.note, "quiet", anchor: "start")
      end

      def track
        @pen.rect([LEFT, TRACK], [@lefts.last - LEFT, THICK], "runs")
        [LEFT, @lefts.last].each { |x| @pen.line([x, TRACK - 9], [x, TRACK + THICK + 9], "datum") }
      end

      def hang(panel)
        place = @place[panel.date] or return
        x, width = left(place) + 6, wide(place) - 14
        [x + 20, x + width - 20].each do |centre|
          @pen.line([centre, TRACK + THICK], [centre, HANG], "seen")
        end
        @pen.group("visit#{" now" if panel.now}#{" clash" if panel.clash}", **(panel.path ? link(panel) : {})) do
          @pen.rect([x, HANG], [width, HIGH], "face visit-face")
          [x + 20, x + width - 20].each { |centre| @pen.circle([centre, TRACK + THICK / 2.0], 6, "runs") }
          write(panel, x + 10)
        end
      end

      # What a panel that opens is to a hand and to a reader.
      def link(panel)
        {tabindex: 0, role: "link", "data-visit": panel.uid, "data-day": panel.date.iso8601, "data-href": panel.path,
         "aria-description": panel.date.strftime("%-d %B")}
      end

      def write(panel, x)
        @pen.text([x, HANG + 20], short(panel.title, FITS - 3), "figure", anchor: "start")
        @pen.text([x, HANG + 37], panel.times, "quiet", anchor: "start")
        lines = panel.lines.map { |line| short(line, FITS) }
        lines = [*lines.first(FEW - 1), "and #{lines.length - FEW + 1} more"] if lines.length > FEW
        lines.each_with_index { |line, row| @pen.text([x, HANG + 54 + row * 16], line, "bay-word", anchor: "start") }
      end

      def short(words, most) = (words.length > most) ? "#{words[0, most - 1].rstrip}…" : words

      # Where a moment stands: within its day by the clock.
      def x(moment)
        date = Date.iso8601(moment[0, 10])
        place = @place[date]
        return (date < @days.first.date) ? LEFT : @lefts.last unless place

        hours, minutes = moment[11, 5].split(":").map(&:to_i)
        left(place) + wide(place) * (hours * 60 + minutes) / DAY.to_f
      end

      # Boxes in rows, none over another.
      def rows(boxes)
        ends = []
        boxes.sort_by { |box| [box.from, box.to] }.map do |box|
          from, to = x(box.from), [x(box.to), x(box.from) + 9 * [box.words.length, 8].max * 0.72].max
          row = ends.index { |taken| taken <= from } || ends.length
          ends[row] = to + 8
          [box, row]
        end
      end

      def box(box, row)
        from, to, top = x(box.from), x(box.to), BELOW + row * ROW
        if box.others
          @pen.rect([from, top], [[to - from, 4].max, ROW - 8], "others")
        else
          @pen.line([from, top + ROW - 10], [[to, from + 4].max, top + ROW - 10], "seen")
        end
        @pen.text([from + 6, top + 15], box.words, "bay-word", anchor: "start")
      end

      # What holds the job up, drawn through.
      def through
        points = @chain.flat_map { |stretch| points(stretch) }
        @pen.polyline(points, "chain") if points.length > 1
      end

      def points(stretch)
        _, row = @boxes.find { |box, _| stretch.at && box.key == stretch.at }
        y = row ? BELOW + row * ROW + ROW - 9 : HANG + HIGH + 8
        [[x(stretch.from), y], [x(stretch.to), y]]
      end
    end
  end
end
