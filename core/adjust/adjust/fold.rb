# frozen_string_literal: true

require "forwardable"

module YellowTrack
  module Adjust
    # A hung bifold at its pivot jamb: four gaps, two slides and a jack
    # (handbook 8, "Reading a hung bifold"). A slide has an end where the kit
    # sheet gives one: one that is asked past it stops there (handbook 15).
    class Fold
      extend Forwardable

      STRIP_CLEAR = 1 # mm kept under a half jamb
      SLIDES = %w[top bottom].freeze

      # How far its three controls are set, mm: away from the jamb, and up.
      Setting = Struct.new(:top_slide, :bottom_slide, :jack)

      # @return [Working] its sums
      attr_reader :work
      # @return [Hash{String => Numeric}] by how much each slide falls short of
      #   what it was asked, mm
      attr_reader :short
      # @return [Array<String>]
      attr_reader :codes

      # What the top and bottom pivot are slid, and the jack raised, mm.
      def_delegators :@setting, :top_slide, :bottom_slide, :jack
      # "even top" or "even side"; whether the gaps are even; the gaps after any setting; codes of what one would run
      # into.
      def_delegators :@pair, :school, :even?, :gaps_after, :stops

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
        keyword_init: true) do
        # How wide both panels are, closed flat, mm.
        def pair = 2 * width + hinge
      end

      # @param pair [Hanging]
      # @param gaps [Hash{String => Numeric}] gt and gb at the pivot jamb, hp and hl under the head
      # @param school [String, nil] "even top" or "even side"; else by what shows
      # @param even [Numeric] what the gaps may differ by
      def initialize(pair, gaps:, school: nil, even: EVEN)
        @pair, @work = HungPair.new(pair, gaps, school:, even:), Working.new
        slides = slide
        @setting = Setting.new(*slides, raise_jack(*slides)).freeze
        @codes = [*("adjust.slide" if short?), *stops(*@setting)].sort.freeze
        @work.freeze
        freeze
      end

      # @return [Hash] each gap in mm, as it reads once the slides and the jack have been set
      def expected = gaps_after(*@setting)

      # Whether a slide falls short of what it was asked.
      def short? = short.values.any?(&:positive?)

      # What is suggested, in whole steps of each control.
      #
      # @param steps [Hash{String => Numeric}] mm of "top", "bottom" and "jack"
      # @return [Hash{String => Integer}] + up, or away from the jamb
      def counts(steps)
        {"top" => top_slide, "bottom" => bottom_slide, "jack" => jack}.to_h do |name, mm|
          [name, (mm / steps.fetch(name)).round]
        end
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
      #
      # @return [Array<Numeric>] what the top and the bottom pivot are slid
      def slide
        asked = (school == "even side") ? even_side : even_top
        came = SLIDES.to_h { |side| [side, @pair.within_end(side, asked.fetch(side))] }
        @short = SLIDES.to_h { |side| [side, (asked.fetch(side) - came.fetch(side)).abs] }.freeze
        SLIDES.each { |side| explain_end(side, asked.fetch(side)) if short.fetch(side).positive? }
        came.values_at(*SLIDES)
      end

      def even_side = {"top" => asked("top", gap("gt")), "bottom" => asked("bottom", gap("gb"))}

      def asked(side, gap)
        @work.sum("adjust.slide.#{side}", "#{side.capitalize} pivot slide", "side gap − #{side}", side_gap:,
          "#{side}": gap,
          why: "Away from the jamb where it is more than nothing.")
      end

      def even_top
        tilted = @work.sum("adjust.tilt", "Top pivot farther out than the bottom one", "(pivot − lead) × height ÷ pair",
          pivot: gap("hp"), lead: gap("hl"), **@pair.size, why: "Levels the top: it is what shows.")
        bottom = @work.sum("adjust.slide.bottom", "Bottom pivot slide", "side gap − least(top + farther, bottom)",
          side_gap:, top: gap("gt"), farther: tilted, bottom: gap("gb"),
          why: "Brings the smaller gap at the jamb to what it is to be.")
        {"top" => @work.sum("adjust.slide.top", "Top pivot slide", "slide + farther", slide: bottom, farther: tilted,
          why: "As far out as the top is to be level."),
         "bottom" => bottom}
      end

      def gap(name) = @pair.gaps.fetch(name)

      def side_gap = @pair.hanging.side_gap

      def explain_end(side, asked)
        @work.sum("adjust.short.#{side}", "#{side.capitalize} slide short of it", "size(slide − comes)", slide: asked,
          comes: @pair.within_end(side, asked),
          why: "The slide ends #{@pair.slide_end.to_f.round(1)} mm from where it was planned.")
      end

      # Worked from where the slides really come to.
      #
      # @return [Numeric] what the jack is raised
      def raise_jack(top, bottom)
        drop = @work.sum("adjust.drop", "Lead stile drops by the slides", HungPair::TILT, top:, bottom:, **@pair.size,
          why: "The pair leans with its slides.")
        @work.sum("adjust.jack", "Jack", "least(pivot, lead + drop) − top gap", pivot: gap("hp"), lead: gap("hl"),
          drop:, top_gap: @pair.hanging.top_gap, why: "Brings the smaller gap under the head to the kit's.")
      end
    end
  end
end
