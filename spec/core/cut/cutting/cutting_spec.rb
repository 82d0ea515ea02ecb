# frozen_string_literal: true

require "support/share"

RSpec.describe YellowTrack::Cutting do
  def bar(length, price, count: nil, name: nil)
    described_class::Bar.new(length: length.to_r, price: price.to_s.to_r, count:, name:)
  end

  def pieces(*lengths)
    lengths.each_with_index.map do |length, place|
      described_class::Piece.new(name: "P#{place + 1}", length: length.to_r)
    end
  end

  def cut(bars, lengths, **saw) = described_class.new(bars:, pieces: pieces(*lengths), **saw)

  # Every bar keeps its trims and a kerf between neighbours, gives its offcut,
  # and no more bars are taken than there are.
  def expect_sound(cutting, bars, lengths, kerf: 3, trim: 0)
    names = cutting.cuts.flat_map { |one| one.pieces.map(&:name) } + cutting.uncut.map(&:name)
    expect(names.sort).to eq pieces(*lengths).map(&:name).sort
    cutting.cuts.each do |one|
      free = one.bar.length - 2 * trim - one.pieces.sum(&:length) - (one.pieces.length - 1) * kerf
      expect(free).to be >= 0
      expect(one.offcut).to eq [free - kerf, 0].max
    end
    bars.select(&:count).each do |there|
      expect(cutting.cuts.count { |one| one.bar.equal?(there) }).to be <= there.count
    end
  end

  it "spends n − 1 kerfs on a bar that is used up exactly, n otherwise" do
    expect(cut([bar(2000, 10)], [998.5, 998.5]).cuts.map(&:offcut)).to eq [0]
    expect(cut([bar(2000, 10)], [900, 900]).cuts.map(&:offcut)).to eq [194]
    expect(cut([bar(2000, 10)], [998, 998]).cuts.map(&:offcut)).to eq [0] # a sliver of 1
    expect(cut([bar(2000, 10)], [999, 999]).cuts.length).to eq 2
  end

  it "rounds what is finer than a saw knows, bounds it by the lengths as typed, and tells offcuts from those" do
    inch = 254r / 10
    bars = [bar(96 * inch, 10), bar(120 * inch, 15)]
    fine = [47_938 * inch / 1000, 47_937 * inch / 1000] # with an eighth between them they use up eight feet
    made = cut(bars, fine, kerf: inch / 8)
    expect([made.cost, made.lower_bound, made.optimal?]).to eq [15, 10, false]
    expect(made.to_h["rounded"]).to be true
    expect_sound(made, bars, fine, kerf: inch / 8)
    shorter = cut(bars, [1001r / 7, 1003r / 7])
    expect([shorter.optimal?, shorter.lower_bound]).to eq [true, shorter.cost]
    expect_sound(shorter, bars, [1001r / 7, 1003r / 7])
    expect(cut([bar(2000, 10)], [1001r / 7, 2000]).uncut).to be_empty
  end

  it "is the best where its cost meets its bound, whether or not the search came to its end" do
    random = Random.new(RSpec.configuration.seed)
    Share.count(6).times do
      lengths = Array.new(30) { Rational(random.rand(3000..19_000), 10) }
      made = cut([bar(1800, 17.5), bar(2400, 24.1), bar(3600, 34.9)], lengths)
      expect(made.optimal?).to eq(made.cost == made.lower_bound)
    end
  end

  it "takes the trim off both ends" do
    expect(cut([bar(2000, 10)], [1990], trim: 5r).cuts.first.offcut).to eq 0
    expect(cut([bar(2000, 10)], [1991], trim: 5r).checks.map(&:code)).to eq ["cut.long"]
  end

  it "wants the cheapest, then the fewest bars, then the longest single offcut" do
    expect(cut([bar(1000, 10), bar(2000, 20)], [900, 900]).cuts.map { |one| one.bar.length }).to eq [2000]
    expect(cut([bar(1000, 9), bar(2000, 20)], [900, 900]).cuts.map { |one| one.bar.length }).to eq [1000, 1000]
    expect(cut([bar(1000, 10)], [500, 400, 300]).cuts.map(&:offcut).max).to eq 697
  end

  it "takes offcuts of the rack first, for they cost nothing" do
    made = cut([bar(2400, 18.5), bar(910, 0, count: 1, name: "offcut 7")], [900, 1800])
    expect(made.cuts.map { |one| [one.bar.name, one.pieces.length] }).to contain_exactly([nil, 1], ["offcut 7", 1])
  end

  it "leaves the least length uncut where bars run short, and says so" do
    made = cut([bar(2000, 10, count: 1)], [1200, 900, 700])
    expect(made.uncut.map(&:length)).to eq [900]
    expect(made.checks.map(&:code)).to eq ["cut.short"]
    expect(made.optimal?).to be true
  end

  it "cuts nothing from nothing" do
    expect(cut([bar(2000, 10)], []).to_h).to include("optimal" => true, "cost" => 0, "bars" => [])
    expect(cut([], [500]).to_h).to include("uncut" => ["P1"])
  end

  # The best of all ways to cut a few pieces, looked for without any wit.
  def best_of_all(bars, lengths, kerf: 3)
    stocks = bars.flat_map { |one| Array.new(one.count || lengths.length, one) }
    best = nil
    try = lambda do |place, open, uncut, cost|
      return if best && ([uncut, cost] <=> best.first(2)) == 1
      if place == lengths.length
        offcut = open.map { |one, used| [one.length - used, 0].max }.max || 0
        score = [uncut, cost, open.length, -offcut]
        best = score if best.nil? || (score <=> best) == -1
        next
      end
      length = lengths[place]
      open.each_with_index do |(one, used), at|
        next if used + length > one.length
        try.call(place + 1, open.dup.tap { |list| list[at] = [one, used + length + kerf] }, uncut, cost)
      end
      (stocks.tally.select { |one, there| open.count { |taken, _| taken.equal?(one) } < there && length <= one.length }
        .keys.uniq { |one| [one.length, one.price] }).each do |one|
        try.call(place + 1, open + [[one, length + kerf]], uncut, cost + one.price)
      end
      try.call(place + 1, open, uncut + length, cost)
    end
    try.call(0, [], 0, 0)
    best
  end

  it "is proved best against every way there is, for hundreds of small sets" do
    random = Random.new(RSpec.configuration.seed)
    Share.count(450).times do
      bars = [bar(random.rand(1500..2500), random.rand(10..20)), bar(random.rand(2600..4000), random.rand(20..32))]
        .first(random.rand(1..2))
      bars << bar(random.rand(400..1400), 0, count: 1, name: "offcut") if random.rand < 0.4
      bars.each { |one| one.count = random.rand(1..2) } if random.rand < 0.25
      lengths = Array.new(random.rand(1..5)) { random.rand(200..1500) }
      made = cut(bars, lengths)
      expect_sound(made, bars, lengths)
      score = [made.uncut.sum(&:length), made.cost, made.cuts.length, -(made.cuts.map(&:offcut).max || 0)]
      expect(score).to eq(best_of_all(bars, lengths)), "bars #{bars.map(&:to_a)}, pieces #{lengths}"
      expect(made.optimal?).to be true
    end
  end

  # The best of all ways again, of more pieces and bars of any number: of every
  # set of pieces the best way to cut it, from those of its subsets.
  def best_by_sets(bars, lengths, kerf: 3)
    filled = (0...(1 << lengths.length)).map do |set|
      lengths.each_index.sum { |one| (set[one] == 1) ? lengths[one] + kerf : 0 }
    end
    best = [[0, 0, 0]]
    1.upto(filled.length - 1) do |set|
      with, rest = set, 1 << (set.bit_length - 1)
      while with >= rest
        bars.each do |one|
          next if filled[with] - kerf > one.length
          cost, count, offcut = best[set ^ with]
          score = [cost + one.price, count + 1, [offcut, -[one.length - filled[with], 0].max].min]
          best[set] = score if best[set].nil? || (score <=> best[set]) == -1
        end
        with = (with - 1) & set
      end
    end
    best.last
  end

  it "is proved best for sets of more pieces, with pieces alike and in tenths" do
    random = Random.new(RSpec.configuration.seed)
    Share.count(60).times do
      bars = [bar(random.rand(1500..2500), random.rand(10..20)), bar(random.rand(2600..4000), random.rand(20..32))]
      alike = Array.new(2) { Rational(random.rand(2000..15000), 10) }
      lengths = Array.new(random.rand(7..10)) do
        (random.rand < 0.6) ? alike.sample(random:) : Rational(random.rand(2000..15000), 10)
      end
      made = cut(bars, lengths)
      expect([made.cost, made.cuts.length, -made.cuts.map(&:offcut).max]).to eq(best_by_sets(bars, lengths)),
        "bars #{bars.map(&:to_a)}, pieces #{lengths}"
    end
  end

  it "has a quick bound for hundreds of pieces that is never over the close one" do
    random = Random.new(5)
    60.times do
      stocks = Array.new(3) {
        described_class::Problem::Stock.new(random.rand(200..900), random.rand(0..90), random.rand(1..40))
      }
      problem = described_class::Problem.new(widths: [300, 170, 90], counts: Array.new(3) {
        random.rand(0..20)
      }, stocks:)
      close = problem.frontier.cost(problem.total)
      expect(problem.least).to be <= close if close
    end
    lengths = Array.new(600) { random.rand(300..2300) }
    made = cut([bar(2400, 20), bar(3600, 28)], lengths)
    expect_sound(made, [], lengths)
    expect(made.lower_bound).to be_between(made.cost * 0.8, made.cost)
  end

  it "states the gap for more pieces than it proves" do
    random = Random.new(RSpec.configuration.seed)
    bars = [bar(2400, 18.5), bar(3600, 26)]
    lengths = Array.new(80) { random.rand(300..1900) }
    made = cut(bars, lengths)
    expect_sound(made, bars, lengths)
    expect(made.lower_bound).to be <= made.cost
    expect(made.cost).to be < made.lower_bound * 1.2
  end

  Dir["#{Cases::FOLDER}/cut/*.cut.json"].sort.each do |file|
    it "agrees with #{File.basename(file, ".cut.json")}" do
      worked = JSON.parse(File.read(file.sub(".cut.", ".cutting.")))
      made = YellowTrack::Files::CutFile.cutting(JSON.parse(File.read(file))).to_h
      expect(made).to include(worked.slice("optimal", "cost"))
      expect(made["uncut"].sort).to eq worked["uncut"].sort
      expect(made["checks"].map { |check| check["code"] }.sort)
        .to eq(worked["checks"].map { |check| check["code"] }.sort)
      expect(made["bars"].length).to eq worked["bars"].length
      expect(made["bars"].map { |one| one["offcut"] }.max).to be_within(0.05)
        .of(worked["bars"].map { |one| one["offcut"] }.max)
      expect(made["bars"].flat_map { |one| one["pieces"] }.sort).to eq worked["bars"].flat_map { |one| one["pieces"] }
        .sort
    end
  end
end
