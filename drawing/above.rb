# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A set seen from above: where its panels stand, what is clear between the
    # jambs, and which bays behind come clear. Each manner draws its panels.
    class Above
      BAYS = 14
      HEAD = 6 # above the bays
      CLEAR = 36 # below, for what is clear
      STEPS = {mm: [10, 1], in: [127r / 10, 127r / 80]}.freeze # that a key moves it, and with shift

      class << self
        # @param plan [Plan]
        # @param moves [Moves] where its panels stand
        # @param printer [Length::Printer]
        # @param spread [Spread]
        # @param top [Numeric] where it begins, screen units
        # @param live [Boolean] whether its panels can be taken hold of
        def of(plan, moves, printer, spread:, top:, live: false)
          drawn(plan).new(plan, moves, printer, spread:, top:, live:)
        end

        # What it has to show of the floor's length, mm.
        def span(plan) = drawn(plan).shown(plan)

        # The class that draws a plan in its own manner.
        def drawn(plan) = kinds.fetch(plan.set.manner.motion)

        # @return [Hash{Symbol => Class}] by how the panels go
        def kinds = @kinds ||= {slide: Sliding, fold: Folding, pocket: Pocketed}.freeze

        # What of its plan stands along the floor, mm from the left jamb's foot.
        def shown(plan) = plan.sizing.jambs
      end

      # @param live [Boolean] whether its panels can be taken hold of
      def initialize(plan, moves, printer, spread:, top:, live:)
        @plan, @moves, @printer, @spread, @live = plan, moves, printer, spread, live
        @top = top + HEAD
        @from, @to = self.class.shown(plan)
      end

      # Where the plan begins under the bays, and where the drawing ends, screen units.
      def top_of_plan = @top + BAYS + 8

      # Where it ends, screen units from the top.
      def bottom = foot + CLEAR

      # Draws it with a pen that draws more beside it.
      def draw_on(pen)
        @pen = pen
        bays
        draw
        clear
      end

      # What is clear, in words.
      #
      # @return [String]
      def words
        open = windows.map { |from, to| @printer.with_unit(to - from) }
        says = open.empty? ? "Nothing is clear." : "Clear #{open.join(" and ")}."
        "#{says} #{bay_words}".strip
      end

      private

      attr_reader :pen

      def set = @plan.set

      # Where the jambs stand along the floor, mm from the left one's foot.
      def jambs = @plan.sizing.jambs

      # What is clear between the panels as they stand, each from and to, mm.
      def windows = @windows ||= @moves.windows

      # A panel that slides, from above: its edge, the middle of its thickness down
      # the picture, and how thick it is drawn.
      def sliding(panel, edge, middle, thick:, css:)
        pen.group(css, "data-panel": panel.name, **held(panel.name)) do
          pen.rect([x(edge), middle - thick / 2], [@spread.length(panel.width), thick], "face")
          panel.rollers.each { |roller| pen.circle([x(edge + roller), middle], 4, "runs") }
          pen.text([x(edge + panel.width / 2), middle + 5], panel.name, "plan-letter")
        end
      end

      # What makes a panel a grip: keys move it, its place is announced.
      def held(name)
        move = @live && @moves.all.find { |one| one.name == name }
        return {} unless move

        {tabindex: 0, role: "slider", "aria-label": move.label, "aria-valuemin": move.from.round(3),
         "aria-valuemax": move.to.round(3), "aria-valuenow": move.value.round(3), "aria-valuetext": told(move),
         "data-move": move.name, "data-step": step_of(move).map(&:to_f).join(" ")}
      end

      # How a handle says where its panel stands, for whoever hears it.
      def told(move) = "#{@printer.with_unit(move.value.to_r)} from the left jamb"

      # How far an arrow key moves it, and how far with Shift.
      def step_of(_move) = STEPS.fetch(@printer.unit)

      # Bays by what can be reached of them; one is clear as a whole or it is shut.
      def bay_words
        return "" if set.bays.empty?

        seen, shut = set.bays.each_with_index.partition { |bay, _| clear?(bay) }
        [["clear", seen], ["shut", shut]].filter_map do |word, list|
          list.any? && "#{(list.length == 1) ? "Bay" : "Bays"} #{list.map { |_, place| place + 1 }.join(", ")} #{word}."
        end.join(" ")
      end

      # What of the bay lies between the jambs counts: the rest is wall anyway.
      def clear?(bay)
        from, to = [bay.from, @moves.limits[0]].max, [bay.to, @moves.limits[1]].min
        windows.any? { |left, right| left <= from && to <= right }
      end

      def x(mm) = @spread.x(mm)

      # Where the drawing ends below, screen units.
      def foot = raise(NotImplementedError, "#{self.class} knows how deep it is")

      # A jamb is drawn to the side that its wall lies at: for the left one that is before its face.
      def jamb(mm, side, from, to:) = pen.rect([x(mm) - ((side < 0) ? 10 : 0), from], [10, to - from], "wall")

      def bays = pen.place("reach.widest", "fold.clear") { each_bay }

      # Bays lie behind the set: under the lanes on the picture, so that which panel hides which bay is seen.
      def each_bay
        set.bays.each_with_index do |bay, place|
          left = x([bay.from, jambs[0]].max)
          right = x([bay.to, jambs[1]].min)
          pen.rect([left + 1, @top], [right - left - 2, BAYS], clear?(bay) ? "bay clear" : "bay")
          pen.text([(left + right) / 2, @top + BAYS - 3], "#{place + 1} #{clear?(bay) ? "clear" : "shut"}", "bay-word")
        end
      end

      # What is clear as the panels stand, each stretch with its dimension.
      def clear
        dimension = Dimension.new(pen)
        pen.place("reach.widest", "fold.clear") do
          windows.each do |from, to|
            dimension.across(x(from), x(to), foot + 22, figure: @printer.text(to - from), feet: foot + 2)
          end
        end
      end
    end
  end
end
