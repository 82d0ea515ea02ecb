# frozen_string_literal: true

require "date"
require "stringio"

module YellowTrack
  module Drawing
    module Paper
      # What a customer gets when doors are handed over (handbook 10): one sheet of A4.
      # The sheet that stays in the house: what was fitted, how it was left, how it is kept, when we come again, and
      # who was there.
      class HandOverSheet
        # title and place as they are headed; head over fitted; fitted, open, cautions, lines; gaps, by
        # panel; care, lines by what they are about; names and lines, by who; pictures,
        # JPEG with its caption; drawing, of the set, which stands there without them.
        Content = Struct.new(:title, :place, :date, :address, :head, :fitted, :gaps, :care, :open, :cautions,
          :look_back, :names, :lines, :pictures, :drawing, keyword_init: true)

        CARE = {"clean" => "How to clean it", "watch" => "What to watch", "call" => "When to call"}.freeze
        PICTURE = 150 # points high
        DRAWN = 230 # points high, the drawing
        FOOT = 92 # points that the names take
        SIZES = [10, 9].freeze # of type, until it fits; else it goes on over the page
        FIELD = [400.0, 120.0].freeze # of a drawn line

        # @param content [Content]
        # @param firm [String, nil] at its head
        def initialize(content, firm: nil)
          @content = content
          @page = Page.new("#{content.title}, hand-over", firm:)
        end

        # @return [String] PDF
        def render
          @page.begin(Page::Heading.new(title: @content.title, place: "#{@content.place} · hand-over",
            date: @content.date, address: @content.address))
          below = pictures(@page.top)
          words(below)
          names
          @page.render
        end

        private

        def pdf = @page.pdf

        # Before at the left and after at the right; without pictures the set's drawing has their place.
        def pictures(top)
          return drawing(top) if @content.pictures.empty?

          width = (@page.wide - 12) / 2
          @content.pictures.each_with_index do |(jpeg, caption), place|
            x = place * (width + 12)
            pdf.image(StringIO.new(jpeg), at: [x, top], fit: [width, PICTURE])
            @page.text("#{place.zero? ? "before" : "after"}: #{caption}", at: [x, top - PICTURE - 2], size: 9, width:)
          end
          top - PICTURE - 18
        end

        # The set as it hangs, over the whole width.
        def drawing(top)
          return top unless @content.drawing

          @page.drawing(@content.drawing, at: [0, top], width: @page.wide, height: DRAWN)
          top - DRAWN - 8
        end

        # The largest type in which all of it fits.
        def words(top)
          high = top - FOOT
          size = SIZES.find { |one| measured(one) <= high } || SIZES.last
          pdf.bounding_box([0, top], width: @page.wide, height: high) do
            parts.each { |head, lines| part(head, lines, size) }
          end
        end

        # What is empty is left out, heading and all.
        def parts
          gaps = @content.gaps.map { |panel, list| "#{panel}: #{list.join(", ")}" }
          [[@content.head, @content.fitted], ["Gaps", gaps], ["Still to be minded", @content.open],
            *CARE.map { |key, head| [head, @content.care[key]] }, ["Cautions", @content.cautions],
            ["Look back", ["On #{@content.look_back} we read the gaps again."]]]
            .reject { |_, lines| lines.empty? }
        end

        # A heading with its lines under it.
        def part(head, lines, size)
          pdf.text(head, size: size + 1, style: :bold)
          lines.each { |line| pdf.text(line, size:, leading: 1) }
          pdf.move_down(size / 2.0)
        end

        # How high it would come in a size of type, asked before any of it is written.
        def measured(size)
          parts.sum do |head, lines|
            pdf.height_of(head, size: size + 1, style: :bold) + size / 2.0 +
              lines.sum { |line| pdf.height_of(line, size:, leading: 1) }
          end
        end

        # Both names stand under a line at the sheet's foot, whatever stands above it.
        def names
          width = (@page.wide - 24) / 2
          Signers::WORDS.each_with_index do |(key, label), place|
            x = place * (width + 24)
            drawn(@content.lines[key], x, width)
            pdf.stroke_line([x, 26], [x + width, 26])
            @page.text([@content.names[key], label].compact.join(", "), at: [x, 22], size: 9, width:)
          end
        end

        # A line that was drawn, in its place over the name's.
        def drawn(line, left, width)
          return unless line

          scale = [width / FIELD[0], 60 / FIELD[1]].min
          line.scan(/M[^M]+/).each do |stroke|
            points = stroke.scan(/(\d+) (\d+)/).map { |x, y| [left + x.to_i * scale, 28 + (FIELD[1] - y.to_i) * scale] }
            points.each_cons(2) { |from, to| pdf.stroke_line(from, to) }
          end
        end
      end
    end
  end
end
