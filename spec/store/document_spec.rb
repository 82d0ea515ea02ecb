# frozen_string_literal: true

RSpec.describe YellowTrack::Store::Document do
  let(:blank) { described_class.blank(name: "Robe", units: "mm", set: {"family" => "bypass"}) }

  it "changes by copy, deep down" do
    made = blank.with("survey.widths.top", "1806")
    expect(made["survey.widths.top"]).to eq "1806"
    expect(blank["survey.widths.top"]).to be_nil
  end

  it "takes out what is emptied, and the group that held it" do
    expect(blank.with("set.lap", "30").with("set.lap", nil).to_h).to eq blank.to_h
  end

  it "keeps lists: adds at the end, replaces, takes away" do
    made = blank.with("survey.floor.0", %w[0 0]).with("survey.floor.1", %w[900 2])
    expect(made["survey.floor"]).to eq [%w[0 0], %w[900 2]]
    expect(made.with("survey.floor.0", nil)["survey.floor"]).to eq [%w[900 2]]
    expect { made.with("survey.floor.4", %w[1 1]) }.to raise_error(KeyError)
  end

  it "writes and reads back the same" do
    expect(described_class.parse(blank.to_json).to_h).to eq blank.to_h
  end
end
