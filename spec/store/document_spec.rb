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

  it "keeps lists that no one names by their places: adds at the end, replaces, takes away" do
    made = blank.with("set.makeup.0", "a").with("set.makeup.1", "b")
    expect(made["set.makeup"]).to eq %w[a b]
    expect(made.with("set.makeup.0", nil)["set.makeup"]).to eq %w[b]
    expect { made.with("set.makeup.4", "x") }.to raise_error(KeyError)
  end

  describe "items of a list" do
    let(:listed) { [%w[0 0], %w[900 2], %w[1812 4]].reduce(blank) { |made, item| made.with("survey.floor.new", item) } }

    it "have names that last wherever they stand" do
      expect(listed.item_keys("survey.floor")).to eq %w[survey.floor.i0 survey.floor.i1 survey.floor.i2]
      without = listed.with("survey.floor.i1", nil)
      expect(without["survey.floor"]).to eq [%w[0 0], %w[1812 4]]
      expect(without["survey.floor.i2"]).to eq %w[1812 4]
      expect(without["survey.floor.i1"]).to be_nil
      expect(without.with("survey.floor.i2", %w[1812 5])["survey.floor"]).to eq [%w[0 0], %w[1812 5]]
    end

    it "come back to where they stood, and no name is given twice" do
      without = listed.with("survey.floor.i1", nil)
      expect(without.with("survey.floor.i1", %w[900 2])["survey.floor"]).to eq listed["survey.floor"]
      more = without.with("survey.floor.i2", nil).with("survey.floor.new", %w[5 5])
      expect(more.item_keys("survey.floor")).to eq %w[survey.floor.i0 survey.floor.i3]
      expect(more.settled("survey.floor.new")).to eq "survey.floor.i3"
      expect(listed.with("survey.floor.i0", nil).with("survey.floor.i1", nil)
        .with("survey.floor.i2", nil)["survey.floor"]).to be_nil
    end

    it "are named as they stand where they never were, and anew where the list is replaced" do
      taken = described_class.new(listed.to_h)
      expect(taken.item_keys("survey.floor")).to eq listed.item_keys("survey.floor")
      replaced = listed.with("survey.floor.i0", nil).with("survey.floor", [%w[1 1]])
      expect(replaced.item_keys("survey.floor")).to eq %w[survey.floor.i0]
    end

    it "are written and read back with the document" do
      made = listed.with("survey.floor.i0", nil)
      expect(described_class.parse(made.to_json, made.items).item_keys("survey.floor"))
        .to eq %w[survey.floor.i1 survey.floor.i2]
    end
  end

  it "writes and reads back the same" do
    expect(described_class.parse(blank.to_json).to_h).to eq blank.to_h
  end
end
