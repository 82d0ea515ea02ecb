# frozen_string_literal: true

RSpec.describe YellowTrack::Web::Kits::Form do
  YellowTrack::Files::Shelf.kits.each do |id, kit|
    it "lays #{id} out by field in either unit and puts it together again" do
      sheet = YellowTrack::Numbers.rounded(kit.to_h)
      %i[mm in].each do |unit|
        form = described_class.new(sheet, unit:)
        expect(form.with(form.rows.to_h { |row| [row.key.key, row.text] })).to eq sheet
      end
    end
  end

  it "has a line and a kind for every key of the schema, each for the manners that have it" do
    keys = lambda do |schema, path|
      schema["properties"].flat_map do |key, inner|
        inner["properties"] ? keys.call(inner, [*path, key]) : [[*path, key].join(".")]
      end
    end
    rules = JSON.parse(File.read("#{YellowTrack::ROOT}/docs/formats/kit.schema.json"))
    known = YellowTrack::Files::KitKeys.all
    expect(known.map(&:key)).to match_array keys.call(rules, []) - %w[family support]
    expect(known.map(&:what)).to all match(/\.\z/)
    manners = YellowTrack::Manner::ROWS.keys
    expect(known.flat_map { |key| key.for || [] }.uniq - manners).to eq []
  end

  it "takes inches and units, adds what the sheet lacked, and names each length that cannot be read" do
    sheet = YellowTrack::Numbers.rounded(YellowTrack::Files::Shelf.kits.fetch("twin-42").to_h)
    made = described_class.new(sheet, unit: :in).with("drop" => "1 7/8", "track.width" => "80 mm", "head_room" => "")
    expect(made).to include("drop" => 47.625)
    expect(made["track"]).to include("width" => 80)
    expect(made).not_to have_key("head_room")
    expect { described_class.new(sheet).with("drop" => "1 7/", "lap.least" => "x") }
      .to raise_error(YellowTrack::Faults, /drop: "1 7\/" is not a length.*lap.least: "x" is not a length/m)
  end

  it "takes decimals either way, lists apart by semicolon, and names all else that is wrong" do
    sheet = YellowTrack::Numbers.rounded(YellowTrack::Files::Shelf.kits.fetch("bar-1").to_h)
    made = described_class.new(sheet).with("rise" => "39,5", "thickness" => "18; 40")
    expect(made).to include("rise" => 39.5, "thickness" => [18, 40])
    expect { described_class.new(sheet).with("weight.most" => "heavy", "adjust.up" => "") }
      .to raise_error(YellowTrack::Faults, /weight\.most: "heavy" is not a number.*adjust\.up: missing/m)
  end
end
