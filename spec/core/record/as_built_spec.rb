# frozen_string_literal: true

RSpec.describe YellowTrack::AsBuilt do
  def set(**changes) = plan("hung.A.gaps" => {"top" => 1, "middle" => 2, "bottom" => 4}, **changes).set

  def by(items) = items.to_h { |item| [item.name, item.by] }

  it "sets gaps beside the stop they close to" do
    made = set
    expect(by(described_class.hung(made))).to eq("A top" => 1 - made.bumper, "A middle" => 2 - made.bumper,
      "A bottom" => 4 - made.bumper)
  end

  it "sets a floor gap beside the plan's, with the adjusters where they stand" do
    made = set("hung.A.floor" => {"left" => 12}, "hung.A.at" => {"left" => 2, "right" => 2})
    panel = made.panels.first
    item = described_class.hung(made).find { |one| one.kind == "floor" }
    expect(item.planned).to eq made.floor_gap.at(panel.x) + 2
    expect(item.by).to eq 12 - item.planned
  end

  it "sets readings beside what the sums make of them, once they check each other" do
    closed = plan
    items = described_class.readings(closed.opening.survey, closed.closure)
    expect(items.map(&:name)).to include("widths.top", "diagonals.rising")
    items.each { |item| expect(item.by).to be_within(0.001).of(closed.closure.residuals[item.name].v) }
    expect(described_class.readings(closed.opening.survey, nil)).to eq []
  end

  YellowTrack::Manner::ROWS.each_key do |manner|
    it "has a plan for every gap that is read of #{manner}" do
      kind = Kinds::ALL.keys.find { |name|
        YellowTrack::Files::Shelf.kits.fetch(Kinds::ALL[name]["kit"]).manner.key == manner
      }
      made = YellowTrack::Plan.of(YellowTrack::Files::Shelf.opening(document_of(kind, Random.new(7)))).set
      made.readings.each { |one| expect(one.planned.keys).to match_array(one.gap_names) }
    end
  end
end
