# frozen_string_literal: true

RSpec.describe YellowTrack::Adjust::Learnt do
  let(:kit) { YellowTrack::Files::Shelf.kits.fetch("twin-42") }

  # A move of some turns at a panel where a turn really raises so much.
  def made(turns, real, taper: -10r)
    described_class::Made.new(turns:, taper:, found: taper + turns * real * 2000 / 800, spacing: 800r, height: 2000r)
  end

  it "reckons with the median after two moves, where it is over 15 % off the sheet" do
    expect(described_class.new(kit, [made(2r, 1r)]).used).to be_nil
    expect(described_class.new(kit, [made(2r, 1r), made(1r, 0.9r)]).used).to eq 0.95r
    expect(described_class.new(kit, [made(2r, 1r), made(1r, 0.9r), made(2r, 1.1r)]).used).to eq 1r
    expect(described_class.new(kit, [made(2r, 1.2r), made(1r, 1.3r)])).to have_attributes(used: nil, median: 1.25r)
  end

  it "leaves out moves of less than a turn, which tell more of the reading than of the screw" do
    expect(described_class.new(kit, [made(1r / 4, 3r), made(1r / 2, 0.1r)]))
      .to have_attributes(figures: [], median: nil, used: nil)
  end

  it "notices a screw that slips, and does not learn from it" do
    learnt = described_class.new(kit, [made(2r, 1r), made(2r, 1r), made(1r, 0.2r)])
    expect(learnt.slips?).to be true
    expect(learnt.used).to eq 1r
    expect(described_class.new(kit, [made(1r, 0.2r), made(2r, 1r)]).slips?).to be false
  end
end
