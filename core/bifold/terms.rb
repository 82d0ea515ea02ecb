# frozen_string_literal: true

module YellowTrack
  class Bifold
    # What a bifold's sums start from: what the kit says and the fitter chose
    # (handbook 5). Lengths in mm.
    class Terms
      PANELS = [2, 4].freeze

      # @return [Numeric] T
      attr_reader :thickness

      # @param brief [Brief]
      # @param thickness [Rational] of a panel
      # @raise [Fault] for a number of panels that makes no pairs
      def initialize(brief, thickness)
        @brief, @thickness = brief, thickness
        refuse_odd
        freeze
      end

      # @return [Integer] 1 or 2
      def pairs = (opening["panels"] || 2) / 2

      def two_pairs? = pairs == 2

      # The side a single pair turns at.
      def hand = opening["hand"] || "left"

      # Half jamb's thickness w; nil without one.
      def half_jamb = opening["half_jamb.thickness"]

      # How far the half jamb's back stands in front of the panels, s.
      def setback = opening["setback"] || kit.fetch("setback")

      # Pivot inset i and lead inset il.
      def pivot_inset = opening["inset"] || kit.fetch("pivot_inset")

      def lead_inset = kit.fetch("lead_inset")

      def hinge_gap = kit.fetch("hinge_gap")

      # The widest fold that the kit lets, degrees.
      def widest_fold = kit.fetch("fold")

      private

      def opening = @brief.opening

      def kit = @brief.kit

      def refuse_odd
        return if PANELS.include?(opening["panels"] || 2)

        raise Fault.new("#{opening["panels"]} panels make no pairs. It takes #{PANELS.join(" or ")}.",
          key: "set.panels")
      end
    end
  end
end
