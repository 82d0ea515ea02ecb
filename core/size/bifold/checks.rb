# frozen_string_literal: true

module YellowTrack
  class Bifold
    # What is wrong with a bifold set (handbook 5).
    class Checks < CheckList
      include CommonChecks

      HIDDEN = 5 # mm of a panel's edge behind a half jamb, at least
      TOP_SEEN = 10 # mm over a panel under a half jamb, at most
      SETBACK = 1
      WOOD = 5 # mm each side of a pivot hole
      NARROWEST = 150
      WIDE = 8 # mm of lead or meet gap
      LEAN = 3
      NOTHING = 1e-9 # mm: what a turn's sums can be out by

      check "bifold.pinch", :stop do |set|
        given = set.gaps.own_side
        needed = [set.gaps.least_corner, set.gaps.least_half_jamb].compact.max
        given && given < needed && ["A side gap of #{at_most(given)} is too small: the turn needs #{at_least(needed)}.",
          "Leave #{len(Length.up(needed, Gaps::STEP))} beside the pivot."]
      end

      check "bifold.hidden", :watch do |set|
        hidden = set.hidden
        hidden && hidden < HIDDEN && ["The half jamb hides #{at_most([hidden, 0].max)} of the panel's edge.",
          "A thicker half jamb hides more: #{len(HIDDEN)} at least."]
      end

      check "bifold.top", :watch do |set|
        seen = set.top_seen
        seen && seen > TOP_SEEN && ["#{at_least(seen)} are open under the head's half jamb: the track shows.",
          "Pack the head strip down."]
      end

      check "bifold.setback", :stop do |set|
        set.half_jamb && set.terms.setback < SETBACK &&
          ["The half jamb stands #{len(set.terms.setback)} before the panels: the pivot will bind.",
            "Set it #{len(SETBACK)} or more in front."]
      end

      check "bifold.thickness", :stop do |set|
        wood = (set.thickness - set.kit.fetch("hole.diameter")) / 2
        wrong_thickness(set) || (wood < WOOD &&
          ["A pivot hole leaves #{at_most(wood)} of wood at each side.", "Take thicker panels."])
      end

      check "bifold.width", :stop do |set|
        widest = set.kit.fetch("widest")
        if set.width > widest
          next ["The panels are #{at_least(set.width)} wide; the kit takes #{len(widest)}.",
            "Take two pairs, or another set."]
        end

        set.width < NARROWEST && ["The panels come out at #{at_most(set.width)}; under #{len(NARROWEST)} they will " \
          "not fold.",
          "Take one pair, or measure again."]
      end

      check "bifold.weight", :stop do |set|
        weighed(set)
      end

      check "bifold.gap.least", :stop do |set|
        gap_under_least(set.gap, set.kit["gap.least"], "at the high point", planned: set.gap)
      end

      check "bifold.gap.most", :watch do |set|
        gap_over_most(set.gap + set.brief.figures.floor_fall, set.kit["gap.most"], "at the low point")
      end

      check "bifold.lead", :stop do |set|
        set.two_pairs? ? tight_meet(set) : tight_lead(set)
      end

      check "bifold.strike", :stop do |set|
        clearance = set.fold.strike_clearance
        clearance && set.terms.setback >= SETBACK && clearance < Gaps::MARGIN - NOTHING && [
          "The half jamb at the strike is in the lead panel's way: #{at_most([clearance, 0].max)} is left and it " \
            "takes #{len(Gaps::MARGIN)}.",
          "A thinner strip at the strike, or more lead gap."
        ]
      end

      check "bifold.wide", :watch do |set|
        gap = set.gaps.last
        gap > WIDE && ["The #{set.two_pairs? ? "meet" : "lead"} gap comes out at #{at_least(gap)}.",
          "Pack #{at_least(gap - WIDE)} to #{at_most(gap - set.gaps.swing - Gaps::MARGIN)} at the jamb, or make the " \
            "panels wider."]
      end

      check "bifold.room", :stop do |set|
        front = set.brief.survey["front"]
        front && set.fold.projection > front &&
          ["The panels swing #{at_least(set.fold.projection)} into the room; #{len(front)} is free.",
            "Narrower panels: two pairs, or a sliding set."]
      end

      check "bifold.depth", :stop do |set|
        depth = set.brief.survey["depth"]
        depth && set.depth_needed > depth &&
          ["The set is #{at_least(set.depth_needed)} deep and the opening #{len(depth)}.",
            less_deep(set, set.depth_needed - depth, "another set")]
      end

      check "bifold.lean", :watch do |set|
        leaning = set.brief.leans.select { |_, lean| lean.abs > LEAN }
        inward = leaning_in(set)
        next if leaning.empty? && inward.empty?

        side, lean = (inward.empty? ? leaning : inward).max_by { |_, out| out.abs }
        says = "The #{side} jamb leans #{at_least(lean.abs)}: the gap beside the panel tapers by it."
        plumb = "pack the #{side} jamb plumb: #{packed_plumb(side, lean)}"
        inward.empty? ? [says, "#{plumb[0].upcase}#{plumb[1..]}."] : [:stop, says, "Size the set plumb, or #{plumb}."]
      end

      check "bifold.height", :stop do |set|
        too_tall_or_short(set)
      end

      private

      # Where a leaning jamb is packed so that it stands plumb.
      def packed_plumb(side, lean)
        inward = (side == :left) ? lean : -lean
        inward.positive? ? "#{len(lean.abs)} at its foot, nothing at its top" :
          "#{len(lean.abs)} at its top, nothing at its foot"
      end

      def tight_lead(set)
        needed = set.gaps.swing + Gaps::MARGIN
        set.gaps.lead < needed - NOTHING && [
          "The lead gap is #{at_most(set.gaps.lead)}; the turn needs #{at_least(needed)}.",
          "#{trim(set, needed)}Leave more at the strike."
        ]
      end

      # Opened one pair at a time, a meet gets by with one swing.
      def tight_meet(set)
        alone, together = set.gaps.swing + Gaps::MARGIN, 2 * set.gaps.swing + Gaps::MARGIN
        return if set.gaps.meet >= together - NOTHING

        says = "The meet gap is #{at_most(set.gaps.meet)}; both pairs together need #{at_least(together)}."
        return [:watch, says, "Open one pair at a time, or leave more."] if set.gaps.meet > alone

        [says, "#{trim(set, together)}Leave more at the meet."]
      end

      # What ready-made panels would have to lose.
      def trim(set, needed)
        return "" unless set.opening["width"]

        short = needed - set.gaps.last
        "Trim #{at_least(short)} in all off the free stiles, evenly on both edges. "
      end

      # Pivot jambs that lean in further than the turn leaves room for, of a
      # set that follows them.
      def leaning_in(set)
        return {} if set.sizing.between_plumb_lines?

        room = set.gaps.side - set.gaps.least_corner + Gaps::MARGIN
        pivot_sides = set.two_pairs? ? %i[left right] : [set.hand.to_sym]
        set.brief.leans.slice(*pivot_sides).select { |side, lean| ((side == :left) ? lean : -lean) > room }
      end
    end
  end
end
