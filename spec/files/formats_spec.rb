# frozen_string_literal: true

require "json_schemer"

RSpec.describe "The formats" do
  shelf = YellowTrack::Files::Shelf

  it "has nine kit sheets, each one that its schema lets through" do
    expect(shelf.kits.keys).to match_array %w[twin-42 quad-42 tri-38 roll-36 bar-1 bar-3 fold-34 fold-20 pocket-90]
  end

  it "names every fault of a kit sheet by its key" do
    sheet = YellowTrack::Numbers.rounded(shelf.kits.fetch("twin-42").to_h)
    broken = sheet.merge("weight" => {"most" => -1, "counts" => "door"}, "colour" => "blue").except("drop")
    expect { shelf.kit(broken) }.to raise_error(YellowTrack::Faults) { |faults|
      expect(faults.list.map(&:key)).to contain_exactly("colour", "drop", "weight.most", "weight.counts")
    }
  end

  it "takes a fitter's own kit sheet by the same road, and the plan names what it took from it" do
    own = YellowTrack::Numbers.rounded(shelf.kits.fetch("twin-42").to_h).merge("id" => "mine", "drop" => 44)
    made = plan("set.kit" => own)
    expect(made.to_h).to include("kit" => "mine")
    expect(made.working["kit.drop"]).to have_attributes(value: 44, from: :kit, source: "kit.drop")
  end

  it "reads, writes and reads an opening back to the same" do
    documents = Cases.names.map { |name| Cases.read(name, "opening") }
    documents += Kinds::ALL.keys.map { |kind| document_of(kind, Random.new(RSpec.configuration.seed)) }
    documents.each do |given|
      read = shelf.opening(given)
      written = JSON.parse(JSON.generate(shelf.document(read)))
      expect(shelf.opening(written)).to eq read
    end
  end

  it "explains every key of its files, and no other" do
    page = File.read("#{YellowTrack::ROOT}/docs/formats/README.md")
    keys = %w[opening kit plan steps sure cut move work visits job].flat_map do |name|
      keys_of(JSON.parse(File.read("#{YellowTrack::ROOT}/docs/formats/#{name}.schema.json")))
    end
    keys -= YellowTrack::Files::Knowledge.all.findings.keys # told where they are asked, in data/service
    missing = keys.uniq.reject { |key| page.match?(/`(?:[\w.\[\]]+\.)?#{Regexp.escape(key)}(?:\[\])?`/) }
    expect(missing).to eq []
  end

  def keys_of(schema)
    case schema
    when Hash then (schema["properties"].is_a?(Hash) ? schema["properties"].keys : []) + schema.except("if").values
      .flat_map { |inner| keys_of(inner) }
    when Array then schema.flat_map { |inner| keys_of(inner) }
    else []
    end
  end
end
