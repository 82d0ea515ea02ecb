# frozen_string_literal: true

# Pieces shared out over bars by hand.
RSpec.describe YellowTrack::Practice::Rack do
  def bar(length, price: 18r, name: nil) = YellowTrack::Cutting::Bar.new(length: length.to_r, price:, name:)

  def rack(*lengths, bars:, kerf: 3r)
    pieces = lengths.each_with_index.map do |length, place|
      YellowTrack::Cutting::Piece.new(name: "A-#{place + 1}", length: length.to_r)
    end
    described_class.new(bars, pieces, kerf:)
  end

  let(:offcut) { bar(1000, price: 0r, name: "offcut 1") }
  let(:bars) { [offcut, bar(2400), bar(2400)] }

  it "puts two short pieces into an offcut, where the longest alone would waste a new bar" do
    made = rack(500, 490, 900, 1480, bars:)
    expect(made.best).to eq [0, 0, 1, 1]
    expect(made.longest_first).to eq [1, 2, 0, 1]
    expect([made.cost(made.best), made.cost(made.longest_first)]).to eq [18, 36]
    expect(made.longest_offcut(made.best)).to eq 14
    expect(made.dearer(made.longest_first)).to eq 2400
  end

  it "counts a kerf between two pieces, and one behind the last where something is left" do
    made = rack(500, 500, 1000, bars:)
    expect(made.left([0, 0, 1], 0)).to eq(-3)
    expect(made.over([0, 0, 1])).to eq 3
    expect(made.with_kerf(0r).over([0, 0, 1])).to eq 0
    expect([made.offcut([1, 1, 0], 0), made.offcut([1, 1, 0], 1), made.offcut([], 1)]).to eq [0, 1394, 2400]
  end

  it "takes the fewest bars of those that cost the same, then leaves the longest offcut" do
    short, long = bar(700, price: 0r, name: "offcut 1"), bar(1500, price: 0r, name: "offcut 2")
    made = rack(600, 650, bars: [short, long, bar(2400)])
    expect(made.best_ones).to eq [[1, 1]]
    expect(made.best?([0, 1])).to be false
    expect(made.best?([1, 1])).to be true
  end

  it "takes new bars that are alike for one and the same" do
    made = rack(1500, 1600, bars:)
    expect(made.alike([1, 2])).to eq made.alike([2, 1])
    expect(made.best_ones.length).to eq 1
    expect(made.alike(made.without_offcuts)).to eq made.alike([1, 2])
  end

  it "agrees with the cutting on the least that made-up pieces cost" do
    random = Random.new(4)
    12.times do
      lengths = Array.new(5) { random.rand(200..1500) }
      made = rack(*lengths, bars: [offcut, *[bar(2400)] * 4])
      cutting = YellowTrack::Cutting.new(kerf: 3r, pieces: made.pieces,
        bars: [offcut.dup.tap { |one| one.count = 1 }, bar(2400)])
      expect([made.cost(made.best), made.longest_offcut(made.best)])
        .to eq [cutting.cost, cutting.cuts.map(&:offcut).max]
    end
  end
end
