# frozen_string_literal: true

module YellowTrack
  module Adjust
    class Slider
      # The edge of a hung slider as it was read at its jamb (handbook 8, "Reading a hung slider"): how far it stands
      # from parallel, how much it bows, and what any turning makes of it. Its sums are written down.
      class Edge
        # What raising the right hanger more than the left one does to the taper,
        # by the jamb where it is read.
        RISE = {"left" => "(top − bottom) × spacing ÷ height", "right" => "(bottom − top) × spacing ÷ height"}.freeze
        AFTER = {"left" => "taper − turned × height ÷ spacing", "right" => "taper + turned × height ÷ spacing"}.freeze

        # @return [Working] its sums
        attr_reader :work

        # @param panel [Slider::Panel]
        # @param gaps [Hash{String => Numeric}] top, middle, bottom; 0 touches
        def initialize(panel, gaps)
          @panel, @work = panel, Working.new
          @gaps = gaps.to_h { |place, gap| [place.to_sym, gap * sign] }
          @work.sum("adjust.taper", "Taper, τ", "top − bottom", **@gaps.slice(:top, :bottom),
            why: "How far from parallel the edge stands to the jamb.")
          @work.sum("adjust.bow", "Bow", "middle − (top + bottom) ÷ 2", **@gaps, why: "No screw takes it out.")
          carrier = Adjust.carrier(panel.kit)
          ends = {**@gaps.slice(:top, :bottom), spacing:, height: panel.height}
          @work.sum("adjust.rise", "Right #{carrier} to rise above the left", RISE.fetch(panel.jamb), **ends,
            why: "Raising one #{carrier} turns the panel by that over their spacing.")
        end

        # τ, top less bottom, mm.
        def taper = work["adjust.taper"].value

        # Middle less the mean of the others, mm.
        def bow = work["adjust.bow"].value

        # uR − uL: how much more the right hanger has to rise, mm.
        def rise = work["adjust.rise"].value

        # S, between the hangers, mm.
        def spacing = @panel.width - 2 * @panel.inset_used

        # By how much the gaps differ, mm.
        def spread = @gaps.values.minmax.reduce(:-).abs

        # How the jamb's taper is seen at a right jamb: raising the right hanger
        # adds to it there.
        #
        # @return [Numeric]
        def taper_at_right = (@panel.jamb == "right") ? taper : -taper

        # The gaps after any turning of the hangers, the panel rolled home; of covers,
        # and where two meet, the ends turn about the middle.
        #
        # @return [Hash{String => Numeric}] mm
        def gaps_after(left, right)
          tapered = Formula.of(AFTER.fetch(@panel.jamb)).value(after(right - left))
          return turned_about_middle(tapered) unless at_jamb?

          gaps = {"top" => tapered, "middle" => tapered/2r + bow, "bottom" => 0}
          home = (@panel.bumper || 0) - gaps.values.min
          gaps.transform_values { |gap| gap + home }
        end

        # What stays of the taper after a turning, with its sum.
        #
        # @param ledger [Working] to write in
        # @param turned [Numeric] mm that the right hanger rises above the left
        # @return [Numeric] mm
        def left_over(ledger, turned)
          ledger.sum("adjust.left_over", "Taper then", AFTER.fetch(@panel.jamb), **after(turned),
            why: "By the turns as rounded; #{at_jamb? ? "the panel rolled home" : "the middle stays as it was"}.")
        end

        private

        # Whether the gap to a jamb was read, and not how far it covers one, or the gap where two meet.
        def at_jamb? = (@panel.read || "gap") == "gap"

        # A cover is a gap below nothing.
        def sign = (@panel.read == "cover") ? -1 : 1

        def turned_about_middle(tapered)
          straight = @gaps.fetch(:middle) - bow
          {"top" => straight + tapered/2r, "middle" => @gaps.fetch(:middle), "bottom" => straight - tapered/2r}
            .transform_values { |gap| gap * sign }
        end

        def after(turned) = {taper:, turned:, height: @panel.height, spacing:}
      end
    end
  end
end
