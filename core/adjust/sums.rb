# frozen_string_literal: true

module YellowTrack
  module Adjust
    # The sums behind what is to be done to a hung panel, written down so that
    # they can be shown (handbook 8).
    class Sums
      # @return [Working]
      attr_reader :work

      # @param hung [Hung]
      # @param answer [Slider, Fold]
      # @param kit [Kit]
      # @param turned [Hash{String => Numeric}] mm that each control is to be
      #   turned, as rounded
      def initialize(hung, answer, kit, turned:)
        @hung, @answer, @kit, @turned = hung, answer, kit, turned
        @work = Working.new
        (hung.kind == :slider) ? sliding : folding
        @work.freeze
      end

      private

      def gap(name) = @hung.read.fetch("gaps").fetch(name)

      def sliding
        top, middle, bottom = %w[top middle bottom].map { |name| gap(name) }
        @work.sum("adjust.taper", "Taper, τ", "top − bottom", top:, bottom:, why: "How far from parallel the edge stands to the jamb.")
        @work.sum("adjust.bow", "Bow", "middle − (top + bottom) ÷ 2", middle:, top:, bottom:, why: "No screw takes it out.")
        turning if @answer.advice
      end

      def turning
        rise
        %w[left right].each { |side| turn(side) }
        expected
      end

      # uR − uL: how much more the right hanger has to rise.
      def rise
        formula = (@hung.jamb == "right") ? "(bottom − top) × spacing ÷ height" : "(top − bottom) × spacing ÷ height"
        @work.sum("adjust.rise", "Right hanger to rise above the left", formula, top: gap("top"), bottom: gap("bottom"), spacing: @answer.spacing, height: @hung.panel.height,
          why: "Raising one hanger turns the panel by that over their spacing.")
      end

      def turn(side)
        by = @answer.advice.by(side).abs
        return if by.zero? || !@hung.turned?(side)

        @work.sum("adjust.turns.#{side}", "Turns of the #{side} hanger", "rise ÷ per turn", rise: by, per_turn: @answer.per_turn, unit: "turns", why: "Turned to the nearest quarter.")
      end

      def expected
        turned = @turned.fetch("right") - @turned.fetch("left")
        formula = (@hung.jamb == "right") ? "taper + turned × height ÷ spacing" : "taper − turned × height ÷ spacing"
        @work.sum("adjust.left_over", "Taper then", formula, taper: @answer.taper, turned:, height: @hung.panel.height, spacing: @answer.spacing,
          why: "By the turns as rounded; the panel rolled home.")
      end

      def folding
        pair = 2 * @hung.panel.width + @kit.fetch("hinge_gap")
        pivot, lead = gap("pivot"), gap("lead")
        if @answer.school == "even top"
          @work.sum("adjust.tilt", "Top pivot farther out than the bottom one", "(pivot − lead) × height ÷ pair", pivot:, lead:, height: @hung.panel.height, pair:,
            why: "Levels the top: it is what shows.")
        end
        @work.sum("adjust.slide.top", "Top pivot slide", "then − top", then: @answer.expected["gt"], top: gap("top"), why: "Away from the jamb where it is more than nothing.")
        @work.sum("adjust.slide.bottom", "Bottom pivot slide", "then − bottom", then: @answer.expected["gb"], bottom: gap("bottom"), why: "Away from the jamb where it is more than nothing.")
        @work.sum("adjust.jack", "Jack", "least(pivot, lead + drop) − top gap", pivot:, lead:, drop: @answer.tilt, top_gap: @kit.fetch("top_gap"), why: "Brings the smaller gap under the head to the kit's.")
      end
    end
  end
end
