# frozen_string_literal: true

module YellowTrack
  module Bench
    # How long the cutting of one material takes: 30 pieces proved best, 300
    # with their gap.
    class Cuttings
      STOCK = {1800 => 15r, 2400 => 18.5r, 3600 => 26r}.freeze

      # Steps that lengths are given to, mm.
      FINE = {"tenths of a millimetre" => 1/10r, "sixty-fourths" => 25.4r / 64, "thousandths" => 1/1000r}.freeze

      # @return [Array<String>] a line of figures each
      def call
        few, pairs = [1, 2].map { |alike| Array.new(50) { |seed| timed(30, seed, alike:) } }
        many = Array.new(10) { |seed| timed(300, seed) }
        [line("30 pieces, no two alike", few), proved(few), line("30 pieces in pairs, as jambs come", pairs),
          proved(pairs),
          *FINE.flat_map { |name, step| fine(name, step) }, line("300 pieces", many),
          "#{" " * 35}gap to the bound, most #{(many.map { |_, cutting| over(cutting) }.max * 100).to_f.round(1)} %"]
      end

      private

      def fine(name, step)
        runs = Array.new(30) { |seed| timed(30, seed, step:) }
        [line("30 pieces, #{name}", runs), proved(runs)]
      end

      # How far a cutting may cost more than the best.
      def over(cutting) = cutting.cost / cutting.lower_bound - 1

      def proved(runs)
        cheapest = runs.count { |_, cutting| cutting.cost == cutting.lower_bound }
        "#{" " * 35}proved best: #{runs.count { |_, cutting| cutting.optimal? }} of #{runs.length}, cheapest: " \
          "#{cheapest}"
      end

      # Lengths of a job's parts, from three stock lengths: tracks, half jambs,
      # casing, packers.
      def timed(count, seed, alike: 1, step: 1r)
        random = Random.new(seed)
        bars = STOCK.map { |length, price| Cutting::Bar.new(length: length.to_r, price:) }
        lengths = Array.new(count / alike) { random.rand(300..1700) + ((step == 1) ? 0 : step * random.rand(0..99)) }
        pieces = Array.new(count) { |place| Cutting::Piece.new(name: "P#{place}", length: lengths[place / alike]) }
        cutting = nil
        [Timing.once { cutting = Cutting.new(bars:, pieces:) }, cutting]
      end

      def line(name, runs)
        times = runs.map(&:first).sort
        format("%-34s median %7.0f ms   the longest %7.0f ms", name, Timing.median(times), times.last)
      end
    end
  end
end
