# frozen_string_literal: true

module YellowTrack
  module Drawing
    class BenchView
      # A sliding panel: its edge along the jamb, its two hangers.
      # A panel at its jamb, its gaps drawn many times larger than life, or a millimetre would not be seen to move.
      class Sliding < BenchView
        # What stands at some turning of its hangers: how far it rose at the
        # left one, then how it leans.
        #
        # @param turned [Hash{String => Numeric}] mm
        # @return [Hash{String => String}] SVG transforms, the outer one first
        def layers(turned)
          left, right = turned.values_at("left", "right").map { |mm| mm || 0r }
          {"rise" => rise(left), "lean" => lean(right - left)}
        end

        # @param mm [Numeric] that the left hanger was raised
        def rise(mm) = "translate(0 #{number(-large(mm))})"

        # @param mm [Numeric] that the right hanger was raised more than the left
        def lean(mm)
          return "translate(0 0)" unless @answer

          gaps = @answer.gaps_after(0r, mm)
          slope = factor * Adjust.taper_at_right(@reading.jamb, gaps).to_f / @reading.panel.height.to_f
          near = large(gaps["bottom"])
          hanger = edge + roller * scale
          "matrix(1 #{number(-slope)} #{number(slope)} 1 #{number((right? ? -near : near) - slope * (FOOT - 8))} " \
            "#{number(slope * hanger - settled)})"
        end

        # @return [Hash{String => Numeric}, nil] what is suggested, mm
        def suggested
          @answer&.advice && {"left" => @answer.done("left"), "right" => @answer.done("right")}
        end

        private

        # Rounded, or a transform would be longer than what it moves.
        def number(value) = value.round(5)

        # Where the left hanger sits: what a turn raises, and what the panel leans about.
        def roller = @reading.panel.rollers.first

        # The panel's left edge.
        def edge = [inward(0), inward(wide)].min

        # As it hangs now it leans about its middle, not about a hanger.
        def settled
          factor * @answer.taper_at_right.to_f / @reading.panel.height
            .to_f * (roller - @reading.panel.width / 2) * scale
        end

        def title = "Panel #{@reading.name} at #{@reading.edge}"

        # Where gaps are read: near both ends and in the middle.
        def heights = {"top" => top + 26, "middle" => top + tall / 2, "bottom" => top + tall - 26}

        # Where each gap's figure stands, beside its end of the leader.
        def spots = heights.transform_values { |y| [inward(-118), y] }

        # Where each leader points: the panel's edge at that height.
        def ends = heights.transform_values { |y| [inward(0), y] }

        # What does not move: the jamb, the floor and the track.
        def frame
          super
          %w[left right].zip(@reading.panel.rollers) do |hanger, place|
            x = edge + place * scale
            pen.place("turn.#{hanger}") do
              pen.line([x, top - 23], [x, top + 8], "seen")
              pen.circle([x, top - 23], 9, "runs")
            end
          end
        end

        # What does: the panel, its hangers and its letter.
        def body
          outline("face")
          pen.text([inward(wide / 2), top + tall / 2], @reading.name, "letter")
        end
      end
    end
  end
end
