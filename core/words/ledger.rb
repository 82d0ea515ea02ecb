# frozen_string_literal: true

module YellowTrack
  # Every place that a number of a plan can have in the ledger, declared once: a sum that is
  # written to another, or a place that is asked for and stands nowhere, is a mistake of ours and
  # raises. `*` stands for what is counted: a panel's letter, the panels of a lap, a lane's or a
  # piece's number, a cause and what was found of it.
  module Ledger
    PLACES = {
      "adjust" => %w[bow drop jack left_over rise short.bottom short.top slide.bottom slide.top taper tilt turns.left
        turns.right],
      "alter" => %w[height lipping width],
      "build" => %w[built least most needed],
      "depth" => %w[air available guides.* lanes.* needed pivot_line rails.* track_front],
      "fit" => %w[closing face middle near opening striker.* up],
      "fittings" => %w[aligner handle handle_at hinges.*],
      "fold" => %w[angle clear guide_travel lead_gap meet_gap pinch projection wanted_gap],
      "frame" => %w[height.design height.least height.most rough.height rough.width width.design width.least
        width.most],
      "guides" => %w[floor_depth floor_width groove_depth groove_width strips tongue wood],
      "kit" => %w[air.design drop head_allowance hole.depth hole.diameter lead_gap lead_inset meet_gap
        rail.engagement.design stay track.first track.pitch],
      "laps" => %w[*.guide_at lap],
      "material" => %w[load rating],
      "meets" => %w[gap],
      "packing" => %w[at.left.bottom at.left.top at.right.bottom at.right.top design least most],
      "panels" => %w[*.gap.least *.gap.most *.travel_gap.least *.travel_gap.most *.x hands height rollers spacing
        thickness weight width],
      "pelmet" => %w[front return],
      "pivots" => %w[at.left at.right head_allowance hidden least_corner least_half_jamb place side_gap top_seen
        track_line],
      "pocket" => %w[depth longest_screw rough_height rough_width stay wall],
      "prepare" => %w[base_strip.*.shim built_down.frame built_down.height built_down.plate built_down.underside
        built_down.upright casing.head_long casing.head_short casing.leg framed.infill.height framed.infill.width
        framed.rail framed.stiles half_jamb.head half_jamb.left half_jamb.right half_jamb.thickness head_packing
        packing.left packing.right],
      "pulls" => %w[far near up],
      "reach" => %w[bays.*.widest share widest],
      "replacing" => %w[mend new share],
      "reroller" => %w[above below gain lift shift shift_turned tapers],
      "run" => %w[middle],
      "set" => %w[cover.head cover.side gap inset lap],
      "share" => %w[* *.*],
      "sizing" => %w[height width],
      "soft_close" => %w[*.closing *.opening *.striker.*],
      "survey" => %w[bow covering floor_fall floor_high greatest_head greatest_width height_spread level_height
        out_of_square plumb_width sag tightest_width width_spread],
      "track" => %w[count floor_rail joints.* length mount_height packing pieces.* screw start stops.*],
      "trim" => %w[left right],
      "wall" => %w[above cover header.length rail_line rail_start side_cover standoff]
    }.freeze
    ALONE = %w[engagement gap lift_room run].freeze

    KNOWN = Regexp.new("\\A(?:#{[*ALONE, *PLACES.flat_map { |part, rest| rest.map { |one| "#{part}.#{one}" } }]
      .map { |place| Regexp.escape(place).gsub("\\*", "[A-Za-z0-9_-]+") }.join("|")})\\z")
    PLACED = Hash.new { |told, key| told[key.dup.freeze] = KNOWN.match?(key) }
    private_constant :KNOWN, :PLACED

    module_function

    # Whether there is such a place.
    #
    # @param key [String] "panels.width", "track.pieces.2"
    def place?(key) = PLACED[key]
  end
end
