# frozen_string_literal: true

module YellowTrack
  module Desk
    class Tally
      # Bypass sets, however they are carried.
      class Sliding < Tally
        CHOICES = {
          panels: [nil, ["Change kit and panels", PANEL_CHOICES + %w[set.pattern]]],
          slab: SLAB_CHOICES,
          lap: ["set.lap", nil], gap: ["set.gap", nil],
          guide: [nil, ["Groove, side guides, tongue", %w[set.guide set.fin.width set.fin.height set.fin.length
            set.tongue.width set.tongue.reach set.rail_thickness set.stile_thickness]]],
          track: [nil, ["Packing and bumpers", %w[set.packing.left set.packing.right set.packing.head set.bumper
            set.base_strip]]],
          rollers: ["set.inset", nil],
          depth: ["set.proud", ["Setback, pelmet", %w[set.setback set.pelmet.height set.pelmet.thickness]]],
          wall: [nil, ["Cover, side, header board, pelmet", %w[set.cover.side set.cover.head set.opens
            set.header_board set.header_board.height set.header_board.thickness set.pelmet.height
            set.pelmet.thickness]]],
          pulls: [nil, ["Soft close", SOFT_CLOSE]]
        }.freeze

        # What a set on the wall, and one that hangs, have no use for.
        NO_USE = {wall: %w[set.packing.left set.packing.right set.bumper set.base_strip], head: %w[set.base_strip],
                  floor: %w[set.guide set.fin.width set.fin.height set.fin.length set.tongue.width set.tongue.reach]}
          .freeze
        TONGUE = %w[set.tongue.width set.tongue.reach].freeze

        # Choices that bite at a part; the rest, of no use here.
        def choices(part)
          beside, more = super
          [beside, more && [more.first, more.last - no_use]]
        end

        # Choices that its manner has no use for.
        def no_use
          manner = @opening.kit.manner
          NO_USE.fetch(manner.carried) + ((manner.key == "top-hung") ? [] : TONGUE)
        end

        GROUPS = {cut: %i[panels slab track wanted], mark: %i[wall stand guide rollers stops depth pulls],
                  gaps: %i[lap gap], opens: %i[opens]}.freeze

        # How far panels lap; nil where none do.
        def lap
          return unless @set.lap

          row("Lap", [derived(@set.lap)], "", keys: %w[laps.lap set.lap kit.meet_gap],
            codes: %w[bypass.lap.short bypass.lap.long bypass.meet])
        end

        # Where the floor guides stand; nil for none.
        def guide
          return unless @set.guides

          return tongue if @set.guides.tongue?

          [row("Guide at", [list(@set.guides.places)], "from the left jamb's foot",
            keys: @set.laps.map { |lap| "laps.#{lap.between.join}.guide_at" } + guide_depths,
            line: ["mid-lap, all closed#{in_the_depth}"], codes: %w[bypass.guide bypass.fin bypass.meet]),
            groove, strips].compact
        end

        # Ledger keys of how far in they stand.
        def guide_depths = @plan.working.entries.map(&:key).grep(/\Adepth\.guides\./)

        # How far in they stand, in words.
        def in_the_depth
          @set.depth.guides ? "; #{list(@set.depth.guides.uniq)} in from the front" : ""
        end

        # The groove under the panels; nil for none.
        def groove
          return unless @set.guides.groove?

          row("Groove in foot", [derived(@set.guides.groove_width), :"wide,", derived(@set.guides.groove_depth)],
            "deep", keys: %w[guides.groove_width guides.groove_depth guides.wood],
            line: [sum("guides.groove_width"), sum("guides.groove_depth")], codes: %w[bypass.groove])
        end

        # On a bottom rail that is thinner than its stiles.
        def strips
          @set.guides.strips && row("Strips", [derived(@set.guides.strips)], "thick, on both faces of the bottom rail",
            keys: %w[guides.strips])
        end

        # The groove in the floor that tongues run in.
        def tongue
          row("Groove in floor", [derived(@set.guides.floor_width), :"wide,", derived(@set.guides.floor_depth)],
            "deep",
            keys: %w[guides.floor_width guides.floor_depth guides.tongue],
            line: ["the tongue stands #{derived(@set.guides.tongue)} out of the panel's foot"],
            codes: %w[guide.lift guide.floor bypass.meet])
        end

        # The track, or the rails of open lanes.
        def track
          [*of_track, *packed, head].compact
        end

        # Track or rails, and the rail on the floor.
        def of_track
          rails = (@set.rails > 1) ? a_rail_a_lane : one_track
          rail = @set.track.floor_rail or return [rails]
          [rails, row("Floor rail", [cut(rail)], "one end only",
            keys: %w[track.floor_rail engagement lift_room kit.rail.engagement.design],
            codes: %w[bypass.engage bypass.lift])]
        end

        # Rails, one a lane.
        def a_rail_a_lane
          row("Rails", [@set.rails.to_s, :×, cut(@set.track.length)], "one a lane, one end only",
            keys: [*track_keys, "track.count", "wall.rail_start"], line: ["#{sum("track.length")}. #{pieces}"])
        end

        # The depth that it takes, and its lanes in it.
        def depth
          available = @plan.survey["depth"]
          [row("Depth", [derived(@set.depth_needed)], available ? "of #{short(available)}" : "needed",
            keys: %w[depth.needed depth.air depth.track_front depth.available], codes: %w[bypass.depth bypass.proud]),
            *lanes]
        end

        # How far in from the front each lane's middle is: of the track, the channel, the floor rail.
        def lanes
          used = @set.pattern.lanes.uniq.sort
          above = lane_row((@set.carried_by == "bottom") ? "Channel in" : "Lanes in", "lanes",
            used.map { |lane| @set.depth.lanes.fetch(lane) })
          return [above, hangs].compact unless @set.carried_by == "bottom"

          [above, lane_row("Floor rail in", "rails", used.map { |lane| @set.depth.rail(lane) })]
        end

        # A row of a figure lane by lane.
        def lane_row(name, keys, figures)
          row(name, [list(figures)], "from the #{@set.covers? ? "front panel's face" : "front"}, each lane's middle",
            keys: @plan.working.entries.map(&:key).grep(/\Adepth\.#{keys}\./), line: [])
        end

        # Where its rail is on the wall.
        def wall
          [rail_line, row("Rail starts", [derived(@set.track.start)], "from the left jamb's foot",
            keys: %w[wall.rail_start]), covers,
            *((@set.rails > 1) ? [lane_row("Lanes in", "lanes", used_lanes)] : []), header].compact
        end

        # How far in from the front the lanes with panels are, mm.
        def used_lanes = @set.pattern.lanes.uniq.sort.map { |lane| @set.depth.lanes.fetch(lane) }

        # How far the closed panels cover each jamb, and the head.
        def covers
          row("Covers", [list(@set.jamb_covers), :"beside,", derived(@set.heights.cover)], "over the head",
            keys: %w[wall.cover wall.side_cover set.cover.side set.cover.head kit.air.design kit.meet_gap] + lane_keys,
            line: [])
        end

        # Of one lane there is nothing to tell apart.
        def lane_keys = (@set.rails > 1) ? [] : @plan.working.entries.map(&:key).grep(/\Adepth\.lanes\./)

        # The board that the rail is fixed to; nil for none.
        def header
          length = @set.wall.board_length or return
          row("Header board", [cut(length)], "long, #{short(@set.wall.board_size("height"))} × " \
            "#{short(@set.wall.board_size("thickness"))}", keys: %w[wall.header.length])
        end

        # The line that the rail is fixed on.
        def rail_line
          row("Rail line", [derived(@set.heights.rail_line)], "above the finished floor",
            keys: %w[wall.rail_line wall.cover wall.standoff wall.above],
            codes: %w[bypass.above bypass.cover bypass.parking bypass.studs bypass.header bypass.nogging
              bypass.standoff])
        end

        # Where the pulls are bored; soft close beside them.
        def pulls = [super, soft_close].flatten.compact

        public :opens

        private

        def known_parts
          none = @set&.covers? ? [:depth, *(:lap unless @set.lap)] : [:wall]
          super - none
        end

        def gaps = @set.panels.map(&:travel_gap)

        def gap_line
          "least #{derived(gaps.map(&:least).min)}, most #{derived(gaps.map(&:most).max)}"
        end
      end
    end
  end
end
