# frozen_string_literal: true

module YellowTrack
  module Adjust
    class Fold
      # A pair as it hangs and as it was read, and what any setting of its slides and its jack makes of it (handbook 8,
      # "Reading a hung bifold").
      class HungPair
        # The drop of the lead stile by the slides, and its gap after a setting.
        TILT = "(top − bottom) × pair ÷ height"
        LEAD = "lead − jack + drop"

        # @return [Hanging]
        attr_reader :hanging
        # @return [Hash{String => Numeric}] gt and gb at the pivot jamb, hp and hl under the head, mm
        attr_reader :gaps
        # @return ["even top", "even side"]
        attr_reader :school

        # @param school [String, nil] nil for what shows
        # @param even [Numeric] what the gaps may differ by, mm
        def initialize(hanging, gaps, school:, even:)
          @hanging, @gaps, @even = hanging, gaps, even
          @school = school || (hanging.half_jamb ? "even top" : "even side")
        end

        # How wide the pair is, and how high, mm.
        def size = {pair: hanging.pair, height: hanging.height}

        # How much the lead stile drops by the slides, mm.
        def tilt(top, bottom) = Formula.of(TILT).value(top:, bottom:, **size)

        # The gaps after any setting of the slides and the jack.
        #
        # @return [Hash{String => Numeric}]
        def gaps_after(top, bottom, raised)
          {"gt" => gaps["gt"] + top, "gb" => gaps["gb"] + bottom, "hp" => gaps["hp"] - raised,
           "hl" => Formula.of(LEAD).value(lead: gaps["hl"], jack: raised, drop: tilt(top, bottom))}
        end

        # Whether the gaps that its school looks at are even, and near what they
        # are to be.
        def even?
          pivot, lead, top, bottom = gaps.values_at("hp", "hl", "gt", "gb")
          uneven = (school == "even side") ? top - bottom : pivot - lead
          [uneven, [top, bottom].min - hanging.side_gap, [pivot, lead].min - hanging.top_gap]
            .all? { |off| off.abs <= @even }
        end

        # Codes of what any setting would run into.
        def stops(top, bottom, raised)
          risen, kit = (hanging.jack_at || 0) + raised, hanging.kit
          [("adjust.head" if [risen, risen - tilt(top, bottom)].max > room),
            ("adjust.range" unless risen.between?(-kit.fetch("adjust.down"), kit.fetch("adjust.up")))].compact
        end

        # As far as a slide goes from where it stands.
        #
        # @param asked [Numeric] mm
        # @return [Numeric]
        def within_end(side, asked)
          at, most = hanging.at&.[](side) || 0, slide_end
          most ? (at + asked).clamp(-most, most) - at : asked
        end

        # How far a slide goes from where it was planned, mm; nil for no end.
        def slide_end = hanging.kit["slide"]

        private

        # Under a half jamb a raised panel would swing into the strip.
        def room
          kit, strip = hanging.kit, hanging.half_jamb
          kit_room = kit.fetch("head_room")
          return kit_room unless strip

          allowance = [kit.fetch("head_allowance"), strip + kit.fetch("top_gap")].max
          [kit_room, allowance - strip].min - STRIP_CLEAR
        end
      end
    end
  end
end
