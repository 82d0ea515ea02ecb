# frozen_string_literal: true

module YellowTrack
  module Practice
    # What the drills on a hung panel share: one that is made up with a taper and a bow, on
    # a set that is planned for a made-up opening (handbook 8).
    class HungDrill < Drill
      POCKET = "pocket-90"
      KITS = ["twin-42", "roll-36", POCKET].freeze # those after the first from the third level on

      # By other gaps of the same panel.
      def misread(document)
        read = @bench.after([]).read.merge("gaps" => document["gaps"].transform_values(&:to_r))
        parts(PlayedBench.new(@set, @panel, read, printer: @printer))
      end

      private

      def file = "move"

      # A quarter turn, mm.
      def step = @panel_reading.step("left")

      # How much the gaps differ by for what the right hanger stands too low, mm for mm.
      def leverage = @panel.height / (@panel.width - 2 * @panel.rollers.first)

      # The panel's set, and how it hangs.
      def draw
        kit = site.pick(KITS.first((level < 3) ? 1 : KITS.length))
        opening = @read.call("plan", hung_in(kit))
        plan = Plan.of(opening)
        return unless plan.whole?

        @set, @printer = plan.set, opening.printer
        @panel = site.pick([@set.panels.first, @set.panels.last])
        @panel_reading = Adjust::Reading::Sliding.new(@set, @panel)
        @subject = @bench = PlayedBench.new(@set, @panel, hung, printer: @printer)
        @document = @bench.document
        parts = parts(@bench) or return
        posed(@bench, parts)
      end

      # An opening with a set of a kit.
      def hung_in(kit)
        return site.document(1200..1700, 2000..2300, differ: false).merge("set" => sliding(kit:)) unless kit == POCKET

        site.document(650..950, 2000..2300, differ: false)
          .merge("set" => {"family" => "pocket", "kit" => POCKET, "leaves" => 1,
                           "thickness" => site.told(site.about(33..40)), "makeup" => [{"material" => "hollow core"}]})
      end

      # Gaps of a panel that is rolled home: one end touches.
      #
      # @param rise [Numeric] mm that the right hanger stands too low, over the left
      # @param bow [Numeric] mm
      # @return [Hash{String => Rational}]
      def gaps(rise, bow = 0)
        taper = fine(rise * leverage) * ((@panel_reading.jamb == "right") ? -1 : 1)
        ends = {"top" => [taper, 0].max, "bottom" => [-taper, 0].max}
        all = {**ends, "middle" => fine(taper.abs / 2 + bow)}
        home = @set.bumper - all.values.min
        all.slice("top", "middle", "bottom").transform_values { |gap| gap + home }
      end

      # As finely as a gap is read: half a grain; whole ones at the first level.
      def fine(mm)
        parts = (level == 1) ? 1 : 2
        (mm / site.grain * parts).round * site.grain / parts
      end

      def given(_bench) = {"the kit" => @set.kit.name,
                           "the panel" => size, "between its hangers" => @panel.width - 2 * @panel.rollers.first,
                           "a turn raises" => "#{@set.kit.fetch("adjust.per_turn").to_f} mm"}

      def size = [@panel.width, @panel.height].map { |mm| @printer.with_unit(mm) }.join(" × ")
    end
  end
end
