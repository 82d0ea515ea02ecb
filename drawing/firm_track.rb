# frozen_string_literal: true

require "date"

module YellowTrack
  module Drawing
    # The firm's board (handbook 17): a rail a crew, the days one width, a house's visit hung on the rail under its day;
    # what others do and what is waited for below, what holds a job's end drawn thick.
    # A crew is a rail, a visit a panel that hangs from it on its day, and what the firm waits for stands below on the
    # days that it takes: the way that a fitter thinks of places that slide.
    class FirmTrack < Picture
      include AlongDays

      # A crew's rail: its key, its name, who is in it, its visits; away, days that it is not there, with the word for
      # it, by date.
      Rail = Struct.new(:key, :name, :people, :panels, :away, keyword_init: true)

      # A visit: its day, the house, its times, its lines; uid, what it is moved by; path, where it opens; now, whether
      # it is open; told, whether the customer knows of it; was, when it was before, nil where it did not move.
      Panel = Struct.new(:date, :title, :times, :lines, :uid, :path, :now, :told, :was, keyword_init: true)

      WIDE = 158
      SHUT = 14 # of a day that nobody works
      GUTTER = 116 # where the crews' names stand
      TOP = 34
      THICK = 9
      HANG = 16 # under a rail's top
      LINE = 16
      FEW = 4 # lines on a panel
      FITS = 22 # characters of a line
      EMPTY = 56 # of a rail that nothing hangs on
      FOOT = 30 # between rails
      RIGHT = 12

      # @param days [Array<VisitTrack::Day>] without a gap; kind :open or :closed
      # @param rails [Array<Rail>]
      # @param boxes [Array<VisitTrack::Box>]
      # @param holds [Array<String>] keys of the boxes that hold a job's end up
      # @param today [Date, nil] marked where it is among them
      def initialize(days, rails:, boxes: [], holds: [], today: nil)
        @rails, @holds = rails, holds
        @days = DaysBeside.new(days, edge: GUTTER, today:) { |day| (day.kind == :closed) ? SHUT : WIDE }
        @tops = rails.each_with_object([TOP]) { |rail, all| all << all.last + HANG + high(rail) + FOOT }
        @boxes = rows(boxes)
      end

      # Width and height, screen units.
      def size = [@days.right + RIGHT, below + ROW * (@boxes.map { |_, row| row + 1 }.max || 0) + 12]

      # What stands in the window's own line.
      def title = "The firm's board"

      # What it is called in the page; one of each stands there.
      def id = "board"

      # Draws it with its pen.
      def paint
        @days.all.each_with_index { |day, place| column(day, place) }
        @rails.each_with_index { |rail, number| rail(rail, @tops[number]) }
        pen.text([12, below + 16], "others, waits", "quiet", anchor: "start") if @boxes.any?
        @boxes.each { |box, row| box(box, row) }
      end

      private

      # Rail by rail, and then what is waited for, as one would read it out.
      def description
        rails = @rails.map do |rail|
          visits = rail.panels.map { |panel| told(panel) }.join("; ")
          "#{rail.name}: #{visits.empty? ? "nothing" : visits}."
        end
        (rails + @boxes.map { |box, _| "#{box.words}: #{box.from[0, 10]} to #{box.to[0, 10]}." }).join(" ")
      end

      # A visit with its day, its hours and what is done there.
      def told(panel)
        "#{panel.title} on #{panel.date.strftime("%-d %B")}, #{panel.times}, #{panel.lines.join(", ")}"
      end

      # What others do stands under the last rail.
      def below = @tops.last + 6

      # Whether it keeps the job's end from being sooner.
      def holds?(box) = @holds.include?(box.key)

      # Days that nobody works, and today, are shaded over all rails.
      def column(day, place)
        shaded = day.kind == :closed || @days.today?(day)
        pen.rect([left(place), TOP - 8], [wide(place), size.last - TOP], shaded ? "shut" : "open-day",
          "data-column": day.date.iso8601)
        return if day.kind == :closed

        pen.text([left(place) + 5, TOP - 14], [@days.heading(place), day.note].compact.join(", "),
          @days.today?(day) ? "figure" : "quiet", anchor: "start")
      end

      # Name and people at the left, up to three lines of them; the rail over all days; its two ends.
      def rail(rail, top)
        pen.text([12, top + 8], short(rail.name, 14), "figure", anchor: "start")
        rail.people.each_slice(2).first(3).each_with_index do |names, row|
          pen.text([12, top + 26 + row * LINE], short(names.join(", "), 15), "quiet", anchor: "start")
        end
        pen.rect([GUTTER, top], [@days.right - GUTTER, THICK], "runs", "data-rail": rail.key)
        [GUTTER, @days.right].each { |x| pen.line([x, top - 6], [x, top + THICK + 6], "datum") }
        away(rail, top)
        by_day(rail).each { |place, panels| hang(rail, panels, place, top:) }
      end

      # A crew that is away has the word for it where its visit would hang.
      def away(rail, top)
        rail.away.each do |date, word|
          place = @days.place(date) or next
          pen.text([left(place) + 8, top + HANG + 18], word, "bay-word", anchor: "start")
        end
      end

      # Visits of a day hang under each other, the first of them from the rail.
      def hang(rail, panels, place, top:)
        y = top + HANG
        panels.each_with_index do |panel, row|
          x, width = left(place) + 6, wide(place) - 12
          rollers(x, width, top) if row.zero?
          pen.group("visit#{" now" if panel.now}", **(panel.path ? link(panel, rail) : {})) do
            pen.rect([x, y], [width, panel_high(panel)], "face visit-face")
            write(panel, x + 8, y)
          end
          y += panel_high(panel) + 6
        end
      end

      # Two to a day, whatever hangs on it: the first panel is the one that they carry.
      def rollers(x, width, top)
        [x + 20, x + width - 20].each do |centre|
          pen.line([centre, top + THICK], [centre, top + HANG], "seen")
          pen.circle([centre, top + THICK / 2.0], 6, "runs")
        end
      end

      # House, times, and what is done: a dot where the customer was told the day.
      def write(panel, x, y)
        pen.text([x, y + 19], short(panel.title, FITS - 3), "figure", anchor: "start")
        pen.circle([x + WIDE - 34, y + 14], 5, "told") if panel.told
        pen.text([x, y + 36], short(panel.times, FITS), "quiet", anchor: "start")
        said(panel).each_with_index do |line, row|
          pen.text([x, y + 53 + row * LINE], line, "bay-word", anchor: "start")
        end
      end

      # What a panel that opens is to a hand and to a reader.
      def link(panel, rail)
        {tabindex: 0, role: "link", "data-visit": panel.uid, "data-day": panel.date.iso8601, "data-crew": rail.key,
         "data-href": panel.path,
         "aria-description": "#{panel.date.strftime("%-d %B")}, #{rail.name}#{", the customer knows" if panel.told}"}
      end

      # A few lines at most; the last says how many are left out.
      def said(panel)
        lines = [*("was #{panel.was}" if panel.was), *panel.lines].map { |line| short(line, FITS) }
        (lines.length > FEW) ? [*lines.first(FEW - 1), "and #{lines.length - FEW + 1} more"] : lines
      end

      # As high as its lines are many.
      def panel_high(panel) = 44 + LINE * said(panel).length

      # Visits under the place of their day; one on a day that is not shown has none.
      def by_day(rail)
        rail.panels.select { |panel| @days.place(panel.date) }.group_by { |panel| @days.place(panel.date) }
      end

      # A rail needs as much room as its fullest day.
      def high(rail)
        [EMPTY, *by_day(rail).values.map { |panels| panels.sum { |panel| panel_high(panel) + 6 } }].max
      end
    end
  end
end
