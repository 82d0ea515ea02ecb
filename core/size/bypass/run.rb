# frozen_string_literal: true

module YellowTrack
  class Bypass
    # What the closed panels cover: where it starts along the floor, and how
    # long it is, R; mm.
    Run = Struct.new(:start, :length) do
      # @return [Rational] mm from the left jamb
      def finish = start + length

      # @return [Array<Rational>] mm from the left jamb, left and right
      def ends = [start, finish]
    end
  end
end
