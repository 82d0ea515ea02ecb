# frozen_string_literal: true

module YellowTrack
  module Drawing
    module Paper
      # An offer on A4 (handbook 10): what it is for, and one figure.
      class OfferSheet
        DATE = "%-d %B %Y"
        PER_PAGE = 34 # openings on a sheet

        # @param told [Hash] job, place, number, made_on, valid_until (Date), total, lines,
        #   note, address, firm (nil for none)
        def initialize(**told)
          @told = told
          @page = Page.new("Offer #{told[:number]}", firm: told[:firm])
        end

        # @return [String] PDF
        def render
          sheets = @told[:lines].each_slice(PER_PAGE).to_a
          sheets.each_with_index { |lines, place| sheet(lines, last: place == sheets.length - 1) }
          @page.render
        end

        private

        def sheet(lines, last:)
          @page.begin(Page::Heading.new(title: "Offer #{@told[:number]}", place: [@told[:job], @told[:place]]
            .reject(&:empty?).join(", "), date: @told[:made_on].strftime(DATE), address: @told[:address]))
          @page.pdf.bounding_box([0, @page.top], width: @page.wide, height: @page.top) do
            @page.pdf.text("Doors, fitted and adjusted:", size: 11, style: :bold)
            lines.each { |line| @page.pdf.text(line, size: 10, leading: 2) }
            figure if last
          end
        end

        def figure
          pdf = @page.pdf
          pdf.move_down(18)
          pdf.text(@told[:total], size: 26, style: :bold)
          pdf.text("for all of it. Valid until #{@told[:valid_until].strftime(DATE)}.", size: 10)
          pdf.move_down(10)
          pdf.text(@told[:note], size: 10) unless @told[:note].to_s.empty?
          pdf.move_down(30)
          pdf.stroke_line([0, pdf.cursor], [240, pdf.cursor])
          pdf.move_down(4)
          pdf.text("taken up: name, date", size: 9)
        end
      end
    end
  end
end
