# frozen_string_literal: true

module YellowTrack
  module Adjust
    class Reading
      # A folding pair at its pivot jamb: four gaps, two slides and a jack.
      class Folding < Reading
        GAPS = %w[top bottom pivot lead].freeze
        CONTROLS = %w[top bottom jack].freeze
        SLIDE = 1r / 2 # mm, that a pivot's slide is set to

        # The sums' letters of the gaps (handbook 8).
        LETTERS = {"top" => "gt", "bottom" => "gb", "pivot" => "hp", "lead" => "hl"}.freeze

        # Its gaps by the plan.
        #
        # @return [Hash{String => Numeric}]
        def planned
          {"top" => @set.gaps.side, "bottom" => @set.gaps.side, "pivot" => kit.fetch("top_gap"),
           "lead" => kit.fetch("top_gap")}
        end

        # Nothing is read under its corners.
        def planned_floor = {}

        # @return [Symbol] how it goes, by which benches and screens are chosen
        def motion = :fold

        # @return [String] above what is read of it
        def title = "Pair at #{name}"

        # A slide is set by its scale, the jack as a kit's adjuster.
        def step(control, per_turn = nil) = slide?(control) ? SLIDE : super

        # A slide is loosened and pushed, and has no turns.
        def turned?(control) = !slide?(control) && super

        # @return [Array<Rational>, nil] mm that a slide goes either way; nil where the kit does not say
        def range(control) = slide?(control) ? kit["slide"]&.then { |most| [-most, most] } : super

        private

        def slide?(control) = control != "jack"

        def answered(even, _per_turn)
          gaps = LETTERS.to_h { |gap, letter| [letter, read["gaps"].fetch(gap)] }
          hung = Fold::Hanging.new(kit:, width: panel.width, height: panel.height, side_gap: @set.gaps.side,
            top_gap: kit.fetch("top_gap"), hinge: @set.terms.hinge_gap, half_jamb: @set.half_jamb,
            jack_at: at("jack"), at: %w[top bottom].to_h { |slide| [slide, at(slide)] })
          Fold.new(hung, gaps:, school:, even:)
        end

        def school = @set.opening["even"] && "even #{@set.opening["even"]}"
      end
    end
  end
end
