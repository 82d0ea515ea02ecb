# frozen_string_literal: true

module YellowTrack
  class Family
    # What a set takes of the wall and the floor around it (handbook 3), mm.
    module Surroundings
      # What stands before each jamb, so that nothing is clear there, mm.
      def before_jambs = 0r

      # What keeps a closed set shut, mm: laps, what stays in a pocket, what covers a
      # jamb; under nothing the opening stands open.
      def shut_by = []

      # Gaps that panels of a given width leave between or beside them, mm.
      def left_open = []

      # Free wall that it takes beside the opening to open, mm; nil for none.
      def needed_beside = nil

      # What the set takes of its surroundings (handbook 3), mm: floor in front,
      # wall beside, depth in the opening.
      def floor_in_front = 0r

      # @return [Rational] mm of wall that it goes over or into
      def wall_beside = 0r

      # @return [Rational] mm of the jamb's depth
      def depth_taken = 0r

      # What stands on the floor: "none", "guide", "bracket" or "full rail".
      def floor_parts = "guide"
    end
  end
end
