# frozen_string_literal: true

module YellowTrack
  module Adjust
    # A hung bifold at its pivot jamb: four gaps, two slides and a jack
    # (handbook 8, "Reading a hung bifold"). A slide has an end where the kit
    # sheet gives one: one that is asked past it stops there (handbook 15).
    class Fold
      STRIP_CLEAR = 1 # mm kept under a half jamb
      SLIDES = %w[top bottom].freeze

      # The drop of the lead stile by the slides, and its gap after a setting.
      TILT = "(top − bottom) × pair ÷ height"
      LEAD = "lead − jack + drop"

      # @return [Working] its sums
      attr_reader :work
      # @return ["even top", "even side"]
      attr_reader :school
      # @return [Numeric] of the top and bottom pivot, and of the jack
      attr_reader :top_slide, :bottom_slide, :jack
      # @return [Hash{String => Numeric}] by how much each slide falls short of
      #   what it was asked, mm
      attr_reader :short
      # @return [Array<String>]
      attr_reader :codes

      # A folding pair as it hangs, mm.
      #
      # kit       [Kit]
      # width, height [Numeric] of a panel, P and Hp
      # side_gap  [Numeric] aimed at beside the pivot
      # top_gap   [Numeric] aimed at under the head
      # hinge     [Numeric] gap between the panels
      # half_jamb [Numeric, nil] its thickness
      # jack_at   [Numeric] where the jack stands, 0 at mid
      # at        [Hash{String => Numeric}] where the slides stand, 0 as planned
      Hanging = Struct.new(:kit, :width, :height, :side_gap, :top_gap, :hinge, :half_jamb, :jack_at, :at,
        keyword_init: true)

      # @param pair [Hanging]
      # @param gaps [Hash{String => Numeric}] gt and gb at the pivot jamb, hp and hl under the head
      # @param school [String, nil] "even top" or "even side"; else by what shows
      # @param even [Numeric] what the gaps may differ by
      def initialize(pair, gaps:, school: nil, even: EVEN)
        @kit, @height, @half_jamb = pair.to_h.values_at(:kit, :height, :half_jamb)
        @jack_at, @at = pair.jack_at || 0, pair.at || {}
        @side_gap, @top_gap, @even = pair.side_gap, pair.top_gap, even
        @pair = 2 * pair.width + pair.hinge
        @gt, @gb, @hp, @hl = gaps.values_at("gt", "gb", "hp", "hl")
        @school = school || (@half_jamb ? "even top" : "even side")
        @work = Working.new
        slide
        raise_jack
        @codes = [*("adjust.slide" if short?), *stops(top_slide, bottom_slide, jack)].sort.freeze
        @work.freeze
        freeze
      end

      # How much the lead stile drops by the slides.
      def tilt(top = top_slide, bottom = bottom_slide)
        Formula.of(TILT).value(top:, bottom:, pair: @pair, height: @height)
      end

      # @return [Hash] each gap in mm, as it reads once the slides and the jack have been set
      def expected = gaps_after(top_slide, bottom_slide, jack)

      # Whether a slide falls short of what it was asked.
      def short? = short.values.any?(&:positive?)

      # The gaps after any setting of the slides and the jack.
      #
      # @return [Hash{String => Numeric}]
      def gaps_after(top, bottom, raised)
        {"gt" => @gt + top, "gb" => @gb + bottom, "hp" => @hp - raised,
         "hl" => Formula.of(LEAD).value(lead: @hl, jack: raised, drop: tilt(top, bottom))}
      end

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
      def counts(steps)
        {"top" => top_slide, "bottom" => bottom_slide, "jack" => jack}.to_h do |name, mm|
          [name, (mm / steps.fetch(name)).round]
        end
      end

      # Codes of what any setting would run into.
      def stops(top, bottom, raised)
        risen = @jack_at + raised
        [("adjust.head" if [risen, risen - tilt(top, bottom)].max > room),
          ("adjust.range" unless risen.between?(-@kit.fetch("adjust.down"), @kit.fetch("adjust.up")))].compact
      end

      # @return [Hash] in mm, as it stands in the file of a bench
      def to_h
        Numbers.rounded({"school" => school, "top_slide" => top_slide, "bottom_slide" => bottom_slide, "jack" => jack,
          "expected" => expected,
                         "codes" => codes, **(short? ? {"short" => short} : {})})
      end

      private

      # Even side: both gaps to the one aimed at. Even top: the pair is tilted
      # level, the smaller gap to the one aimed at.
      def slide
        asked = (school == "even side") ? even_side : even_top
        came = SLIDES.to_h { |side| [side, within_end(side, asked.fetch(side))] }
        @short = SLIDES.to_h { |side| [side, (asked.fetch(side) - came.fetch(side)).abs] }.freeze
        @top_slide, @bottom_slide = came.values_at(*SLIDES)
        SLIDES.each { |side| explain_end(side, asked.fetch(side)) if short.fetch(side).positive? }
      end

      def even_side = {"top" => asked("top", @gt), "bottom" => asked("bottom", @gb)}

      def asked(side, gap)
        @work.sum("adjust.slide.#{side}", "#{side.capitalize} pivot slide", "side gap − #{side}", side_gap: @side_gap,
          "#{side}": gap,
          why: "Away from the jamb where it is more than nothing.")
      end

      def even_top
        tilted = @work.sum("adjust.tilt", "Top pivot farther out than the bottom one", "(pivot − lead) × height ÷ pair",
          pivot: @hp, lead: @hl,
          height: @height, pair: @pair, why: "Levels the top: it is what shows.")
        bottom = @work.sum("adjust.slide.bottom", "Bottom pivot slide", "side gap − least(top + farther, bottom)",
          side_gap: @side_gap, top: @gt,
          farther: tilted, bottom: @gb, why: "Brings the smaller gap at the jamb to what it is to be.")
        {"top" => @work.sum("adjust.slide.top", "Top pivot slide", "slide + farther", slide: bottom, farther: tilted,
          why: "As far out as the top is to be level."),
         "bottom" => bottom}
      end

      def slide_end = @kit["slide"]

      # As far as the slide goes from where it stands.
      def within_end(side, asked)
        at = @at[side] || 0
        slide_end ? (at + asked).clamp(-slide_end, slide_end) - at : asked
      end

      def explain_end(side, asked)
        @work.sum("adjust.short.#{side}", "#{side.capitalize} slide short of it", "size(slide − comes)", slide: asked,
          comes: within_end(side, asked),
          why: "The slide ends #{slide_end.to_f.round(1)} mm from where it was planned.")
      end

      # Worked from where the slides really come to.
      def raise_jack
        drop = @work.sum("adjust.drop", "Lead stile drops by the slides", TILT, top: top_slide, bottom: bottom_slide,
          pair: @pair, height: @height,
          why: "The pair leans with its slides.")
        @jack = @work.sum("adjust.jack", "Jack", "least(pivot, lead + drop) − top gap", pivot: @hp, lead: @hl, drop:,
          top_gap: @top_gap,
          why: "Brings the smaller gap under the head to the kit's.")
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
