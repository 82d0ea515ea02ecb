# frozen_string_literal: true

RSpec.describe YellowTrack::Cutting::Cover do
  let(:random) { Random.new(RSpec.configuration.seed) }

  # Pieces for some bars of which every one is used, and one set aside.
  def problem
    kinds = random.rand(3..4)
    widths = Array.new(kinds) { random.rand(10..60) }.uniq.sort.reverse
    counts = widths.map { random.rand(1..2) }
    stocks = Array.new(random.rand(1..2)) {
      YellowTrack::Cutting::Problem::Stock
        .new(random.rand(60..120), 0, random.rand(1..2))
    }
    YellowTrack::Cutting::Problem.new(widths:, counts:, stocks:, leaving: widths)
  end

  # The least that can be left over, looked for without any wit: every piece in
  # every bar, or over.
  def least_over(problem)
    pieces = problem.counts.each_index.flat_map { |kind| [problem.widths[kind]] * problem.counts[kind] }
    rooms = problem.stocks.flat_map { |stock| [stock.room] * stock.count }
    states = {rooms => 0}
    pieces.each do |width|
      states = states.each_with_object({}) do |(left, over), grown|
        left.each_index { |bar| put(grown, left.dup.tap { |rest| rest[bar] -= width }, over) if left[bar] >= width }
        put(grown, left, over + width)
      end
    end
    states.values.min
  end

  # Problems as a cheapest cutting poses them: no bar of it can be spared.
  def tight_problem
    loop do
      one = problem
      least = least_over(one)
      return [one, least] if least.positive?
    end
  end

  def put(states, left, over)
    states[left] = over if states[left].nil? || over < states[left]
  end

  it "leaves the least over that any way of filling every bar leaves" do
    80.times do
      one, least = tight_problem
      cover = described_class.new(one, YellowTrack::Cutting::Ways.new(one), below: one.total + 1,
        steps: Float::INFINITY).run
      expect(cover.done?).to be true
      placed = cover.found.sum { |_, taken| taken.each_index.sum { |kind| taken[kind] * one.widths[kind] } }
      expect(one.total - placed).to eq(least), one.inspect
    end
  end

  it "finds the same with a closer bound, and from fillings that were known" do
    40.times do
      one, = tight_problem
      plain, closer = YellowTrack::Cutting::Ways.new(one),
        YellowTrack::Cutting::Ways.new(one, worth: YellowTrack::Cutting::Worth.new(one))
      over = [plain, closer, plain, closer].map do |ways|
        cover = described_class.new(one, ways, below: one.total + 1, steps: Float::INFINITY).run
        cover.found && one.total - cover.found
          .sum { |_, taken| taken.each_index.sum { |kind| taken[kind] * one.widths[kind] } }
      end
      expect(over.uniq.length).to eq(1), one.inspect
    end
  end

  it "knows every way to fill a bar nearly full, whatever was asked before" do
    40.times do
      one = problem
      asked = Array.new(4) { random.rand(0..40) }
      ways = YellowTrack::Cutting::Ways.new(one)
      asked.each do |most|
        known = ways.nearly_full(0, most, 0).map { |filling| [filling.taken, filling.waste] }
        expect(known).to eq(YellowTrack::Cutting::Ways.new(one).nearly_full(0, most, 0)
          .map { |filling| [filling.taken, filling.waste] })
        expect(known.map(&:last)).to eq(known.map(&:last).sort).and all(be_between(0, most))
      end
    end
  end

  it "gives up where it was told to, and says so" do
    one = YellowTrack::Cutting::Problem.new(widths: (40..59).to_a.reverse, counts: [1] * 20,
      stocks: [YellowTrack::Cutting::Problem::Stock.new(200, 0, 4)], leaving: (40..59).to_a.reverse)
    expect(described_class.new(one, YellowTrack::Cutting::Ways.new(one), below: 200, steps: 5).run.done?).to be false
  end
end
