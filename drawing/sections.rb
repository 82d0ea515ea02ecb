# frozen_string_literal: true

module YellowTrack
  module Drawing
    # Head and foot of a set cut across, to one scale: the room to the left, the
    # closet to the right, every height of the stack and every depth written on
    # it.
    # The one drawing on which lengths across the wall can be told: what runs before what, how deep the set is, and
    # how far things reach into each other.
    class Sections < Picture
      WIDTH = 330
      HEIGHT = 250
      HEAD_TOP = 26
      SHOWN = 70 # mm of panel shown at head and foot
      PANEL_FOOT = 44 # screen units of panel shown above the foot
      LEFTS = {head: 44, foot: 210}.freeze
      ALONE = {head: 64, foot: 44}.freeze # where a half begins that is drawn by itself
      CEILING = 16 # screen units
      BETWEEN = 26 # screen units from what is written under the head to the foot's panels

      # One panel across: from and to, mm from the front.
      Across = Struct.new(:name, :from, :to)

      class << self
        # @param plan [Plan]
        # @param printer [Length::Printer]
        # @param half [:head, :foot, nil] the one that is drawn by itself
        def of(plan, printer, half: nil) = kinds.fetch(plan.set.manner.key).new(plan, printer, half:)

        # @return [Hash{String => Class}] by the manner's key
        def kinds
          @kinds ||= {"top-hung" => TopHung, "bottom-rolling" => BottomRolling, "wall-hung" => WallHung,
                      "bifold" => Folding, "pocket" => InTheWall}.freeze
        end
      end

      # @param plan [Plan]
      # @param half [:head, :foot, nil]
      def initialize(plan, printer, half: nil)
        @plan, @set, @printer, @half = plan, plan.set, printer, half
        @scale = [0.95, 118.0 / deep, 96.0 / (above + 1)].min
        @lefts, @head_top, @floor = half ? ALONE : LEFTS, HEAD_TOP, HEIGHT - 50
        @floor = larger(@set.gap) + PANEL_FOOT + BETWEEN if half == :foot
      end

      # Width and height, screen units.
      def size
        return [WIDTH, HEIGHT] unless @half

        [WIDTH / 2 + 40, (@half == :foot) ? @floor + 50 : under_head + 40]
      end

      # Draws it beside a front, head and foot each at its place.
      #
      # @param pen [SVG, Paper::Ink]
      # @param left [Numeric] screen units
      # @param hung_from [Numeric] what the panels hang from, screen units
      # @param floor [Numeric] screen units
      def on_beside(pen, left, hung_from, floor:)
        @lefts, @head_top = {head: left + 44, foot: left + 34}, hung_from - CEILING
        @floor = [floor, under_head + larger(@set.gap) + PANEL_FOOT + BETWEEN].max
        @pen, @dimension = pen, Dimension.new(pen)
        head
        foot
      end

      # What stands in the window's own line.
      def title = "#{{head: "Head", foot: "Foot"}.fetch(@half, "Head and foot")}, cut across"

      # What it is called in the page; one of each stands there.
      def id = ["sections", *@half].join("-")

      # Draws it with its pen.
      def paint
        @dimension = Dimension.new(pen)
        {head: 82, foot: 248}.each { |half, middle| pen.text([middle, 14], half.name, "quiet") } unless @half
        head unless @half == :foot
        foot unless @half == :head
      end

      private

      attr_reader :pen

      # Front and back of what is shown, mm.
      def deep = @set.depth_needed || 1

      # From the head's face down to a panel's top, mm.
      def above = raise(NotImplementedError, "#{self.class} knows what is above its panels")

      # @return [Array<Across>]
      def panels = raise(NotImplementedError, "#{self.class} knows where its panels are")

      def description
        "Above the panels #{say(above)}. Panel #{say(@set.thickness)} thick. Under it #{say(@set.gap)}."
      end

      def say(mm) = @printer.short(mm)

      # Depth to a place in the head's or the foot's half.
      def z(mm, half) = @lefts.fetch(half) + mm.to_f * @scale

      # Millimetres under the head's lower face.
      def down(mm) = @head_top + CEILING + mm.to_f * @scale

      # From the head down to a little of the panel.
      def head
        ceiling
        runs
        panels.each do |panel|
          pen.rect([z(panel.from, :head), down(above)], [(panel.to - panel.from) * @scale, SHOWN * @scale], "face")
          pen.text([z((panel.from + panel.to) / 2.0, :head), down(above) + 26], panel.name, "plan-letter")
        end
        pen.place("kit.drop", "pivots.head_allowance", "kit.head_allowance") do
          @dimension.upright(down(0), down(above), z(0, :head) - 20, figure: say(above), feet: z(0, :head) - 14)
        end
        pen.place("depth.needed", "panels.thickness") { depths }
      end

      # What it hangs from, a little wider than the set.
      def ceiling = pen.rect([z(0, :head) - 14, @head_top], [deep * @scale + 28, CEILING], "wall")

      # What the panels hang from or run in.
      def runs
      end

      # Where what is written under the head ends, screen units.
      def under_head = down(above) + SHOWN * @scale + 26 + 24 * [panels.length - 1, 1].min

      # Thickness, and the air to the next panel.
      def depths
        first, second = panels
        y = down(above) + SHOWN * @scale + 26
        @dimension.across(z(first.from, :head), z(first.to, :head), y, figure: say(first.to - first.from), feet: y - 20)
        if second
          @dimension.across(z(first.to, :head), z(second.from, :head), y + 24, figure: say(second.from - first.to),
            feet: y - 20)
        end
      end

      # From a little of the panel down to the floor.
      def foot
        floor = @floor
        under = larger(@set.gap)
        panels.each do |panel|
          pen.rect([z(panel.from, :foot), floor - under - PANEL_FOOT], [(panel.to - panel.from) * @scale, PANEL_FOOT],
            "face")
        end
        ground(floor)
        below(floor, under)
        pen.place("gap", "set.gap") do
          @dimension.upright(floor - under, floor, z(deep, :foot) + 26, figure: say(@set.gap), feet: z(deep, :foot) + 6)
        end
      end

      # Heights under the panels are drawn twice as large as the rest.
      def larger(mm) = mm.to_f * 2 * @scale

      # Finished floor, with a covering still to come.
      def ground(floor)
        covering = @plan.figures.covering
        left, wide = z(0, :foot) - 20, deep * @scale + 40
        pen.line([left, floor], [left + wide, floor], "cut")
        return unless covering.positive?

        pen.rect([left, floor], [covered(left, wide), 8], "strip")
        pen.text([left + wide / 2, floor + 24], "#{say(covering)} covering, to come", "quiet")
      end

      # How far a covering to come reaches along the floor, screen units.
      def covered(_left, wide) = wide

      # What steadies or carries the panels at the floor.
      def below(floor, under)
      end
    end
  end
end
