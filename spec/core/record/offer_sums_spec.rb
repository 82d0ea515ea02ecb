# frozen_string_literal: true

RSpec.describe YellowTrack::OfferSums do
  it "takes the discount off, and each line's tax on what is left of it" do
    sums = described_class.new({"A" => 100r, "B" => 50r}, discount: 10r, rates: {"A" => 20r, "B" => 7.5r})
    expect([sums.lines, sums.off, sums.net]).to eq [150, 15, 135]
    expect(sums.taxes).to eq(20r => 18, 7.5r => 3.38r)
    expect(sums.total).to eq 156.38r
  end

  it "comes to its lines where there is neither discount nor tax, to the hundredth" do
    random = Random.new(7)
    40.times do
      amounts = Array.new(random.rand(1..9)) { |place| [place.to_s, Rational(random.rand(1..9_999_999), 100)] }.to_h
      sums = described_class.new(amounts, discount: 0r, rates: {})
      expect([sums.total, sums.taxes]).to eq [amounts.values.sum, {}]
      rates = amounts.transform_values { [0r, 10r, 20r].sample(random:) }
      taxed = described_class.new(amounts, discount: random.rand(0..100).to_r, rates:)
      expect(taxed.total).to eq taxed.net + taxed.taxes.values.sum(0r)
      expect(taxed.total * 100 % 1).to eq 0
    end
  end

  it "shares a sum by weights, all of it, to the hundredth; alike where nothing weighs" do
    expect(described_class.shared(100r, {"A" => 1r, "B" => 2r})).to eq("A" => 33.33r, "B" => 66.67r)
    expect(described_class.shared(9r, {"A" => 0r, "B" => 0r})).to eq("A" => 4.5r, "B" => 4.5r)
    random = Random.new(3)
    40.times do
      total, count = Rational(random.rand(1..999_999), 100), random.rand(1..12)
      shared = described_class.shared(total, Array.new(count) { |place| [place, random.rand(0..50).to_r] }.to_h)
      expect(shared.values.sum).to eq total
    end
  end
end
