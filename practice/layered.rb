# frozen_string_literal: true

module YellowTrack
  module Practice
    # The layers that a jamb's packing is built up from (handbook 7).
    # A packing of 23 from a stock of 38 to 1: 4, 1 and 18 from the jamb out. The thickest stands outside, where it
    # takes the paint; 18 and 6 would be over, 1, 3, 1 and 18 a layer too many.
    class Layered < Drill
      KEY, NAME = "build-up", "Build it up"
      LEARN = "Never over the target, as close under it as can be, then the fewest layers, then the thicker; outside " \
        "a face of 6 or more, that takes paint."
      TARGETS = {1 => [20, 30, 40, 50, 60], 2 => 14..60, 3 => 14..45, 4 => 14..45, 5 => 40..90}.freeze # mm
      OVER, MANY, RAW = "that is over the target", "that is one layer too many",
        "its outer face is too thin to take paint"

      # A build-up in words.
      #
      # @param built [Prepare::BuildUp]
      def self.words(built)
        layers = built.layers.map { |layer| Numbers.plain(layer) }.join(" + ")
        short = built.shortfall
        told = short.zero? ? "on it" : "#{short.to_f.round(2)} under it: nothing in stock comes closer"
        "#{layers} mm of #{built.target.to_f.round(2)} mm, #{told}."
      end

      private

      # The jamb is packed on one side alone: the build-up is asked, not the sharing over two jambs.
      def drawn
        target = (site.pick(TARGETS.fetch(level)) / site.grain).round
        site.document(1300..1700, 2000..2300).merge("set" => sliding(packing: {"left" => site.told(target)}))
      end

      def asked(_set) = "Which layers build up the packing of the left jamb, from the jamb out?"

      # What the plan wants between the jambs, and the thicknesses in stock.
      def given(plan)
        width = plan.working["sizing.width"].value
        told = (level < 3) ? {"packing" => @built.target} :
          {"the panels want between the jambs" => width, "the right jamb" => "not packed"}
        {**told, "in stock, mm" => Prepare::BuildUp::STOCK.map(&:to_i).join(" · ")}
      end

      # What comes out in the packing of the plan.
      def parts(plan)
        @built = Prepare::BuildUp.new(plan.working["prepare.packing.left"].value)
        return unless @built.layers.length.between?(2, 4)

        slips = [Slip.new(OVER, over), Slip.new(MANY, many), Slip.new(RAW, raw)].reject { |slip| slip.value.nil? }
        return if slips.length < ((level == 1) ? 2 : 3)

        [Part.new(key: "layers", label: "layers from the jamb out, mm", kind: :layers, answer: @built.layers, slips:,
          stands_on: @built, why: Layered.words(@built))]
      end

      # As close over the target as the stock comes.
      def over
        Prepare::BuildUp.new(@built.target.floor + 1).layers.then { |layers| layers if layers.sum > @built.target }
      end

      # The same in one layer more.
      def many
        stock = Prepare::BuildUp::STOCK
        @built.layers.each_with_index do |layer, place|
          first = stock.find { |one| one < layer && stock.include?(layer - one) && one >= layer - one } or next
          return @built.layers.dup.tap { |layers| layers[place, 1] = [layer - first, first] }
        end
        nil
      end

      # The thinnest outside, where it is too thin.
      def raw
        thinner = @built.layers.sort.reverse
        thinner if thinner.last < Prepare::BuildUp::PAINTED
      end
    end
  end
end
