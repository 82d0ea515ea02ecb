# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A slab with the panel that is cut from it: what comes off each edge and
    # off the foot, or what is glued on.
    # A slab of 760 × 2040 for a panel of 745 × 2010: 7.5 come off each edge and 30 off the foot.
    class Altered < Picture
      WIDTH = 330
      HEIGHT = 400
      BOX = [90, 30, 150, 290].freeze

      # @param alter [Alter] of a slab
      # @param printer [Length::Printer]
      def initialize(alter, width:, height:, printer:)
        @alter = alter
        @width = width
        @height = height
        super(printer)
        @slab = [alter.slab("width"), alter.slab("height")]
        @frame = Frame.new([@slab[0], width].max, [@slab[1], height + alter.lipping].max, BOX)
      end

      # What stands in the window's own line.
      def title = "Slab and the panel cut from it"

      # What it is called in the page; one of each stands there.
      def id = "altered"

      # Draws it with its pen.
      def paint
        slab
        panel
        measures
      end

      private

      # Half of what is too wide: both edges lose the same, so that stiles stay alike.
      def edge = @alter.width / 2

      # The foot of the slab stands so far over the panel's own.
      def foot = @alter.lipping.positive? ? @height - @slab[1] : -@alter.height

      # What comes off where, or that nothing does.
      def description
        parts = [("#{say(@alter.height)} off the foot" if @alter.height.positive?),
          ("#{say(edge)} off each edge" if edge.positive?),
          ("lipping of #{say(@alter.lipping)} on the foot" if @alter.lipping.positive?)].compact
        "Slab #{say(@slab[0])} × #{say(@slab[1])}, panel #{say(@width)} × #{say(@height)}: " \
          "#{parts.empty? ? "it fits as it is" : parts.join(", ")}."
      end

      # Panel's lower left corner is the drawing's own.
      def at(x, y) = @frame.at(x + edge, y - [foot, 0].min)

      # The slab lies behind; where a lipping is glued on, it stands under the slab's foot.
      def slab
        pen.rect(at(-edge, foot + @slab[1]), [@frame.length(@slab[0]), @frame.length(@slab[1])], "strip")
        return unless @alter.lipping.positive?

        pen.rect(at(0, foot), [@frame.length(@width), @frame.length(foot)], "bay")
        pen.text([@frame.x(@slab[0] / 2), at(0, 0)[1] + 22],
          "lipping #{say(@alter.lipping)}, planed back after the glue", "quiet")
      end

      # The panel over it, with the line of the cut and, where they are known, the stiles that the cut leaves.
      def panel
        top = [@height, foot + @slab[1]].min
        pen.rect(at(0, top), [@frame.length([@width, @slab[0]].min), @frame.length(top - [foot, 0].max)], "face")
        pen.line(at(-edge, 0), at(@width + edge, 0), "cut") if @alter.height.positive?
        @alter.stile_left && [@alter.stile_left, @width - @alter.stile_left]
          .each { |x| pen.line(at(x, 0), at(x, top), "hidden") }
        pen.text(at(@width / 2, @height / 2), "#{say(@width)} × #{say(@height)}", "figure")
      end

      # Only what is cut has a dimension; the slab's own width stands below for the ordering.
      def measures
        dimension = Dimension.new(pen)
        left, foot_y = at(-edge, foot)
        dimension.across(left, at(0, 0)[0], BOX[1] - 6, figure: say(edge), feet: BOX[1]) if edge.positive?
        if @alter.height.positive?
          dimension.upright(at(0, 0)[1], foot_y, left - 22, figure: say(@alter.height),
            feet: left - 4)
        end
        dimension.across(left, left + @frame.length(@slab[0]), HEIGHT - 14, figure: say(@slab[0]), feet: foot_y + 4)
      end
    end
  end
end
