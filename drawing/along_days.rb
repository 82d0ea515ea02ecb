# frozen_string_literal: true

require "forwardable"

module YellowTrack
  module Drawing
    # Days beside each other along a track, and below it what others do and what is waited for, each on a line of its
    # own with its words in it or beside it. Whoever draws so has @days, a DaysBeside; says what is below, and whether a
    # box holds the end up.
    module AlongDays
      ROW = 30 # screen units, a line below
      LETTER = 6.6 # screen units that one takes, at the most
      extend Forwardable

      private

      # A day's left edge and its width, and where a moment stands, screen units.
      def_delegators :@days, :left, :wide, :x

      # Words that would run over are cut, with a sign that they were.
      def short(words, most) = (words.length > most) ? "#{words[0, most - 1].rstrip}…" : words

      # Boxes in rows, none over another or its words.
      def rows(boxes)
        ends = []
        boxes.sort_by { |box| [box.from, box.to] }.map do |box|
          row = ends.index { |taken| taken <= x(box.from) } || ends.length
          ends[row] = reach(box) + 14
          [box, row]
        end
      end

      # Never so narrow that it cannot be seen.
      def box_wide(box) = [x(box.to) - x(box.from), 6].max

      # About as wide as its words come: the page's own type is not known here.
      def words_wide(box) = 12 + LETTER * box.words.length

      # Words stand in a box that is long enough, else beside it.
      def inside?(box) = words_wide(box) <= box_wide(box)

      # Where a box ends, with its words.
      def reach(box) = x(box.from) + box_wide(box) + (inside?(box) ? 0 : words_wide(box))

      # What holds up the end is told from what does not.
      def box(box, row)
        from, top = x(box.from), below + row * ROW
        holds = holds?(box)
        css = [(box.others ? "others" : "wait"), *("holds" if holds)].join(" ")
        pen.rect([from, top], [box_wide(box), ROW - 8], css)
        pen.text([from + 6 + (inside?(box) ? 0 : box_wide(box)), top + 16], box.words, holds ? "figure" : "bay-word",
          anchor: "start")
      end
    end
  end
end
