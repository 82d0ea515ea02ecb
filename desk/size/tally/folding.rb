# frozen_string_literal: true

module YellowTrack
  module Desk
    class Tally
      # Bifold sets.
      class Folding < Tally
        CHOICES = {
          panels: [nil, ["Change kit and panels", PANEL_CHOICES + %w[set.panels set.hand]]],
          slab: SLAB_CHOICES,
          side: ["set.side_gap", nil],
          pivots: [nil, ["Half jamb and setback", %w[set.half_jamb.thickness set.half_jamb.depth set.setback]]],
          gap: ["set.gap", nil], handle: [nil, ["Hinge stile or middle", %w[set.handle]]],
          track: [nil, ["Packing", %w[set.packing.left set.packing.right set.packing.head]]]
        }.freeze

        GROUPS = {cut: %i[panels slab track wanted], mark: %i[stand pivots depth handle], gaps: %i[side lead gap],
                  opens: %i[room opens]}.freeze

        # The gap beside the pivots.
        def side
          row("Side gap", [derived(@set.gaps.side)],
            "pivots at #{@set.pivots.map { |place| short(place) }.join(" and ")}",
            keys: %w[pivots.side_gap pivots.least_corner pivots.least_half_jamb pivots.at.left pivots.at.right],
            line: ["kit's, the turn's and the strip's, the most of them"],
            codes: %w[bifold.pinch bifold.lean bifold.setback])
        end

        # What is bored for the pivots, how far in and down they hang.
        def pivots = [holes, strip, hangs].compact

        # What is bored in the panels' edges for pivots and pins.
        def holes
          inset, lead = value("set.inset"), value("kit.lead_inset")
          row("Pin holes", [derived(value("kit.hole.diameter")), :"across,", derived(value("kit.hole.depth"))], "deep",
            keys: %w[kit.hole.diameter kit.hole.depth set.inset kit.lead_inset],
            line: ["#{short(inset)} from the pivot edge, #{short(lead)} from the lead edge"])
        end

        # Where leads meet is told with how far they are apart.
        def meets = nil

        # The gap at the lead, or where two pairs meet.
        def lead
          name, key = @set.two_pairs? ? ["Meet gap", "fold.meet_gap"] : ["Lead gap", "fold.lead_gap"]
          row(name, [derived(@set.gaps.last)], "pinch #{short(@set.fold.pinch)}",
            keys: [key, "fold.wanted_gap", "fold.pinch", "kit.lead_gap", "kit.meet_gap"],
            codes: %w[bifold.lead bifold.strike bifold.wide])
        end

        # How far it comes into the room.
        def room
          row("Into the room", [derived(@set.fold.projection)], "at the most of the fold",
            keys: %w[fold.projection fold.guide_travel fold.angle],
            codes: %w[bifold.room])
        end

        # The depth that it takes.
        def depth
          available = @plan.survey["depth"]
          row("Depth", [derived(@set.depth_needed)], available ? "of #{short(available)}" : "needed",
            keys: %w[depth.needed depth.pivot_line], codes: %w[bifold.depth])
        end

        # Where the handle is.
        def handle
          row("Handle at", [derived(@set.fitted.handle_at)],
            "from the lead's hinge edge, #{short(@set.fitted.handle)} up",
            keys: %w[fittings.handle_at fittings.handle])
        end

        # What is clear at the widest fold.
        def opens = super(line: ["clear at the widest fold"])

        private

        def strip
          return unless @set.half_jamb

          row("Half jamb hides", [derived(@set.hidden)], "of the panel's edge", keys: %w[pivots.hidden pivots.top_seen],
            codes: %w[bifold.hidden bifold.top])
        end
      end
    end
  end
end
