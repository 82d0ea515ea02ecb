# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A framed panel: its stiles with their horns, its rails and what fills it.
    # Stiles go past the rails at both ends, by horns that are sawn off once it is glued: they are drawn, for they are
    # cut to that length.
    class Framed < Picture
      WIDTH = 330
      HEIGHT = 400
      BOX = [90, 34, 170, 310].freeze

      # @param frame [Prepare::FramedPanel]
      # @param printer [Length::Printer]
      def initialize(frame, width:, height:, printer:)
        @frame = frame
        @width = width
        @height = height
        super(printer)
        @picture = Frame.new(width, height, BOX)
      end

      # What stands in the window's own line.
      def title = "Framed panel"

      # What it is called in the page; one of each stands there.
      def id = "framed"

      # Draws it with its pen.
      def paint
        [0r, @width - @frame.stile].each do |x|
          member(x, -Prepare::FramedPanel::HORN, x + @frame.stile, head: @height + Prepare::FramedPanel::HORN)
        end
        @frame.rail_places.each { |foot, head| member(@frame.stile, foot, @width - @frame.stile, head:) }
        measures
      end

      private

      # All its parts with their sizes.
      def description
        "Stiles #{say(@frame.stiles)} long and #{say(@frame.stile)} wide, rails #{say(@frame.rail_length)} long and " \
          "#{@frame.rails.map { |rail| say(rail) }.join(", ")} wide, " \
          "#{infill_words}."
      end

      # What fills the openings between the rails, all of one size.
      def infill_words
        infill = @frame.infills.first or return "and no opening left to fill"
        "#{@frame.infills.length} infills of #{say(infill.width)} × #{say(infill.height)}"
      end

      # A stile or a rail, from one corner to the other.
      def member(left, foot, right, head:)
        pen.rect(@picture.at(left, head), [@picture.length(right - left), @picture.length(head - foot)], "face")
      end

      # Width and stile below and above, rails at the right, height at the left.
      def measures
        dimension = Dimension.new(pen)
        dimension.across(@picture.x(0), @picture.x(@width), HEIGHT - 12, figure: say(@width), feet: @picture.y(0) + 4)
        dimension.across(@picture.x(0), @picture.x(@frame.stile), BOX[1] - 10, figure: say(@frame.stile),
          feet: BOX[1] - 4)
        @frame.rail_places.each do |foot, head|
          dimension.upright(@picture.y(head), @picture.y(foot), @picture.x(@width) + 26, figure: say(head - foot),
            feet: @picture.x(@width) + 4)
        end
        dimension.upright(@picture.y(@height), @picture.y(0), @picture.x(0) - 24, figure: say(@height),
          feet: @picture.x(0) - 4)
      end
    end
  end
end
