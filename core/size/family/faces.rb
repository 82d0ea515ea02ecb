# frozen_string_literal: true

module YellowTrack
  class Family
    # What is marked and drilled on its panels (handbook 7).
    module Faces
      # The faces of a panel that are drilled or marked.
      def faces = %w[room]

      # The edge of a panel that everything on it is measured from.
      def datum_of(_panel) = "left edge"

      # Marks on a panel's face for the drilling sheet, beside what its edges
      # take (handbook 7).
      #
      # @return [Array<Drilling::Mark>]
      def face_marks(panel) = pulls ? pulls.on(panel).map { |at| Drilling::Mark.new("pull", "room", at, pulls.up) } : []

      # @return [Pulls, nil] nil for panels that fold by a handle
      attr_reader :pulls

      # How a panel's edges are called on its drilling sheet, from the left as it
      # is seen from one of its faces.
      #
      # @param face ["room", "closet"]
      # @return [Array(String, String)]
      def edges_of(_panel, face) = ["left edge", "right edge"].then { |edges| (face == "room") ? edges : edges.reverse }
    end
  end
end
