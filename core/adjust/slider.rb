# frozen_string_literal: true

module YellowTrack
  module Adjust
    # A hung slider at its jamb: three gaps, two hangers.
    class Slider
      SIDES = %i[left right].freeze

      # A change of both hangers: which they are, and by how much each.
      Move = Struct.new(:which, :left, :right, keyword_init: true) do
        def by(side) = public_send(side)

        # How much more the right one rises.
        def turn = right - left

        def moved = left.abs + right.abs
      end

      # @return [Numeric] τ, top less bottom
      attr_reader :taper
      # @return [Numeric] middle less the mean of the others
      attr_reader :bow
      # @return [Move, nil] the one to make; nil where the gaps are even, or
      #   none fits
      attr_reader :move
      # @return [Move, nil] where none fits, the one that closes the most of the
      #   taper within every limit; nil where nothing can be closed
      attr_reader :part
      # @return [Array<String>] codes, sorted
      attr_reader :codes
      # @return [Numeric] mm that a turn raises, as reckoned with; of a slot's
      #   scale 1
      attr_reader :per_turn

      # @param kit [Kit]
      # @param jamb ["left", "right"]
      # @param gaps [Hash{String => Numeric}] top, middle, bottom; 0 touches
      # @param width [Numeric] P
      # @param height [Numeric] Hp
      # @param at [Hash{String => Numeric}] where each hanger stands, 0 at mid
      # @param floor [Hash{String => Numeric}, nil] present gaps under the lower
      #   corners
      # @param bumper [Numeric] that the panel rolls home to
      # @param engagement [Numeric, nil] of a bottom-rolling panel in its
      #   channel, adjusters at mid
      # @param tops [Hash{String => Numeric}] neighbours' tops above this
      #   panel's, at the edge where they stand
      # @param even [Numeric] what the gaps may differ by
      # @param per_turn [Numeric, nil] the real figure, where it was learnt
      # @param inset [Numeric, nil] r, where it is not the kit's
      def initialize(kit:, jamb:, gaps:, width:, height:, at:, floor: nil, bumper: 0, engagement: nil, tops: {}, even: EVEN, per_turn: nil, inset: nil)
        @kit, @jamb, @width, @height, @at, @bumper = kit, jamb, width, height, at, bumper
        @inset = inset || kit.fetch("inset.design")
        @top, @middle, @bottom = gaps.values_at("top", "middle", "bottom")
        @limits = Limits.new(kit, at, spacing:, inset: @inset, width:, floor:, engagement:)
        @tops = tops.compact
        @per_turn = slot? ? 1r : per_turn || kit["adjust.per_turn"]
        @taper = @top - @bottom
        @bow = @middle - (@top + @bottom)/2r
        decide(even)
        freeze
      end

      # Whether its adjusters go by a slot's scale, not by turns.
      def slot? = @kit["adjust.slot"] == true

      # @return [Numeric] S, between the hangers
      def spacing = @width - 2 * @inset

      # How the jamb's taper is seen at a right jamb: raising the right hanger
      # adds to it there.
      #
      # @return [Numeric]
      def taper_at_right = sign * taper

      # What to do: the move, or the part of it that can be had.
      #
      # @return [Move, nil]
      def advice = move || part

      # Quarter turns of a hanger, rounded the way that leaves the least taper;
      # nil for a slot.
      #
      # @return [Rational, nil]
      def turns(side) = (slot? || advice.nil?) ? nil : quarters.fetch(side.to_sym).abs.to_r / QUARTER

      # Which way it is turned; nil for not at all.
      #
      # @return ["clockwise", "anticlockwise", nil]
      def turn(side) = (turns(side) || 0).zero? ? nil : Adjust.way(@kit, advice.by(side))

      # How far a lower corner goes by the move, exactly.
      def corner(side) = @limits.corner(side, advice.left, advice.right)

      # The gaps that the next reading should show, the turns as rounded.
      #
      # @return [Hash{String => Numeric}]
      def expected = gaps_after(done("left"), done("right"))

      # How far a hanger goes by its turns as rounded.
      #
      # @return [Numeric] mm, + up
      def done(side) = slot? ? advice.by(side) : quarters.fetch(side.to_sym) * per_turn / QUARTER

      # By how much each limit is broken, at least, by one hanger alone.
      #
      # @return [Hash{String => Numeric}] mm, by code
      def lacking
        [jamb_side, far_side].map { |one| @limits.over(one.left, one.right) }.reduce { |one, other| one.merge(other) { |_, first, second| [first, second].min } }
      end

      # What to do in whole steps of both hangers, + up. What they differ by is
      # what turns the panel, so that is what is rounded.
      #
      # @param step [Numeric] mm
      # @return [Hash{Symbol => Integer}]
      def counts(step)
        left, right = [advice.left, advice.right].map { |by| by / step }
        apart = (right - left).round
        first = [left.floor, left.ceil].min_by { |count| [(count - left).abs, (count + apart - right).abs].max }
        {left: first, right: first + apart}
      end

      # Codes of what any turning would run into.
      def stops(left, right) = @limits.stops(left, right)

      # How far a lower corner rises by any turning.
      def corner_after(side, left, right) = @limits.corner(side.to_sym, left, right)

      # The gaps after any turning of the hangers, the panel rolled home.
      def gaps_after(left, right)
        tapered = taper + sign * (right - left) * @height / spacing
        gaps = {"top" => tapered, "middle" => tapered/2r + bow, "bottom" => 0}
        home = @bumper - gaps.values.min
        gaps.transform_values { |gap| gap + home }
      end

      # The move file's answer.
      def to_h = Numbers.rounded("taper" => taper, "bow" => bow, "codes" => codes, "move" => move && move_to_h)

      private

      # Raising the right hanger closes a taper at a right jamb, opens it at a
      # left one.
      def sign = (@jamb == "right") ? 1 : -1

      def decide(even)
        gaps = [@top, @middle, @bottom]
        done = gaps.max - gaps.min <= even
        @move = done ? nil : best
        @part = (done || @move) ? nil : most
        @codes = [("adjust.done" if done), ("adjust.bow" if !done && bow.abs > BOW), *((done || @move) ? [] : stopped)].compact.uniq.sort
      end

      # uR − uL that closes the taper.
      def wanted = -sign * taper * spacing / @height

      def jamb_side = right_alone?(@jamb) ? alone("right", "jamb") : alone("left", "jamb")

      def far_side = right_alone?(@jamb) ? alone("left", "far") : alone("right", "far")

      def right_alone?(jamb) = jamb == "right"

      def alone(side, which) = Move.new(which:, left: (side == "left") ? -wanted : 0, right: (side == "right") ? wanted : 0)

      # Of one hanger alone the one that leaves the tops most level, else the
      # jamb's; of both, split as evenly as their ranges allow.
      def best
        single = [jamb_side, far_side].select { |one| @limits.stops(one.left, one.right).empty? }
        return single.min_by.with_index { |one, place| [step(one), place] } if single.any?

        shift = @limits.shift(-wanted / 2, wanted / 2)
        both = shift && Move.new(which: "both", left: -wanted / 2 + shift, right: wanted / 2 + shift)
        both if both && @limits.stops(both.left, both.right).empty?
      end

      def quarters = counts(per_turn / QUARTER)

      # The most of it that whole quarter turns can do within every limit.
      def most
        step = per_turn / QUARTER
        (wanted.abs / step).floor.downto(1) do |count|
          by = (wanted <=> 0) * count * step
          least, most = @limits.room(-by / 2, by / 2).map { |shift| (shift - by / 2) / step }
          next if least.ceil > most.floor

          left = step * split(by / step, least.ceil, most.floor)
          return Move.new(which: which(left, left + by), left:, right: left + by)
        end
        nil
      end

      # Steps of the left hanger: none, or all of it, the jamb's hanger first;
      # else as evenly as can be.
      def split(by, least, most)
        alone = right_alone?(@jamb) ? [0, -by] : [-by, 0]
        alone.find { |steps| steps.between?(least, most) } || (-by / 2).round.clamp(least, most)
      end

      def which(left, right)
        return "both" unless left.zero? || right.zero?

        (right_alone?(@jamb) == left.zero?) ? "jamb" : "far"
      end

      # What remains between this panel's top and its neighbours'.
      def step(one) = @tops.map { |side, top| (top - @limits.corner(side.to_sym, one.left, one.right)).abs }.max || 0

      def stopped = [jamb_side, far_side].flat_map { |one| @limits.stops(one.left, one.right) }

      def move_to_h
        {which: move.which, left: move.left, right: move.right, corner_left: corner(:left), corner_right: corner(:right), expected:,
         **(slot? ? {} : {turns: SIDES.to_h { |side| [side, turns(side)] }, turn: SIDES.to_h { |side| [side, turn(side)] }})}
      end
    end
  end
end
