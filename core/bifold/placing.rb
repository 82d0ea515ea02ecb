# frozen_string_literal: true

module YellowTrack
  class Bifold
    # Where each panel stands closed, and the holes it takes.
    class Placing
      # @param set [Bifold] sized
      def initialize(set)
        @set = set
      end

      # @return [Array<Panel>] from the left
      def panels
        roles.zip(lefts).each_with_index.map do |(role, left), place|
          name = Family::NAMES[place]
          Panel.new(name:, x: left, width: @set.width, height: @set.height, thickness: @set.thickness, weight: @set.weight,
            hands: @set.hands, gap: @set.floor_gap.between("panels.#{name}.gap", "Gap under #{name} closed", left, left + @set.width),
            holes: (role == :pivot) ? pivot_holes : [hole("top", "lead", @set.lead_inset, "guide pin")]).freeze
        end
      end

      # x of every pivot, from the left.
      def pivots
        sides = @set.two_pairs? ? %w[left right] : [@set.hand]
        sides.map { |side| pivot(side) }
      end

      private

      def pivot(side)
        left, right = @set.sizing.jambs
        jamb, formula = (side == "left") ? [left, "jamb + side gap + inset"] : [right, "jamb − side gap − inset"]
        @set.work.sum("pivots.at.#{side}", "Pivot at the #{side}", formula, jamb:, side_gap: @set.gaps.side, inset: @set.pivot_inset,
          why: "From the left jamb's foot; top and bottom plumb above each other.")
      end

      def roles
        return %i[pivot lead lead pivot] if @set.two_pairs?

        (@set.hand == "left") ? %i[pivot lead] : %i[lead pivot]
      end

      # Gaps between the panels, from the left jamb.
      def gaps
        side, hinge = @set.gaps.side, @set.hinge_gap
        return [side, hinge, @set.gaps.meet, hinge] if @set.two_pairs?

        [(@set.hand == "left") ? side : @set.gaps.lead, hinge]
      end

      def lefts
        edge = @set.sizing.start
        gaps.each_with_index.map do |gap, place|
          left = @set.work.sum("panels.#{Family::NAMES[place]}.x", "Left edge of #{Family::NAMES[place]}", "before + gap", before: edge, gap:,
            why: "From the left jamb's foot, closed.")
          edge = left + @set.width
          left
        end
      end

      def pivot_holes
        @set.brief.from_kit("hole.diameter", "Hole's diameter")
        @set.brief.from_kit("hole.depth", "Hole's depth")
        @set.brief.from_kit("lead_inset", "Lead inset, il")
        @set.brief.take("inset", "pivot_inset", "Pivot inset, i")
        [hole("top", "pivot", @set.pivot_inset, "top pivot"), hole("bottom", "pivot", @set.pivot_inset, "bottom pivot")]
      end

      def hole(edge, from, at, purpose)
        {edge:, from:, at:, diameter: @set.kit.fetch("hole.diameter"), depth: @set.kit.fetch("hole.depth"), for: purpose}
      end
    end
  end
end
