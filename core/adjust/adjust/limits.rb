# frozen_string_literal: true

module YellowTrack
  module Adjust
    # What stops a hung panel's hangers: the adjusters' range, the floor, and
    # the head or the channel above.
    class Limits
      # Where a panel's corners stand along it, mm from the left hanger, and how far apart both hangers are.
      Corners = Struct.new(:left, :right, :spacing) do
        # How far a corner rises with both hangers.
        def rise(side, by_left, by_right) = by_left + (by_right - by_left) * self[side] / spacing
      end

      NEARLY = 1e-9 # mm: what sums of fractions and shares can be out by
      HEAD_CLEAR = 2 # mm of a kit's head room that are kept

      # @param kit [Kit]
      # @param at [Hash{String => Numeric}] where each hanger stands
      # @param spacing [Numeric] S
      # @param inset [Numeric] r
      # @param width [Numeric] P
      # @param floor [Hash{String => Numeric}, nil] under the lower corners
      # @param engagement [Numeric, nil] in a channel, adjusters at mid
      def initialize(kit, at, spacing:, inset:, width:, floor:, engagement:)
        @kit = kit
        @at = at.transform_keys(&:to_sym)
        @corners = Corners.new(-inset, width - inset, spacing)
        @floor = floor&.transform_keys(&:to_sym)
        @engagement = engagement
      end

      # How far a corner rises with both hangers.
      def corner(side, left, right) = @corners.rise(side, left, right)

      # Codes of what a change runs into.
      #
      # @return [Array<String>]
      def stops(left, right)
        bounds(left, right).reject { |_, value, least, most| within?(value, least, most) }.map(&:first).uniq
      end

      # Between what both hangers may be shifted for a change to break nothing.
      #
      # @return [Array(Numeric, Numeric)] least and most; the least is the
      #   larger where no shift will do
      def room(left, right) = span(bounds(left, right))

      # By how much a change breaks each limit, in mm.
      #
      # @return [Hash{String => Numeric}] by code
      def over(left, right)
        bounds(left, right).each_with_object({}) do |(code, value, least, most), found|
          by = [least - value, value - most].max
          found[code] = [found[code] || 0, by].max if by > NEARLY
        end
      end

      private

      # All rise by as much as both hangers do.
      def span(bounds)
        bounds.reduce([-Float::INFINITY, Float::INFINITY]) do |(low, high), (_, value, from, to)|
          [[low, from - value].max, [high, to - value].min]
        end
      end

      def within?(value, least, most) = value >= least - NEARLY && value <= most + NEARLY

      # Each limit: its code, where the change comes to, and between what it
      # has to stay.
      def bounds(left, right)
        range(left, right) + %i[left right].flat_map { |side| [*floor(side, left, right), *head(side, left, right)] }
      end

      def range(left, right)
        {left:, right:}.map do |side, by|
          ["adjust.range", @at[side] + by, -@kit.fetch("adjust.down"), @kit.fetch("adjust.up")]
        end
      end

      # No nearer to the floor than the kit's least, or than it is already. What stands on a rail keeps
      # to its channel, not to the floor.
      def floor(side, left, right)
        return [] if @floor.nil? || @floor[side].nil? || @kit.manner.carried == :floor

        [["adjust.floor", @floor[side] + corner(side, left, right), [@kit.fetch("gap.least"), @floor[side]].min,
          Float::INFINITY]]
      end

      def head(side, left, right)
        risen = corner(side, @at[:left] + left, @at[:right] + right)
        return channel(risen) if @engagement

        room = @kit["head_room"]
        room ? [["adjust.head", risen, -Float::INFINITY, room - HEAD_CLEAR]] : []
      end

      def channel(risen)
        [["adjust.head", @engagement + risen, @kit.fetch("rail.engagement.least"), @kit.fetch("rail.channel")]]
      end
    end
  end
end
