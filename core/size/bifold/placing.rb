# frozen_string_literal: true

module YellowTrack
  class Bifold
    # Where each panel stands closed, and the holes its edges take.
    class Placing
      # @param set [Bifold] with its terms, gaps and heights
      def initialize(set)
        @set = set
        @terms = set.terms
        @gaps = set.gaps
      end

      # @return [Array<Panel>] from the left
      def panels
        roles.zip(lefts).each_with_index.map do |(role, left), place|
          name = Family::NAMES[place]
          Panel.new(name:, x: left, width: @set.width, height: @set.height, thickness: @set.thickness,
            weight: @set.weight,
            hands: @set.hands, gap: @set.floor_gap
              .between("panels.#{name}.gap", "Gap under #{name} closed", left, to: left + @set.width),
            holes: (role == :pivot) ? pivot_holes : [hole("top", "lead", @terms.lead_inset,
              purpose: "guide pin")]).freeze
        end
      end

      # x of every pivot, from the left.
      def pivots = (@terms.two_pairs? ? %w[left right] : [@terms.hand]).map { |side| pivot(side) }

      private

      def pivot(side)
        left, right = @set.sizing.jambs
        jamb, formula = (side == "left") ? [left, "jamb + side gap + inset"] : [right, "jamb − side gap − inset"]
        @set.work.sum("pivots.at.#{side}", "Pivot at the #{side}", formula, jamb:, side_gap: @gaps.side,
          inset: @terms.pivot_inset,
          why: "From the left jamb's foot; top and bottom plumb above each other.")
      end

      def roles
        return %i[pivot lead lead pivot] if @terms.two_pairs?

        (@terms.hand == "left") ? %i[pivot lead] : %i[lead pivot]
      end

      # Gaps between the panels, from the left jamb.
      def between
        return [@gaps.side, @terms.hinge_gap, @gaps.meet, @terms.hinge_gap] if @terms.two_pairs?

        [(@terms.hand == "left") ? @gaps.side : @gaps.lead, @terms.hinge_gap]
      end

      def lefts
        edge = @set.sizing.start
        between.each_with_index.map do |gap, place|
          left = @set.work.sum("panels.#{Family::NAMES[place]}.x", "Left edge of #{Family::NAMES[place]}",
            "before + gap", before: edge, gap:,
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
        [hole("top", "pivot", @terms.pivot_inset, purpose: "top pivot"),
          hole("bottom", "pivot", @terms.pivot_inset, purpose: "bottom pivot")]
      end

      def hole(edge, from, at, purpose:)
        {edge:, from:, at:, diameter: @set.kit.fetch("hole.diameter"), depth: @set.kit.fetch("hole.depth"),
         for: purpose}
      end
    end
  end
end
