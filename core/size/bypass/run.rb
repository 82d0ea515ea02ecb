# frozen_string_literal: true

module YellowTrack
  class Bypass
    # What the closed panels cover: where it starts along the floor, and how
    # long it is, R; mm.
    Run = Struct.new(:start, :length) do
      def finish = start + length

      def ends = [start, finish]
    end
  end
end
