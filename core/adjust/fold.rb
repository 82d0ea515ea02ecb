# frozen_string_literal: true

module YellowTrack
  module Adjust
    # A hung bifold at its pivot jamb: four gaps, two slides and a jack.
    class Fold
      STRIP_CLEAR = 1 # mm kept under a half jamb

      # @return ["even top", "even side"]
      attr_reader :school
      # @return [Numeric] of the top and bottom pivot, and of the jack
      attr_reader :top_slide, :bottom_slide, :jack
      # @return [Array<String>]
      attr_reader :codes

      # @param kit [Kit]
      # @param width [Numeric] of a panel, P
      # @param height [Numeric] Hp
      # @param gaps [Hash{String => Numeric}] gt and gb at the pivot jamb, hp and
      #   hl under the head
      # @param side_gap [Numeric] aimed at beside the pivot
      # @param top_gap [Numeric] aimed at under the head
      # @param hinge [Numeric] gap between the panels
      # @param half_jamb [Numeric, nil] its thickness
      # @param school [String, nil] "even top" or "even side"; else by what shows
      # @param jack_at [Numeric] where the jack stands, 0 at mid
      # @param even [Numeric] what the gaps may differ by
      def initialize(kit:, width:, height:, gaps:, side_gap:, top_gap:, hinge:, half_jamb: nil, school: nil, jack_at: 0, even: EVEN)
        @kit, @height, @half_jamb, @jack_at = kit, height, half_jamb, jack_at
        @side_gap, @top_gap, @even = side_gap, top_gap, even
        @pair = 2 * width + hinge
        @gt, @gb, @hp, @hl = gaps.values_at("gt", "gb", "hp", "hl")
        @school = school || (half_jamb ? "even top" : "even side")
        slides(side_gap)
        @jack = [@hp, @hl + tilt].min - top_gap
        @codes = stops(top_slide, bottom_slide, jack)
        freeze
      end

      # How much the lead stile drops by the slides.
      def tilt(top = top_slide, bottom = bottom_slide) = (top - bottom) * @pair / @height

      def expected = gaps_after(top_slide, bottom_slide, jack)

      # The gaps after any setting of the slides and the jack.
      #
      # @return [Hash{String => Numeric}]
      def gaps_after(top, bottom, raised) = {"gt" => @gt + top, "gb" => @gb + bottom, "hp" => @hp - raised, "hl" => @hl - raised + tilt(top, bottom)}

      # Whether the gaps that its school looks at are even, and near what they
      # are to be.
      def even?
        uneven = (school == "even side") ? @gt - @gb : @hp - @hl
        [uneven, [@gt, @gb].min - @side_gap, [@hp, @hl].min - @top_gap].all? { |off| off.abs <= @even }
      end

      # What is suggested, in whole steps of each control.
      #
      # @param steps [Hash{String => Numeric}] mm of "top", "bottom" and "jack"
      # @return [Hash{String => Integer}] + up, or away from the jamb
      def counts(steps) = {"top" => top_slide, "bottom" => bottom_slide, "jack" => jack}.to_h { |name, mm| [name, (mm / steps.fetch(name)).round] }

      # Codes of what any setting would run into.
      def stops(top, bottom, raised)
        risen = @jack_at + raised
        [("adjust.head" if [risen, risen - tilt(top, bottom)].max > room),
          ("adjust.range" unless risen.between?(-@kit.fetch("adjust.down"), @kit.fetch("adjust.up")))].compact
      end

      def to_h = Numbers.rounded("school" => school, "top_slide" => top_slide, "bottom_slide" => bottom_slide, "jack" => jack, "expected" => expected, "codes" => codes)

      private

      # Even side: both gaps to the one aimed at. Even top: the pair is tilted
      # level, the smaller gap to the one aimed at.
      def slides(side_gap)
        if school == "even side"
          @top_slide, @bottom_slide = side_gap - @gt, side_gap - @gb
          return
        end

        tilted = (@hp - @hl) * @height / @pair
        @bottom_slide = side_gap - [@gt + tilted, @gb].min
        @top_slide = @bottom_slide + tilted
      end

      # Under a half jamb a raised panel would swing into the strip.
      def room
        kit_room = @kit.fetch("head_room")
        return kit_room unless @half_jamb

        allowance = [@kit.fetch("head_allowance"), @half_jamb + @kit.fetch("top_gap")].max
        [kit_room, allowance - @half_jamb].min - STRIP_CLEAR
      end
    end
  end
end
