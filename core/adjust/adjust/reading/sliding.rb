# frozen_string_literal: true

module YellowTrack
  module Adjust
    class Reading
      # A sliding panel at its jamb: three gaps, two hangers.
      class Sliding < Reading
        GAPS = %w[top middle bottom].freeze
        CONTROLS = %w[left right].freeze

        # @return [Symbol] how it goes, by which benches and screens are chosen
        def motion = :slide

        # As it is told beside others.
        def title = "Panel #{name}"

        # Gaps under the lower corners: as read, else the plan's there, with the
        # adjusters where they stand.
        #
        # @return [Hash{String => Numeric}]
        def floor = planned_floor.to_h { |side, mm| [side, read.dig("floor", side) || mm] }

        # Those gaps by the plan, with the adjusters where they stand.
        #
        # @return [Hash{String => Numeric}]
        def planned_floor
          {"left" => panel.x, "right" => panel.right}.to_h { |side, x| [side, @set.floor_gap.at(x) + risen(side)] }
        end

        # Its gaps by the plan.
        #
        # @return [Hash{String => Numeric}]
        def planned
          mm = case read_as
          when "meet" then @set.left_open.first || 0r
          when "cover" then @set.jamb_covers[(jamb == "left") ? 0 : 1]
          else @set.bumper
          end
          GAPS.to_h { |gap| [gap, mm] }
        end

        # How its edge is read: by the gap at a jamb, by how far it covers one, or by the
        # gap where two meet.
        #
        # @return ["gap", "cover", "meet"]
        def read_as = @set.read_as(panel, jamb)

        private

        def inset = panel.rollers.first

        def risen(side)
          left, right = at("left"), at("right")
          left + (right - left) * ((side == "left") ? -inset : panel.width - inset) / (panel.width - 2 * inset)
        end

        # A panel in a channel keeps to it, not to the floor.
        def answered(even, per_turn)
          hung = Slider::Panel.new(kit:, jamb:, read: read_as, width: panel.width, height: panel.height, inset:,
            at: {"left" => at("left"), "right" => at("right")}, floor: (floor unless @set.engagement),
            bumper: @set.bumper, engagement: @set.engagement, tops: read["tops"])
          Slider.new(hung, gaps: read["gaps"], even:, per_turn:)
        end
      end
    end
  end
end
