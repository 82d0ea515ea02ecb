# frozen_string_literal: true

module YellowTrack
  module Web
    module Prepare
      # What an opening needs, as rows of numbers.
      class Needs
        # @param screen [Screen] with a plan
        # @param tally [Size::Tally]
        def initialize(screen, tally)
          @screen, @tally = screen, tally
          @needs = screen.needs
          @opening = screen.opening
        end

        # @return [Array<Size::Tally::Row>]
        def rows = [packing, strip, built_down, half_jamb, casing, head, standoff, framed, slab].flatten.compact

        private

        def row(name, figure, after, keys, *line, codes: [])
          Size::Tally::Row.new(name:, figure:, after:, keys:, codes:, line:)
        end

        def derived(mm) = @screen.derived(mm)

        def cut(mm) = @screen.cut(mm)

        def packing
          @screen.layers.map do |side, layers|
            row("Pack #{side}", [derived(@needs[:packing][side][:target])], "at the jamb", ["prepare.packing.#{side}"],
              layers.words)
          end
        end

        def strip
          stations = @needs[:base_strip] or return
          most = stations.map { |station| station[:shim] }.max
          told = stations.map do |station|
            layers = station[:layers].map { |layer| derived(layer) }.join(" + ")
            "#{derived(station[:x])}: #{layers.empty? ? "none" : layers}"
          end
          row("Base strip", [derived(@opening.opening["base_strip"])], "on shims up to #{@screen.short(most)}",
            stations.each_index.map { |place| "prepare.base_strip.#{place + 1}.shim" }, told.join("; "))
        end

        def built_down
          down = @needs[:built_down] or return
          row("Build down", [derived(down[:height])], "of the head", %w[prepare.built_down.height],
            "Bevel its lower edges. It must not move when leaned on.")
        end

        def half_jamb
          cuts = @needs[:half_jamb] or return
          row("Half jamb", [cut(cuts[:head]), :and, "#{cut(cuts[:left])}, #{cut(cuts[:right])}"], "head, left, right",
            %w[prepare.half_jamb.head prepare.half_jamb.left prepare.half_jamb.right],
            "sides under the head piece, glued and pinned")
        end

        def casing
          cuts = @needs[:casing] or return
          row("Casing", [cut(cuts[:head_long]), :"head,", cut(cuts[:leg])], "legs, to the long points",
            %w[prepare.casing.head_long prepare.casing.head_short prepare.casing.leg],
            "mitres first, then measured from the long point; head #{cut(cuts[:head_short])} to the short points")
        end

        def head
          head = @needs[:head] or return
          row("Head sags", [derived(head[:sag].round(2)
            .to_r)], "under #{head[:weight].to_f.round(1)} kg at its middle", [],
            "It answers whether the doors bind, nothing more: what carries load is for a licensed person.",
            codes: %w[head.sag])
        end

        # A wall-hung rail that has to stand clear of what is on the wall.
        def standoff
          standoff = @screen.workings(%w[wall.standoff]).first or return
          row("Stand off", [derived(standoff.value)], "packing behind the rail", %w[wall.standoff],
            @screen.short_sum("wall.standoff"))
        end

        def framed
          cuts = @needs[:framed] or return
          infill = cuts[:infill]
          row("Framed panel", [cut(cuts[:stiles]), :"stiles,", cut(cuts[:rail_length])], "rails",
            %w[prepare.framed.stiles prepare.framed.rail prepare.framed.infill.width prepare.framed.infill.height],
            "infill #{derived(infill[:width])} × #{derived(infill[:height])}, #{infill[:count]} a panel. Dry-fit, " \
              "diagonals equal, glue, sand; hang it before paint.")
        end

        # The slab's own rows, as the Size stage has them.
        def slab = @tally.parts.include?(:slab) ? @tally.rows(:slab) : []
      end
    end
  end
end
