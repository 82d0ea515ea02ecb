# frozen_string_literal: true

module YellowTrack
  module Web
    module Prepare
      # What an opening needs, as rows of numbers.
      class Needs
        # @param screen [Screen] with a plan
        # @param tally [Desk::Tally]
        def initialize(screen, tally)
          @screen, @tally = screen, tally
          @needs = screen.needs
          @opening = screen.opening
        end

        # What is to be done at each place, in the order that it is looked at.
        #
        # @return [Hash{Symbol => Array<Desk::Tally::Row>}]
        def at
          {head: [head_packing, over_track, built_down, head, standoff, header, pelmet], jambs: [packing, jambs],
           edges: [half_jamb, casing], panels: [framed, slab], floor: [strip, strip_to_build]}
            .transform_values { |rows| rows.flatten.compact }
        end

        private

        def row(name, figure, after, keys:, line: [], codes: [])
          Desk::Tally::Row.new(name:, figure:, after:, keys:, codes:, line:)
        end

        def derived(mm) = @screen.derived(mm)

        def cut(mm) = @screen.cut(mm)

        def packing
          @screen.layers.map do |side, layers|
            row("Pack #{side}", [derived(@needs[:packing][side][:target])], "at the jamb",
              keys: ["prepare.packing.#{side}"],
              line: [layers.words])
          end
        end

        # Of what the other stages show, the row of a figure.
        def row_of(key) = @tally.all.find { |row| row[:keys].include?(key) }

        # Jambs that lean, packed to where the set hangs plumb.
        def jambs
          at = @screen.set.jamb_packing&.at or return
          row_of("packing.at.left.bottom") if at.values.flat_map(&:values).any?(&:positive?)
        end

        # What lies over a track that hangs level under a head that does not.
        def over_track
          track = @screen.set.track
          return unless track&.packed?

          row("Pack over the track", [derived(track.packing)], "at the most", keys: %w[track.packing],
            line: ["The track hangs level: #{@screen.short_sum("track.packing")}."])
        end

        # The board that a rail is fixed to.
        def header = row_of("wall.header.length")

        def strip
          stations = @needs[:base_strip] or return
          most = stations.map { |station| station[:shim] }.max
          under = @screen.laid_up_to? ? " The covering is laid up to it." : ""
          told = stations.map do |station|
            layers = station[:layers].map { |layer| derived(layer) }.join(" + ")
            "#{derived(station[:x])}: #{layers.empty? ? "none" : layers}"
          end
          row("Base strip", [derived(@opening.opening["base_strip"])], "on shims up to #{@screen.short(most)}",
            keys: stations.each_index.map { |place| "prepare.base_strip.#{place + 1}.shim" },
            line: ["#{told.join("; ")}.#{under}"])
        end

        # Layers over the track, or over panels that cover the head.
        def head_packing
          packing = @needs[:head_packing] or return
          layers = packing[:layers].map { |layer| derived(layer) }.join(" + ")
          row("Pack the head", [derived(packing[:target])], "down, level", keys: %w[prepare.head_packing build.built],
            line: ["#{layers}#{", #{derived(packing[:shortfall])} short" if packing[:shortfall] > 0.5r}"],
            codes: %w[height.build])
        end

        # What a floor rail has to stand higher for panels that are not cut.
        def strip_to_build
          build = @screen.set.heights.build
          return unless build&.strip&.positive?

          row("Raise the rail", [derived(build.strip)], "on a base strip", keys: %w[build.built],
            line: [@screen.short_sum("build.built")],
            codes: %w[height.build])
        end

        def built_down
          down = @needs[:built_down] or return
          [row("Build down", [derived(down[:height])], "of the head",
            keys: %w[prepare.built_down.height prepare.built_down.underside],
            line: ["Bevel its lower edges, so that no raw edge shows. It must not move when leaned on#{carries}."],
            codes: %w[height.build]), frame_of(down)].compact
        end

        # A head that carries the track is checked for sag.
        def carries = (@screen.set.manner.carried == :head) ? ": it carries the track, give its size under More" : ""

        def frame_of(down)
          return unless down[:plate]

          thick = down[:frame] ? [derived(down[:frame]), :"thick,"] : [:"the wall's thickness less its boards,"]
          row("Its frame", [*thick, cut(down[:upright])], "uprights, #{down[:uprights]}",
            keys: %w[prepare.built_down.frame prepare.built_down.upright prepare.built_down.plate],
            line: ["two plates of #{cut(down[:plate])}, above and below; boards on both faces land flush with the " \
              "wall's. Its underside #{derived(down[:underside])} above the finished floor", *uprights],
            codes: %w[bypass.nogging])
        end

        # Where a rail over it finds the new frame.
        def uprights
          set = @screen.set
          places = (set.wall.uprights if set.covers?) or return []
          ["The rail is screwed to its uprights, their middles at #{places.map { |x| derived(x) }.join(", ")}" \
            "#{", and to a nogging between them along the rail line" if set.wall.nogging?}"]
        end

        def pelmet
          pelmet = @screen.set.pelmet or return
          row("Pelmet", [pelmet.lengths.map { |length| cut(length) }.join(", ")], pelmet.names.join(", "),
            keys: %w[pelmet.front pelmet.return], line: ["It can come off again without a panel coming off."])
        end

        def half_jamb
          cuts = @needs[:half_jamb] or return
          row("Half jamb", [cut(cuts[:head]), :and, "#{cut(cuts[:left])}, #{cut(cuts[:right])}"], "head, left, right",
            keys: %w[prepare.half_jamb.head prepare.half_jamb.left prepare.half_jamb.right prepare.half_jamb.thickness],
            line: ["sides under the head piece, glued and pinned"])
        end

        def casing
          cuts = @needs[:casing] or return
          row("Casing", [cut(cuts[:head_long]), :"head,", cut(cuts[:leg])], "legs, to the long points",
            keys: %w[prepare.casing.head_long prepare.casing.head_short prepare.casing.leg],
            line: ["mitres first, then measured from the long point; head #{cut(cuts[:head_short])} to the " \
              "short points"])
        end

        def head
          head = @needs[:head] or return
          row("Head sags", [derived(head[:sag].round(2)
            .to_r)], "under #{head[:weight].to_f.round(1)} kg at its middle", keys: [],
            line: ["It answers whether the doors bind, nothing more: what carries load is for a licensed person."],
            codes: %w[head.sag])
        end

        # A wall-hung rail that has to stand clear of what is on the wall.
        def standoff
          blocks = @needs[:standoff] or return
          row("Stand off", [derived(blocks[:target])], "behind every bracket, #{blocks[:count]} blocks",
            keys: %w[wall.standoff], line: ["each of #{blocks[:layers].map { |layer| derived(layer) }.join(" + ")}"],
            codes: %w[bypass.standoff])
        end

        def framed
          cuts = @needs[:framed] or return
          infill = cuts[:infill]
          filled = (infill[:count] > 0) ? "infill #{derived(infill[:width])} × #{derived(infill[:height])}, " \
            "#{infill[:count]} a panel" : "stiles and rails leave nothing to fill"
          row("Framed panel", [cut(cuts[:stiles]), :"stiles,", cut(cuts[:rail_length])], "rails",
            keys: %w[prepare.framed.stiles prepare.framed.rail prepare.framed.infill.width
              prepare.framed.infill.height],
            line: ["#{filled}. Dry-fit, diagonals equal, glue, sand; hang it before paint."])
        end

        # The slab's own rows, as the Size stage has them.
        def slab = @tally.parts.include?(:slab) ? @tally.rows(:slab) : []
      end
    end
  end
end
