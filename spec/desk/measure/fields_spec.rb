# frozen_string_literal: true

RSpec.describe YellowTrack::Desk::Fields do
  # What is set otherwise: by the job, by choosing, by a list of their own, or by a
  # press.
  given = %w[format version name units grain set.family survey.floor survey.bays survey.twice set.makeup set.slab]
  whole = %w[set.header_board set.soft_close set.makeup]

  def keys(schema, rules, path = [])
    schema = rules.dig(*schema["$ref"].delete_prefix("#/").split("/")) if schema["$ref"]&.start_with?("#/")
    schema = schema["anyOf"].find { |one| one["type"] == "object" } || schema if schema["anyOf"] && path != %w[set kit]
    return [path.join(".")] unless schema["properties"]

    schema["properties"].flat_map { |key, inner| keys(inner, rules, [*path, key]) }
  end

  let(:rules) { JSON.parse(File.read("#{YellowTrack::ROOT}/docs/formats/opening.schema.json")) }

  it "has a field for every key of the opening file" do
    asked = keys(rules, rules).grep_v(/\Ahung\./)
    expect((asked - given).reject { |key| described_class[key] }).to eq []
  end

  it "puts every field of a set on some screen of the sets that take it" do
    shown = YellowTrack::Desk::Tally::Sliding::CHOICES.values + YellowTrack::Desk::Tally::Folding::CHOICES
      .values +
      YellowTrack::Desk::Tally::Pocketed::CHOICES.values
    size = shown.flat_map { |beside, more| [beside, *more&.last] }.compact
    prepare = YellowTrack::Web::Prepare::Screen
    others = prepare::MORE.values.flatten + prepare::OWN.values
      .flatten + prepare::PACKING + prepare::HEAD + %w[set.height_cut] + prepare::PANELS.values.flatten + prepare::OLD
    known = described_class::KNOWN.keys.grep(/\Aset\./)
    schools = YellowTrack::Files::HouseRules.all.filter_map(&:set).map { |key| "set.#{key}" }
    expect(known - size - others - schools).to eq []
    expect(whole & known).to match_array whole - %w[set.makeup]
  end

  it "takes a number with a comma or per cent, yes and no, none, and a share" do
    value = ->(key, posted) { described_class[key].value(posted) }
    expect(value["set.weighed", "24,5"]).to eq 24.5
    expect(value["set.weighed", "heavy"]).to eq "heavy"
    expect(value["set.weighed", "-3"]).to eq(-3)
    expect(value["survey.wall.solid", "yes"]).to be true
    expect(value["survey.wall.solid", ""]).to be_nil
    expect(value["survey.wall.services", "None"]).to eq []
    expect(value["set.makeup.0", ["glass", "6", "40 %"]])
      .to eq("material" => "glass", "thickness" => "6", "share" => 0.4)
  end
end
