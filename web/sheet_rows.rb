# frozen_string_literal: true

module YellowTrack
  module Web
    # The numbers of the printed sheet: name, figure, and its sum.
    class SheetRows
      # @param page [App] writes the numbers
      # @param work [Work] with a plan
      def initialize(page, work)
        @page = page
        @plan = work.plan
        @set = work.plan.set
      end

      # @return [Array<Array(String, String, String)>] name, figure and sum, the last two HTML
      def rows = [opening, panels, *slab, track, rollers, lap, gap, depth, opens]

      private

      def cut(mm) = @page.cut(mm)

      def derived(mm) = @page.derived(mm)

      def sum(key) = @page.short_sum(key)

      def opening
        ["Opening", "#{derived(@plan.sizing.width)} × #{derived(@plan.sizing.height)}",
          "#{@plan.sizing.fit}; #{sum("survey.level_height")}"]
      end

      def panels
        ["Panels #{@set.panels.map(&:name).join(", ")}", "#{cut(@set.width)} × #{cut(@set.height)}",
          "#{sum("panels.width")}; #{sum("panels.height")}"]
      end

      def slab
        return [] unless @set.slab.slab?

        [["Cut off slab", "#{cut(@set.slab.width)} wide, #{cut(@set.slab.height)} off the foot",
          "#{sum("alter.width")}; #{sum("alter.height")}. Seal every cut edge."]]
      end

      def track
        holes = @set.track.holes.map { |place| derived(place) }.join(", ")
        ["Track", cut(@set.track.length), "#{sum("track.length")}. One end only. Screws at #{holes}. " \
          "Pack up to #{derived(@set.track.packing)}."]
      end

      def rollers
        ["Rollers", "#{derived(@set.inset)} and #{derived(@set.width - @set.inset)}", "from the left edge of each panel"]
      end

      def lap
        ["Lap, guide", "#{derived(@set.lap)}, guide at #{@set.laps.map { |lap| derived(lap.guide_at) }.join(", ")}",
          "from the left jamb's foot, both panels closed"]
      end

      def gap
        gaps = @set.panels.map(&:travel_gap)
        ["Floor gap", derived(@set.support.gap), "least #{derived(gaps.map(&:least).min)}, most #{derived(gaps.map(&:most).max)}"]
      end

      def depth = ["Depth", derived(@set.depth_needed), sum("depth.needed")]

      def opens = ["Opens", derived(@set.widest), sum("reach.widest")]
    end
  end
end
