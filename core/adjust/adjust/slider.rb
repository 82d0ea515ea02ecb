# frozen_string_literal: true

module YellowTrack
  module Adjust
    # A hung slider at its jamb: three gaps, two hangers. Its sums are written
    # down as they are worked out.
    class Slider
      SIDES = %i[left right].freeze

      # What raising the right hanger more than the left one does to the taper,
      # by the jamb where it is read (handbook 8, "Reading a hung slider").
      RISE = {"left" => "(top − bottom) × spacing ÷ height", "right" => "(bottom − top) × spacing ÷ height"}.freeze
      AFTER = {"left" => "taper − turned × height ÷ spacing", "right" => "taper + turned × height ÷ spacing"}.freeze

      # @return [Kit]
      attr_reader :kit
      # @return [Working] its sums
      attr_reader :work
      # @return [Numeric] τ, top less bottom
      attr_reader :taper
      # @return [Numeric] middle less the mean of the others
      attr_reader :bow
      # @return [Numeric] S, between the hangers
      attr_reader :spacing
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
        keyword_init: true)

      # @param panel [Panel]
      # @param gaps [Hash{String => Numeric}] top, middle, bottom; 0 touches
      # @param even [Numeric] what the gaps may differ by
      # @param per_turn [Numeric, nil] the real figure, where it was learnt
      def initialize(panel, gaps:, even: EVEN, per_turn: nil)
        @kit, @jamb, @height, @read = *panel.to_h.values_at(:kit, :jamb, :height), panel.read || "gap"
        @bumper, @tops = panel.bumper || 0, (panel.tops || {}).compact
        @gaps = gaps.to_h { |place, gap| [place.to_sym, gap * sign] }
        inset = panel.inset || kit.fetch("inset.design")
        @spacing = panel.width - 2 * inset
        @per_turn = slot? ? 1r : per_turn || kit["adjust.per_turn"]
        @work = Working.new
        explain_reading
        @limits = Limits.new(kit, panel.at, spacing:, inset:, **panel.to_h.slice(:width, :floor, :engagement))
        @rise = rise
        @choosing = WhichHanger.new(@limits, wanted: @rise, jamb: @jamb, tops: @tops, front: kit.manner.pockets?)
        decide(even)
        @work.freeze
        freeze
      end

      # Whether its adjusters go by a slot's scale, not by turns.
      def slot? = Adjust.slot?(@kit)

      # How the jamb's taper is seen at a right jamb: raising the right hanger
      # adds to it there.
      #
      # @return [Numeric]
      def taper_at_right = (@jamb == "right") ? taper : -taper

      # Whether the gaps differ by no more than they may.
      def even? = codes.include?("adjust.done")

      # Whether the taper is too far to be an adjuster's: a roller is off, a hanger
      # undone, or the track has come down (handbook 15).
      def off? = @rise.abs > 2 * (@kit.fetch("adjust.up") + @kit.fetch("adjust.down"))

      # Whether the move needs a pocket's rear adjuster, which is in the wall.
      def rear? = !move.nil? && @kit.manner.pockets? && which != "jamb"

      # Whether it is bowed by more than stays unseen.
      def bowed? = bow.abs > BOW

      # What to do: the move, or the part of it that can be had.
      #
      # @return [Move, nil]
      def advice = move || part

      # Which hangers are turned, by the quarters.
      #
      # @return ["jamb", "far", "both", nil]
      def which
        turned = SIDES.reject { |side| slot? || quarters.fetch(side).zero? }
        return advice.which unless advice.which == "both" && turned.length == 1

        (turned.first.to_s == @jamb) ? "jamb" : "far"
      end

      # Turns of a hanger, in quarters; nil for a slot.
      #
      # @return [Rational, nil]
      def turns(side) = (slot? || advice.nil?) ? nil : quarters.fetch(side.to_sym).abs.to_r / QUARTER

      # Which way it is turned; nil for not at all.
      #
      # @return ["clockwise", "anticlockwise", nil]
      def turn(side) = (turns(side) || 0).zero? ? nil : Adjust.way(@kit, quarters.fetch(side.to_sym))

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
      def lacking = @choosing.lacking

      # Codes of what any turning would run into.
      def stops(left, right) = @limits.stops(left, right)

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
        read.to_h { |side, gap| [side, gap + @limits.corner(side.to_sym, left, right)] }
      end

      # The neighbours' tops above this panel's, after any turning.
      #
      # @return [Hash{String => Numeric}]
      def tops_after(left, right) = @tops.to_h { |side, top| [side, top - @limits.corner(side.to_sym, left, right)] }

      # The gaps after any turning of the hangers, the panel rolled home; of covers,
      # and where two meet, the ends turn about the middle.
      def gaps_after(left, right)
        tapered = Formula.of(AFTER.fetch(@jamb)).value(after(right - left))
        return turned_about_middle(tapered) unless @read == "gap"

        gaps = {"top" => tapered, "middle" => tapered/2r + bow, "bottom" => 0}
        home = @bumper - gaps.values.min
        gaps.transform_values { |gap| gap + home }
      end

      # What stays of the taper after a turning, with its sum.
      #
      # @param work [Working] the ledger to write in
      # @param turned [Numeric] mm that the right hanger rises above the left
      # @return [Numeric] mm
      def left_over(work, turned)
        work.sum("adjust.left_over", "Taper then", AFTER.fetch(@jamb), **after(turned),
          why: "By the turns as rounded; #{(@read == "gap") ? "the panel rolled home" : "the middle stays as it was"}.")
      end

      # The move file's answer.
      def to_h = Numbers.rounded("taper" => taper, "bow" => bow, "codes" => codes, "move" => move && move_to_h)

      private

      # A cover is a gap below nothing.
      def sign = (@read == "cover") ? -1 : 1

      def turned_about_middle(tapered)
        straight = @gaps.fetch(:middle) - bow
        {"top" => straight + tapered/2r, "middle" => @gaps.fetch(:middle), "bottom" => straight - tapered/2r}
          .transform_values { |gap| gap * sign }
      end

      def after(turned) = {taper:, turned:, height: @height, spacing:}

      def explain_reading
        @taper = @work.sum("adjust.taper", "Taper, τ", "top − bottom", **@gaps.slice(:top, :bottom),
          why: "How far from parallel the edge stands to the jamb.")
        @bow = @work.sum("adjust.bow", "Bow", "middle − (top + bottom) ÷ 2", **@gaps, why: "No screw takes it out.")
      end

      # uR − uL: how much more the right hanger has to rise.
      def rise
        @work.sum("adjust.rise", "Right #{carrier} to rise above the left", RISE.fetch(@jamb),
          **@gaps.slice(:top, :bottom),
          spacing:, height: @height,
          why: "Raising one #{carrier} turns the panel by that over their spacing.")
      end

      def decide(even)
        gaps = @gaps.values_at(:top, :middle, :bottom)
        done = gaps.max - gaps.min <= even
        @move = (done || off?) ? nil : @choosing.best
        @part = (done || off? || @move) ? nil : @choosing.most(Adjust.step(@kit, per_turn))
        @codes = found(done).compact.uniq.sort
        SIDES.each { |side| explain_turns(side) } if advice && !slot?
      end

      def found(done)
        return ["adjust.done"] if done

        [("adjust.bow" if bowed?), ("adjust.off" if off?), ("adjust.rear" if rear?),
          *((off? || move) ? [] : @choosing.stopped)]
      end

      def carrier = Adjust.carrier(@kit)

      def explain_turns(side)
        by = advice.by(side).abs
        return if by.zero?

        @work.sum("adjust.turns.#{side}", "Turns of the #{side} #{carrier}", "rise ÷ per turn", rise: by, per_turn:,
          unit: "turns",
          why: "Turned in quarters: what both differ by is rounded first.")
      end

      def quarters = advice.counts(per_turn / QUARTER)

      def move_to_h
        {which:, left: move.left, right: move.right, corner_left: corner(:left), corner_right: corner(:right),
         expected:,
         **(slot? ? {} : {turns: SIDES.to_h { |side| [side, turns(side)] },
                          turn: SIDES.to_h { |side| [side, turn(side)] }})}
      end
    end
  end
end
