# frozen_string_literal: true

module YellowTrack
  module Bench
    # How long every kit in every way takes on one opening: the shelf, and with the
    # fitter's own kits beside it up to 120 ways.
    class Choices
      OWN = {"the shelf" => 0, "and 10 kits of one's own" => 10, "and 30" => 30}.freeze
      TIMES = 15

      def call
        OWN.map do |name, count|
          times = Array.new(TIMES) { |round| Timing.once { choose(round, count) } }.sort
          Timing.line("choose, cold: #{choose(0, count).tried} ways", times).concat("   #{name}")
        end
      end

      private

      # Another opening each round, so that nothing is kept from the last.
      def choose(round, count)
        opening = Files::Shelf.opening(document(round))
        Files::Candidates.choose(opening, own: own.first(count))
      end

      def own
        @own ||= Array.new(30) do |place|
          sheet = Numbers.rounded(Files::Candidates.shelf[place % 9].to_h)
          Files::Shelf.kit(sheet.merge("id" => "own-#{place}", "name" => "Own #{place}"))
        end
      end

      def document(round)
        wide, high = 1700 + 37 * round, 2150 + 11 * round
        {"format" => "yellow-track/opening", "version" => 1,
         "survey" => {"widths" => {"top" => wide, "middle" => wide + 1, "bottom" => wide + 2},
                      "heights" => {"left" => high, "middle" => high + 1, "right" => high + 2},
                      "diagonals" => %w[rising falling].to_h { |way| [way, Math.hypot(wide, high).round] },
                      "leans" => {"left" => 1, "right" => -1}, "floor" => [[0, 0], [wide / 2, 1], [wide, 2]],
                      "bays" => [[0, 600], [600, 1200], [1200, wide]]},
         "set" => {"family" => "bypass", "kit" => "twin-42", "pattern" => [2, 1],
                   "makeup" => [{"material" => "panelled softwood"}]}}
      end
    end
  end
end
