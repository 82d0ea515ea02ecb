# frozen_string_literal: true

module YellowTrack
  module Web
    module Size
      class Tally
        # Bypass sets, however they are carried.
        class Sliding < Tally
          CHOICES = {
            panels: [nil, ["Change kit and panels", PANEL_CHOICES + %w[set.pattern]]],
            slab: SLAB_CHOICES,
            lap: ["set.lap", nil], gap: ["set.gap", nil], guide: [nil, ["Groove or side guides", %w[set.guide]]],
            track: [nil, ["Packing and bumpers", %w[set.packing.left set.packing.right set.bumper set.base_strip]]],
            rollers: ["set.inset", nil], depth: ["set.proud", nil],
            wall: [nil, ["Cover and side", %w[set.cover.side set.cover.head set.opens]]]
          }.freeze

          def parts
            return [:panels, :slab, *(:lap if @set.lap), :gap, :guide, :track, :rollers, :wall, :opens] if @set&.covers?

            %i[panels slab lap guide gap track rollers depth opens]
          end

          def lap
            return unless @set.lap

            row("Lap", [derived(@set.lap)], "", %w[laps.lap set.lap],
              codes: %w[bypass.lap.short bypass.lap.long bypass.meet])
          end

          def guide
            return unless @set.guides

            row("Guide at", [@set.guides.places.map { |place| derived(place) }.join(", ")], "from the left jamb's foot",
              @set.laps.map { |lap| "laps.#{lap.between.join}.guide_at" } +
                %w[guides.groove_width guides.groove_depth guides.wood],
              line: ["in the middle, all panels closed"], codes: %w[bypass.guide bypass.fin bypass.groove bypass.meet])
          end

          def track
            rail = @set.track.floor_rail or return super
            [super, row("Floor rail", [cut(rail)], "one end only", %w[track.floor_rail engagement lift_room],
              codes: %w[bypass.engage bypass.lift])]
          end

          def depth
            available = @plan.survey["depth"]
            row("Depth", [derived(@set.depth_needed)], available ? "of #{short(available)}" : "needed",
              %w[depth.needed depth.air],
              codes: %w[bypass.depth bypass.proud])
          end

          def wall
            row("Rail line", [derived(@set.heights.rail_line)], "above the finished floor",
              %w[wall.rail_line wall.cover wall.standoff],
              codes: %w[bypass.cover bypass.parking bypass.studs bypass.header bypass.standoff])
          end

          public :opens

          private

          def gaps = @set.panels.map(&:travel_gap)

          def gap_line
            "least #{derived(gaps.map(&:least).min)}, most #{derived(gaps.map(&:most).max)} along the travel"
          end

          def gap_keys
            @set.panels.flat_map do |panel|
              ["panels.#{panel.name}.travel_gap.least", "panels.#{panel.name}.travel_gap.most"]
            end
          end
        end
      end
    end
  end
end
