# frozen_string_literal: true

require "forwardable"

module YellowTrack
  module Adjust
    # A hung slider at its jamb: three gaps, two hangers. Its sums are written
    # down as they are worked out.
    class Slider
      extend Forwardable

      SIDES = %i[left right].freeze

      # What was decided of it.
      #
      # move  [Move, nil] the one to make; nil where the gaps are even, or none fits
      # part  [Move, nil] where none fits, the one that closes the most of the taper within every limit; nil where
      #   nothing can be closed
      # codes [Array<String>] sorted
      Decided = Struct.new(:move, :part, :codes)

      # Its sums; the taper, top less bottom, and as it is seen at a right jamb; the bow; S, between the hangers; the
      # gaps after any turning, and what stays of the taper, with its sum.
      def_delegators :@edge, :work, :taper, :taper_at_right, :bow, :spacing, :gaps_after, :left_over
      # The move, the part of one that can be had, and codes.
      def_delegators :@decided, :move, :part, :codes
      # By how much each limit is broken, at least, by one hanger alone: mm, by code.
      def_delegators :@choosing, :lacking
      # Codes of what any turning would run into.
      def_delegators :limits, :stops

      # @return [Numeric] mm that a turn raises, as reckoned with; of a slot's
      #   scale 1
      attr_reader :per_turn

      # A panel as it hangs, mm.
      #
      # kit        [Kit]
      # jamb       ["left", "right"] where its gaps are read
      # read       ["gap", "cover", "meet"] how its edge is read: the gap at a jamb, how far it covers
      #            one, or the gap where two meet (handbook 15)
      # width, height [Numeric] P and Hp
      # inset      [Numeric, nil] r, where it is not the kit's
      # at         [Hash{String => Numeric}] where each hanger stands, 0 at mid
      # floor      [Hash{String => Numeric}, nil] present gaps under the lower corners
      # bumper     [Numeric] that it rolls home to
      # engagement [Numeric, nil] of a bottom-rolling panel in its channel, adjusters at mid
      # tops       [Hash{String => Numeric}] neighbours' tops above its own, at the edge where they stand
      Panel = Struct.new(:kit, :jamb, :read, :width, :height, :inset, :at, :floor, :bumper, :engagement, :tops,
        keyword_init: true) do
        # r, its own or the kit's, mm.
        def inset_used = inset || kit.fetch("inset.design")
      end

      # @param panel [Panel]
      # @param gaps [Hash{String => Numeric}] top, middle, bottom; 0 touches
      # @param even [Numeric] what the gaps may differ by
      # @param per_turn [Numeric, nil] the real figure, where it was learnt
      def initialize(panel, gaps:, even: EVEN, per_turn: nil)
        @panel, @edge = panel, Edge.new(panel, gaps)
        @per_turn = slot? ? 1r : per_turn || kit["adjust.per_turn"]
        limits = Limits.new(kit, panel.at, spacing:, inset: panel.inset_used,
          **panel.to_h.slice(:width, :floor, :engagement))
        @choosing = WhichHanger.new(limits, wanted: @edge.rise, jamb: panel.jamb, tops:, front: kit.manner.pockets?)
        @decided = decided(@edge.spread <= even)
        SIDES.each { |side| explain_turns(side) } if advice && !slot?
        work.freeze
        freeze
      end

      # @return [Kit]
      def kit = @panel.kit

      # Whether its adjusters go by a slot's scale, not by turns.
      def slot? = Adjust.slot?(kit)

      # Whether the gaps differ by no more than they may.
      def even? = codes.include?("adjust.done")

      # Whether the taper is too far to be an adjuster's: a roller is off, a hanger
      # undone, or the track has come down (handbook 15).
      def off? = @edge.rise.abs > 2 * (kit.fetch("adjust.up") + kit.fetch("adjust.down"))

      # Whether the move needs a pocket's rear adjuster, which is in the wall.
      def rear? = needs_rear?(move)

      # Whether it is bowed by more than stays unseen.
      def bowed? = bow.abs > BOW

      # What to do: the move, or the part of it that can be had.
      #
      # @return [Move, nil]
      def advice = move || part

      # Which hangers are turned, by the quarters.
      #
      # @return ["jamb", "far", "both", nil]
      def which = which_of(advice)

      # Turns of a hanger, in quarters; nil for a slot.
      #
      # @return [Rational, nil]
      def turns(side) = (slot? || advice.nil?) ? nil : quarters.fetch(side.to_sym).abs.to_r / QUARTER

      # Which way it is turned; nil for not at all.
      #
      # @return ["clockwise", "anticlockwise", nil]
      def turn(side) = (turns(side) || 0).zero? ? nil : Adjust.way(kit, quarters.fetch(side.to_sym))

      # How far a lower corner goes by the move, exactly.
      def corner(side) = limits.corner(side, advice.left, advice.right)

      # The gaps that the next reading should show, the turns as rounded.
      #
      # @return [Hash{String => Numeric}]
      def expected = gaps_after(done("left"), done("right"))

      # How far a hanger goes by its turns as rounded.
      #
      # @return [Numeric] mm, + up
      def done(side) = slot? ? advice.by(side) : quarters.fetch(side.to_sym) * per_turn / QUARTER

      # What is suggested, in whole steps of each hanger.
      #
      # @param steps [Hash{String => Numeric}] mm
      # @return [Hash{String => Integer}] + up
      def counts(steps)
        advice ? advice.counts(steps.fetch("left")).transform_keys(&:to_s) : {"left" => 0, "right" => 0}
      end

      # The floor gaps that were read, after any turning.
      #
      # @return [Hash{String => Numeric}]
      def floor_after(read, left, right)
        read.to_h { |side, gap| [side, gap + limits.corner(side.to_sym, left, right)] }
      end

      # The neighbours' tops above this panel's, after any turning.
      #
      # @return [Hash{String => Numeric}]
      def tops_after(left, right) = tops.to_h { |side, top| [side, top - limits.corner(side.to_sym, left, right)] }

      # The move file's answer.
      def to_h = Numbers.rounded("taper" => taper, "bow" => bow, "codes" => codes, "move" => move && move_to_h)

      private

      def limits = @choosing.limits

      def tops = (@panel.tops || {}).compact

      # @param even [Boolean] whether the gaps are
      # @return [Decided]
      def decided(even)
        return Decided.new(nil, nil, ["adjust.done"]) if even
        return Decided.new(nil, nil, found(nil, [])) if off?

        move = @choosing.best
        return Decided.new(move, nil, found(move, [])) if move

        Decided.new(nil, @choosing.most(Adjust.step(kit, per_turn)), found(nil, @choosing.stopped))
      end

      def found(move, stopped)
        [("adjust.bow" if bowed?), ("adjust.off" if off?), ("adjust.rear" if needs_rear?(move)), *stopped]
          .compact.uniq.sort
      end

      def needs_rear?(move) = !move.nil? && kit.manner.pockets? && which_of(move) != "jamb"

      def which_of(move)
        turned = SIDES.reject { |side| slot? || quarters(move).fetch(side).zero? }
        return move.which unless move.which == "both" && turned.length == 1

        (turned.first.to_s == @panel.jamb) ? "jamb" : "far"
      end

      def explain_turns(side)
        by = advice.by(side).abs
        return if by.zero?

        work.sum("adjust.turns.#{side}", "Turns of the #{side} #{Adjust.carrier(kit)}", "rise ÷ per turn",
          rise: by, per_turn:, unit: "turns", why: "Turned in quarters: what both differ by is rounded first.")
      end

      def quarters(move = advice) = move.counts(per_turn / QUARTER)

      def move_to_h
        {which:, left: move.left, right: move.right, corner_left: corner(:left), corner_right: corner(:right),
         expected:,
         **(slot? ? {} : {turns: SIDES.to_h { |side| [side, turns(side)] },
                          turn: SIDES.to_h { |side| [side, turn(side)] }})}
      end
    end
  end
end
