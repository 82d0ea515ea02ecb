# frozen_string_literal: true

RSpec.describe YellowTrack::Price do
  let(:openings) {
    makeup = [{"material" => "hollow core"}]
    bifold = {"family" => "bifold", "kit" => "fold-34", "panels" => 2, "thickness" => 35, "makeup" => makeup}
    [plan("set.makeup" => makeup), plan("set" => bifold)]
      .zip(%w[A B]).map { |made, letter| [made, YellowTrack::Parts.new(made, letter)] }
  }

  def price(bars: [["Twin lane 42 track", 2400r, 1]], **prices)
    described_class.new(openings, bars:, prices: prices.transform_keys(&:to_s), labour: {"hang" => 3r, "mend" => 1/2r},
      way: described_class::Way.new(trips: 4, minutes: 30, people: 2))
  end

  it "counts kits, bars, sheet and fixings from the plans" do
    lines = price.materials.to_h { |line| [line.name, line.count] }
    expect(lines).to include("Twin lane 42" => 1, "Fold 34" => 1, "Twin lane 42 track, 2400 mm" => 1,
      "hinges" => openings[1][0].set.fitted.hinges.length,
      "track screws" => openings.sum { |made, _| made.set.track.holes.length })
    expect(lines["hollow core"]).to be_within(0.01)
      .of((openings.flat_map { |made, _| made.set.panels }.sum { |panel| panel.width * panel.height } / 1e6).to_f)
  end

  it "pays done days by presence: people there from the first step to the last, the road, and hands that they lack" do
    step = ->(place, ended, hands) { {"place" => place, "ended" => ended, "hands" => hands} }
    steps = [step.call("site", "2027-03-01T09:00", 1), step.call("site", "2027-03-01T11:30", 3),
      step.call("site", "2027-03-02T10:00", 1), step.call("shop", "2027-03-02T15:00", 2)]
    hours = described_class.presence(steps, people: 2, travel: 40) { 30 }
    there = 30 + 150 + 30 # from 8:30 to 11:30, and half an hour on the second day
    expect(hours).to eq ((2 * (there + 2 * 80) + 30 + 2 * 30)/60r).round(2)
    expect(described_class.presence([], people: 2, travel: 40) { 30 }).to eq 0
  end

  it "puts waste on materials, margin on all, and rounds up as it is told" do
    made = price("kit twin-42": 100r, "kit fold-34": 50r, rate: 40r, travel: 20r, visits: 2r, waste: 10r, margin: 20r,
      round: 10r)
    expect(made.material_cost).to eq 165
    expect(made.labour_cost).to eq 3.5r * 40
    expect(made.step_cost("hang")).to eq 120
    expect(made.travel_cost).to eq 2 * (2 * 40 + 20)
    expect(made.own_cost).to eq 165 + 140 + 200
    expect(made.total % 10).to eq 0
    expect(made.total - made.own_cost * 6 / 5).to be_between(0, 10)
  end

  it "names what has no price yet, and counts it as nothing" do
    expect(price.unpriced).to include("Twin lane 42", "track screws", "an hour")
    expect(price.material_cost).to eq 0
    expect(price.step_cost("hang")).to be_nil
    expect(price.trips).to eq 4
  end

  it "counts the minutes of steps by the hands they take" do
    steps = [{"key" => "A-hang", "minutes" => 45, "hands" => 2}, {"key" => "B-off", "minutes" => 10, "hands" => 1},
      {"key" => "A-cut", "minutes" => 30, "hands" => 1}, {"key" => "A-cover", "days" => 2}]
    expect(described_class.hours(steps)).to eq("cut and drill" => 1/2r, "hang" => 100/60r)
  end

  it "takes a slab that is there for no sheet to buy" do
    slab = plan("set.slab" => {"width" => 926, "height" => 2300})
    made = described_class.new([[slab, YellowTrack::Parts.new(slab, "A")]], bars: [], prices: {})
    expect(made.materials.map(&:unit)).not_to include("m²")
  end
end
