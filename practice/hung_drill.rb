# frozen_string_literal: true

module YellowTrack
  module Practice
    # What the drills on a hung panel share: one that is made up with a taper and a bow, on
    # a set that is planned for a made-up opening (handbook 8).
    class HungDrill < Drill
      POCKET = "pocket-90"
      KITS = ["twin-42", "roll-36", POCKET].freeze # those after the first from the third level on

      # A panel of a set that is planned, which is hung and asked about.
      #
      # printer [Length::Printer] of the opening that it was made up for
      Hangs = Struct.new(:set, :panel, :printer) do
        # As an opening that holds nothing of it has it.
        def reading = Adjust::Reading::Sliding.new(set, panel)

        # @param read [Hash] gaps and what else was read of it, mm
        # @return [PlayedBench]
        def bench(read) = PlayedBench.new(set, panel, read, printer:)

        # Between its hangers, mm.
        def spacing = panel.width - 2 * panel.rollers.first

        # What it is, over what: "921 mm × 2068 mm".
        def size = told(panel.width, panel.height).join(" × ")

        # @return [Array<String>] lengths as the opening's, "921 mm"
        def told(*lengths) = lengths.map { |mm| printer.with_unit(mm) }
      end

      # By other gaps of the same panel.
      def misread(document)
        read = @subject.after([]).read.merge("gaps" => document["gaps"].transform_values(&:to_r))
        parts(@hangs.bench(read))
      end

      private

      def file = "move"

      def set = @hangs.set

      # A quarter turn, mm.
      def step = @hangs.reading.step("left")

      # How much the gaps differ by for what the right hanger stands too low, mm for mm.
      def leverage = @hangs.panel.height / @hangs.spacing

      # The panel's set, and how it hangs.
      def draw
        kit = site.pick(KITS.first((level < 3) ? 1 : KITS.length))
        opening = @read.call("plan", hung_in(kit))
        plan = Plan.of(opening)
        return unless plan.whole?

        panels = plan.set.panels
        @hangs = Hangs.new(plan.set, site.pick([panels.first, panels.last]), opening.printer)
        @subject = @hangs.bench(hung)
        @document = @subject.document
        parts = parts(@subject) or return
        posed(@subject, parts)
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
        taper = fine(rise * leverage) * ((@hangs.reading.jamb == "right") ? -1 : 1)
        ends = {"top" => [taper, 0].max, "bottom" => [-taper, 0].max}
        all = {**ends, "middle" => fine(taper.abs / 2 + bow)}
        home = set.bumper - all.values.min
        all.slice("top", "middle", "bottom").transform_values { |gap| gap + home }
      end

      # As finely as a gap is read: half a grain; whole ones at the first level.
      def fine(mm)
        parts = (level == 1) ? 1 : 2
        (mm / site.grain * parts).round * site.grain / parts
      end

      def given(_bench)
        {"the kit" => set.kit.name, "the panel" => @hangs.size, "between its hangers" => @hangs.spacing,
         "a turn raises" => "#{set.kit.fetch("adjust.per_turn").to_f} mm"}
      end
    end
  end
end
