# frozen_string_literal: true

module YellowTrack
  module Web
    module Helpers
      # What the Prepare stage says.
      module Prepare
        # Choices that stand on it, by what the set is.
        def prepare_fields
          own = {"bifold" => %w[set.half_jamb.thickness], "bottom-rolling" => %w[set.base_strip]}
          packing = (@work.opening.kit.support == "wall-hung") ? [] : %w[set.packing.left set.packing.right]
          packing + (own[@work.opening.kit.support || @work.opening.family] || []) + %w[set.casing.width set.reveal set.height_cut set.head.material set.head.breadth set.head.depth set.frame.stile set.frame.rails set.frame.groove set.frame.tenon set.frame.solid]
        end

        # @return [Array<Tally::Row>]
        def prepare_rows = @prepare_rows ||= [packing_rows, strip_row, built_down_row, half_jamb_row, casing_row, head_row, standoff_row, framed_row, slab_rows].flatten.compact

        # What has to wait for another trade.
        #
        # @return [Array<String>]
        def waits
          covering = @work.plan.figures.covering
          boards = @work.opening.family == "pocket"
          [("The covering of #{@work.printer.with_unit(covering)} is still to be laid: brackets and guides wait for it, or stand on blocks." if covering.positive?),
            ("Boards go on only after the door has run." if boards),
            ("Heights are cut on site: #{@work.plan.set.panels.map(&:name).join(", ")} wait for the check measurement." if @work.opening["height_cut"] == "site" && @work.survey.check.nil?)].compact
        end

        # What a check measurement changed.
        #
        # @return [String, nil]
        def changed_by_check
          return unless @work.survey.check

          before = Worked.of(@row.document.with("survey.check", nil).to_h).plan&.set&.height or return
          now = @work.plan.set.height
          return "The check measurement leaves the height at #{@work.cut_printer.with_unit(now)}." if now == before

          "The check measurement makes the panels #{@work.cut_printer.with_unit(now)} high; from the survey they were #{@work.cut_printer.with_unit(before)}."
        end

        private

        def needs = @work.plan.prepare.to_h

        def prepared(name, figure, after, keys, line) = Web::Tally::Row.new(name:, figure:, after:, keys:, codes: [], line:)

        def packing_rows
          (needs[:packing] || {}).map do |side, build_up|
            prepared("Pack #{side}", derived(build_up[:target]), "at the jamb", ["prepare.packing.#{side}"],
              set_fractions(Drawing::Layers.new(build_up, @work.printer, side: side.to_s).words))
          end
        end

        def strip_row
          stations = needs[:base_strip] or return
          most = stations.max_by { |station| station[:shim] }
          prepared("Base strip", derived(@work.opening["base_strip"]), "on shims up to #{@work.printer.short(most[:shim])}",
            stations.each_index.map { |place| "prepare.base_strip.#{place + 1}.shim" },
            stations.map { |station| "#{derived(station[:x])}: #{station[:layers].empty? ? "none" : station[:layers].map { |layer| derived(layer) }.join(" + ")}" }.join("; "))
        end

        def built_down_row
          down = needs[:built_down] or return
          prepared("Build down", derived(down[:height]), "of the head", %w[prepare.built_down.height], "Bevel its lower edges. It must not move when leaned on.")
        end

        def half_jamb_row
          cuts = needs[:half_jamb] or return
          prepared("Half jamb", "#{cut(cuts[:head])} <small>and</small> #{cut(cuts[:left])}, #{cut(cuts[:right])}", "head, left, right",
            %w[prepare.half_jamb.head prepare.half_jamb.left prepare.half_jamb.right], "sides under the head piece, glued and pinned")
        end

        def casing_row
          cuts = needs[:casing] or return
          prepared("Casing", "#{cut(cuts[:head_long])} <small>head,</small> #{cut(cuts[:leg])}", "legs, to the long points",
            %w[prepare.casing.head_long prepare.casing.head_short prepare.casing.leg], "mitres first, then measured from the long point; head #{cut(cuts[:head_short])} to the short points")
        end

        def head_row
          head = needs[:head] or return
          Web::Tally::Row.new(name: "Head sags", figure: derived(head[:sag].round(2).to_r), after: "under #{head[:weight].to_f.round(1)} kg at its middle", keys: [],
            codes: %w[head.sag], line: "It answers whether the doors bind, nothing more: what carries load is for a licensed person.")
        end

        # A wall-hung rail that has to stand clear of what is on the wall.
        def standoff_row
          standoff = @work.plan.set.is_a?(Bypass) && @work.plan.set.support.covers? && @work.plan.working["wall.standoff"]
          prepared("Stand off", derived(standoff.value), "packing behind the rail", %w[wall.standoff], short_sum("wall.standoff")) if standoff
        end

        def framed_row
          cuts = needs[:framed] or return
          infill = cuts[:infill]
          prepared("Framed panel", "#{cut(cuts[:stiles])} <small>stiles,</small> #{cut(cuts[:rail_length])}", "rails", %w[prepare.framed.stiles prepare.framed.rail],
            "infill #{derived(infill[:width])} × #{derived(infill[:height])}, #{infill[:count]} a panel. Dry-fit, diagonals equal, glue, sand; hang it before paint.")
        end

        # The slab's own rows, as the Size stage has them.
        def slab_rows = tally.parts.include?(:slab) ? tally.rows(:slab) : []
      end
    end
  end
end
