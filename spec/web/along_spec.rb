# frozen_string_literal: true

RSpec.describe YellowTrack::Web::Measure::Along do
  def along(key, list) = described_class.new(opening("survey.#{key}" => list).survey, "survey.#{key}")

  it "puts stations at their places along the drawn floor" do
    made = along("floor", [[0, 0], [906, 2], [1812, 4]])
    expect(made.places).to eq [[8, 0], [50, 0], [92, 0]]
    expect(made.rows).to eq 1
  end

  it "puts a bay under its middle, and what stands near in another row" do
    made = along("bays", [[0, 200], [200, 300], [300, 400], [400, 1800]])
    expect(made.rows).to eq 3
    expect(made.places.map(&:first)).to eq made.places.map(&:first).sort
    expect(made.places.group_by(&:last).values.map(&:length).max).to be <= 2
  end

  it "has no rows for nothing" do
    expect(along("bays", nil).rows).to eq 0
  end
end
