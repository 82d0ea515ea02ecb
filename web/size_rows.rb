# frozen_string_literal: true

module YellowTrack
  module Web
    # The tally of the Size stage, part by part, for a bypass set: which
    # numbers stand together, and which checks concern them.
    class SizeRows
      # @param page [App] writes the rows
      # @param work [Work] with a plan
      def initialize(page, work)
        @page = page
        @plan = work.plan
        @set = work.plan.set
      end

      def panels
        names = @set.panels.map(&:name).join(", ")
        row("Panels #{names}", "#{cut(@set.width)} <small>wide</small> × #{cut(@set.height)}", "high",
          keys: %w[panels.width panels.height sizing.width run panels.weight],
          line: "#{@page.short_sum("panels.width")}<br>#{@page.short_sum("panels.height")}",
          codes: %w[bypass.weight bypass.height bypass.tall bypass.thickness survey.suspect survey.range survey.spread survey.taper]) +
          row("Each weighs", kilos, hands, keys: %w[panels.weight])
      end

      def slab
        return "" unless @set.slab.slab?

        alter = @set.slab
        figure = "#{cut(alter.width)} <small>wide,</small> #{cut(alter.height)}"
        line = [@page.short_sum("alter.width"), @page.short_sum("alter.height")].join("<br>")
        row("Cut off slab", figure, "off the foot", keys: %w[alter.width alter.height], line:,
          codes: %w[alter.block alter.stile alter.narrow alter.none]) + lipping
      end

      def track
        row("Track", cut(@set.track.length), "one end only", keys: %w[track.length track.packing track.mount_height],
          line: "#{@page.short_sum("track.length")}. #{packing}")
      end

      def rollers
        row("Rollers", "#{derived(@set.inset)} <small>and</small> #{derived(@set.width - @set.inset)}",
          "from the left edge of each", keys: %w[panels.rollers panels.spacing set.inset], codes: %w[bypass.inset])
      end

      def lap
        row("Lap", derived(@set.lap), "", keys: %w[laps.lap set.lap],
          codes: %w[bypass.lap.short bypass.lap.long bypass.meet])
      end

      def guide
        row("Guide at", @set.laps.map { |lap| derived(lap.guide_at) }.join(", "), "from the left jamb's foot",
          keys: @set.laps.map { |lap| "laps.#{lap.between.join}.guide_at" }, codes: %w[bypass.guide])
      end

      def gap
        gaps = @set.panels.map(&:travel_gap)
        row("Floor gap", derived(@set.support.gap), "over the high point", line: span(gaps),
          keys: ["gap", "set.gap", *@set.panels.flat_map { |panel| gap_keys(panel) }], codes: %w[bypass.gap.least bypass.gap.most])
      end

      def depth
        depth = @plan.survey["depth"]
        row("Depth", derived(@set.depth_needed), depth ? "of #{derived(depth)}".gsub(/<[^>]+>/, "") : "needed",
          keys: %w[depth.needed depth.air], codes: %w[bypass.depth bypass.proud])
      end

      def opens
        share = (@plan.working["reach.share"]&.value || 0).to_f
        row("Opens", derived(@set.widest), "#{(share * 100).round} %", keys: %w[reach.widest reach.share], codes: %w[bypass.bay])
      end

      private

      def row(...) = @page.number_row(...)

      def cut(mm) = @page.cut(mm)

      def derived(mm) = @page.derived(mm)

      def kilos = "#{@set.weight.to_f.round(1)} <small>kg</small>"

      def hands
        {1 => "one can lift it", 2 => "two to lift it", 3 => "three to lift it, or a lifter"}.fetch(@set.panels.first.hands)
      end

      def packing
        most = @set.track.packing
        most.positive? ? "Pack up to #{derived(most)} where the head is higher." : "No packing."
      end

      def lipping
        return "" unless @set.slab.lipping.positive?

        row("Lipping", cut(@set.slab.lipping), "on the foot", keys: %w[alter.lipping], codes: %w[alter.lipping])
      end

      def span(gaps)
        "least #{derived(gaps.map(&:least).min)}, most #{derived(gaps.map(&:most).max)} along the travel"
      end

      def gap_keys(panel) = %w[travel_gap.least travel_gap.most].map { |key| "panels.#{panel.name}.#{key}" }
    end
  end
end
