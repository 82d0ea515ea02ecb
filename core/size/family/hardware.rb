# frozen_string_literal: true

module YellowTrack
  class Family
    # What is counted of a set: cuts, holes, adjusters, small parts.
    module Hardware
      # Count of cuts, holes and adjusters.
      #
      # @return [Hash{Symbol => Integer}]
      def labour
        {cuts: track.pieces.length * rails + (2 - given_sizes) * panels.length,
         holes: track.holes.length * rails + panels.sum { |panel| panel.holes.to_a.length },
         adjusters: 2 * panels.length}
      end

      # Small parts to buy beside the kit: what each is called, and how many.
      #
      # @return [Hash{String => Integer}]
      def fittings
        {"track screws" => track.holes.length * rails,
         **(pulls ? {"pulls" => pulls.count} : {}),
         **(soft_close ? {"dampers" => soft_close.dampers, "strikers" => soft_close.strikers} : {})}
      end

      # @return [Bypass::Pelmet, nil] in front of the track
      def pelmet = nil

      # What hangs and guides the panels, counted.
      #
      # @return [Hash{String => Integer}]
      def hardware = {"hangers" => 2 * panels.length}
    end
  end
end
