# frozen_string_literal: true

module YellowTrack
  module Drawing
    class BenchView
      # A folding pair, closed: its edge along the pivot jamb and its top under
      # the head, two slides and a jack.
      class Folding < BenchView
        # How far its foot was slid from the jamb, how far it was jacked up, then
        # how it leans.
        def layers(turned)
          top, bottom, jack = turned.values_at("top", "bottom", "jack").map { |mm| mm || 0r }
          {"slide" => slide(bottom), "rise" => rise(jack), "lean" => lean(top - bottom)}
        end

        # Moves what goes sideways, as an SVG transform; mm.
        def slide(mm) = "translate(#{number(right? ? -large(mm) : large(mm))} 0)"

        # Moves what goes up, likewise.
        def rise(mm) = "translate(0 #{number(-large(mm))})"

        # @param mm [Numeric] that the top pivot was slid farther than the bottom
        def lean(mm)
          return "translate(0 0)" unless @answer

          gaps = @answer.gaps_after(mm, 0r, 0r)
          aside = factor * (gaps["gt"] - gaps["gb"]).to_f / @reading.panel.height.to_f * (right? ? 1 : -1)
          down = factor * (gaps["hl"] - gaps["hp"]).to_f / across.to_f * (right? ? -1 : 1)
          near = large(gaps["gb"])
          "matrix(1 #{number(down)} #{number(aside)} 1 #{number((right? ? -near : near) - aside * (top + tall))} " \
            "#{number(large(gaps["hp"]) - down * inward(0))})"
        end

        # @return [Hash{String => Numeric}, nil]
        def suggested
          @answer && {"top" => @answer.top_slide, "bottom" => @answer.bottom_slide, "jack" => @answer.jack}
        end

        private

        # Turning numbers are kept longer than places: they are multiplied.
        def number(value) = value.round(5)

        # Under the head there is room for its gaps, drawn large.
        def top = super - LARGEST - 10

        # As high as leaves room for the gap over it, drawn large.
        def tallest = TALL - LARGEST - 20

        # Closed, a pair is as wide as both its panels.
        def across = 2 * @reading.panel.width

        def title = "The pair that pivots with #{@reading.name} at the #{@reading.jamb} jamb"

        # Where each gap's figure stands, beside its end of the leader.
        def spots
          {"top" => [inward(-118), top + 80], "bottom" => [inward(-118), top + tall - 40],
           "pivot" => [inward(-118), top - 30], "lead" => [inward(wide + 128), top + 10]}
        end

        # Where each leader points: the edge that the gap is read at.
        def ends
          {"top" => [inward(0), top + 80], "bottom" => [inward(0), top + tall - 40], "pivot" => [inward(20), top],
           "lead" => [inward(wide - 20), top]}
        end

        # One panel's front stands for the pair: closed, the other lies behind.
        def body
          outline("face")
          pen.line([inward(wide / 2), top], [inward(wide / 2), top + tall], "seen")
          pivot = inward(@reading.panel.holes.first[:at] * scale)
          pen.place("turn.top") { pen.circle([pivot, top + 4], 6, "runs") }
          pen.place("turn.bottom", "turn.jack") { pen.circle([pivot, top + tall - 4], 6, "runs") }
          pen.text([inward(wide / 4), top + tall / 2], @reading.name, "letter")
        end
      end
    end
  end
end
