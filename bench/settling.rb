# frozen_string_literal: true

module YellowTrack
  module Bench
    # In how many rounds of reading and turning a panel comes to even, read with
    # noise, its screws not of the pitch that their sheet says. Its wall is
    # simulated; what to turn is the core's own answer.
    class Settling
      CASES = 1_000
      ROUNDS = 3
      NOISE = 0.5 # mm either way, then read to the nearest half
      OFF = 1r / 5 # of the sheet's figure, either way
      GIVEN_UP = 9

      # @param seed [Integer]
      def initialize(seed = 1)
        @random = Random.new(seed)
        @kits = %w[twin-42 bar-1 pocket-90 roll-36].map { |id| Files::Shelf.kits.fetch(id) }
      end

      # @return [Array<String>] a line of figures each
      def call
        found = rounds
        told = found.tally.sort_by { |count, _| count || GIVEN_UP }
          .map { |count, cases| "#{count || "never"}: #{cases}" }.join(", ")
        [format("%-34s %.1f %% within %d", "rounds until even, #{CASES} panels",
          100.0 * found.count { |count| count && count <= ROUNDS } / CASES, ROUNDS),
          "#{" " * 35}#{told}"]
      end

      # @return [Array<Integer, nil>] moves until the gaps read even, of each
      #   panel; nil for one that did not come to it
      def rounds = Array.new(CASES) { settle(panel) }

      private

      # A panel that tapers by 2 to 8 mm.
      def panel
        kit = @kits.sample(random: @random)
        jamb = %w[left right].sample(random: @random)
        {kit:, jamb:, width: @random.rand(600..1100).to_r, height: @random.rand(1900..2400).to_r,
         pitch: kit["adjust.per_turn"] * (1 + OFF * [-1, 1].sample(random: @random)),
         taper: Rational(@random.rand(200..800), 100) * [-1, 1].sample(random: @random)}
      end

      def settle(panel)
        at, moves, taper, last = {"left" => 0r, "right" => 0r}, [], panel[:taper], nil
        (0..GIVEN_UP).find do
          answer = answer(panel, at, taper, moves, last)
          next true if answer.codes.include?("adjust.done")

          turned = at.keys.to_h { |side| [side, answer.turns(side) * (answer.advice.by(side) <=> 0)] }
          last = {turns: turned["right"] - turned["left"], taper: answer.taper_at_right, spacing: answer.spacing,
                  height: panel[:height]}
          taper += sign(panel) * last[:turns] * panel[:pitch] * panel[:height] / answer.spacing
          at = at.to_h { |side, place| [side, place + turned[side] * panel[:kit]["adjust.per_turn"]] }
          false
        end
      end

      # What the core says to a reading, with what the moves so far taught.
      def answer(panel, at, taper, moves, last)
        gaps = read(taper)
        moves << Adjust::Learnt::Made.new(**last, found: sign(panel) * (gaps["top"] - gaps["bottom"])) if last
        hung = Adjust::Slider::Panel.new(at:, **panel.slice(:kit, :jamb, :width, :height))
        Adjust::Slider.new(hung, gaps:, per_turn: Adjust::Learnt.new(panel[:kit], moves).used)
      end

      def sign(panel) = (panel[:jamb] == "right") ? 1 : -1

      def read(taper)
        gaps = {"top" => taper, "middle" => taper / 2, "bottom" => 0r}
        gaps.transform_values { |gap| [((gap - gaps.values.min + @random.rand(-NOISE..NOISE)) * 2).round/2r, 0r].max }
      end
    end
  end
end
