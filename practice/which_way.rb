# frozen_string_literal: true

module YellowTrack
  module Practice
    # Which hanger is turned, which way and how far: played until the gaps are even
    # (handbook 8).
    # A panel that stands higher on its left: five steps of its left hanger, down. The spacing of the hangers and not
    # the panel's height says how far: by the height it would be fourteen.
    class WhichWay < HungDrill
      KEY, NAME = "which-way", "Which way"
      LEARN = "The taper, by the hangers' spacing over the height, is what one hanger has to rise over the other; by " \
        "a turn's rise, so many turns."
      QUARTERS = {1 => [4, 8], 2 => 3..9, 3 => 3..12, 4 => 3..12, 5 => 2..3}.freeze # to turn, either way
      EVEN = [1r / 8, 1r / 4].freeze # quarters that it is off by, where nothing is turned
      HELD = 3 # steps that a hanger is from its end, from the third level

      private

      # A taper by so many quarter turns, either way; at the last level at times so little that nothing is turned.
      def hung
        even = level == 5 && site.pick([true, false, false])
        quarters = site.pick(even ? EVEN : QUARTERS.fetch(level)) * site.pick([1, -1])
        {"gaps" => gaps(quarters * step), "at" => at}
      end

      # Where the hangers stand; from the third level one of them near its end.
      def at
        return {"left" => 0r, "right" => 0r} if level < 3

        down, up = @hangs.reading.range("left")
        near = [down, up].map { |at| (at / step).truncate * step }
        held = site.pick(near.zip([1, -1]).map { |at, inward| at + inward * site.pick(0..HELD) * step })
        site.pick([true, false]) ? {"left" => held, "right" => 0r} : {"left" => 0r, "right" => held}
      end

      def asked(_set) = "Which hanger, which way, how many turns, until the gaps are even?"

      def play = @subject

      # The answer is moves until the gaps are even, and the first of them is what is compared with slips.
      def parts(bench)
        moves = bench.fewest or return
        return if moves.flatten.all?(&:zero?) && moves.any?
        return if level == 1 && moves.flatten.any? { |count| (count % Adjust::QUARTER).nonzero? }

        slips = slips(moves, bench)
        return if slips.nil? || (level < 5 && slips.length < 3)

        [Part.new(key: "turns", label: "moves", kind: :turns, answer: moves, slips:, stands_on: bench,
          why: why(bench, moves))]
      end

      # Moves that people make first; nil where one of them evens it too.
      def slips(moves, bench)
        return [Slip.new("it was even: gaps that differ by 1 mm or less are left alone", [[1, 0]])] if moves.empty?

        left, right = moves.first
        found = {"wrong way" => [-left, -right], "wrong side" => [right, left],
                 "turns for the full height instead of the hangers' spacing" => [left, right].map { |one|
                   (one * leverage).round
                 },
                 "both were turned, as far each" => [left - right, right - left]}
        made = found.map { |words, move| Slip.new(words, [bench.within(move)]) }
          .reject { |slip| slip.value == moves || slip.value.flatten.all?(&:zero?) }
        made.uniq(&:value) if made.none? { |slip| bench.even_after?(slip.value) }
      end

      def why(bench, moves)
        return "The gaps differ by no more than #{Adjust::EVEN} mm: nothing is turned." if moves.empty?

        bench.answer([]).work.entries.map { |entry| entry.line(@hangs.printer) }.join("; ")
      end
    end
  end
end
