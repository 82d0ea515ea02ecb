# frozen_string_literal: true

module YellowTrack
  class Family
    # How a hung set is read and adjusted (handbook 8): what is adjusted as one, at which jamb its
    # gaps are read, and how.
    module Adjusting
      # What is adjusted as one, with what was read of it (handbook 8).
      #
      # @return [Array<Adjust::Reading>] from the left
      def readings = panels.map { |panel| Adjust::Reading::Sliding.new(self, panel) }

      # Those whose gaps show at a jamb.
      def needed_readings = readings

      # The jamb that a panel closes to: "left" or "right".
      def jamb_of(panel) = ((panel.x + panel.right) / 2 <= (panels.first.x + panels.last.right) / 2) ? "left" : "right"

      # Where a panel's gaps are read, in words, at a jamb.
      def read_at(_panel, jamb) = "the #{jamb} jamb"

      # How a panel's edge is read there (handbook 15, "Adjusting, again").
      #
      # @return ["gap", "cover", "meet"]
      def read_as(_panel, _jamb) = "gap"

      # Whether something hangs beside a panel, away from its jamb.
      def neighbours? = panels.length > 1

      # What a closed panel rolls home to, mm.
      def bumper = 0r
    end
  end
end
