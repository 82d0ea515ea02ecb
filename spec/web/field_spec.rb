# frozen_string_literal: true

RSpec.describe YellowTrack::Desk::Field do
  def field(kind, **rest) = described_class.new(key: "set.some_thing.0", kind:, **rest)

  it "has an id that a page can hold" do
    expect(field(:length).id).to eq "set-some-thing-0"
  end

  it "takes what was posted as the opening file holds it" do
    expect(field(:length).value(" 58 9/16 ")).to eq "58 9/16"
    expect(field(:length).value("  ")).to be_nil
    expect(field(:flag).value("1")).to be true
    expect(field(:flag).value(%w[0])).to be false
    expect(field(:count).value("4")).to eq 4
    expect(field(:count).value("four")).to eq "four"
    expect(field(:lanes).value("2,1,2")).to eq [2, 1, 2]
    expect(field(:pair).value(["0", "610"])).to eq ["0", "610"]
    expect(field(:pair).value(["", ""])).to be_nil
    expect(field(:layer).value(["glass", ""])).to eq("material" => "glass")
    expect(field(:texts).value("120; 520,  92,5 cm\n1 m")).to eq ["120", "520", "92,5 cm", "1 m"]
    expect(field(:kit).value({"id" => "mine"})).to eq("id" => "mine")
  end

  it "shows a value as it was typed, one text an input" do
    expect(field(:length).texts("58 9/16")).to eq ["58 9/16"]
    expect(field(:length).texts(nil)).to eq [""]
    expect(field(:lanes).texts([2, 1])).to eq ["2,1"]
    expect(field(:pair).texts(["0", "610"])).to eq ["0", "610"]
    expect(field(:layer).texts({"material" => "glass", "thickness" => "4"})).to eq ["glass", "4", ""]
    expect(field(:texts).texts(["120", "520"])).to eq ["120; 520"]
    expect(field(:kit).texts({"id" => "mine"})).to eq ["mine"]
  end

  it "gives back what it was given, whatever the kind" do
    {length: "1 806", count: 2, lanes: [1, 2], pair: %w[0 5], layer: {"material" => "mirror", "thickness" => "4"},
     texts: %w[a b]}.each do |kind, value|
      one = field(kind)
      expect(one.value(one.texts(value))).to eq(value), kind.to_s
    end
  end

  it "knows every key that a screen has, and the places of lists, and no other" do
    fields = YellowTrack::Desk::Fields
    expect(fields["survey.floor.i12"]).to have_attributes(kind: :pair, label: "station 13")
    expect(fields["survey.bays.new"].label).to eq "bay"
    expect(fields.told("survey.bays.0").label).to eq "bay 1"
    ["survey.floor.1", "survey.floor.ix", "survey.bays.i", "survey.wall.new", "set.family", "name", "", nil]
      .each do |key|
      expect(fields[key]).to be_nil, key.inspect
    end
  end

  # What a group of keys has; of several branches the one that is a group.
  def known_in(rules, all)
    rules = all.dig(*rules["$ref"].delete_prefix("#/").split("/")) if rules["$ref"]&.start_with?("#/")
    (rules["anyOf"]&.find { |branch| branch["properties"] } || rules).fetch("properties", {})
  end

  it "has no field that the opening file would refuse" do
    known = JSON.parse(File.read("#{YellowTrack::ROOT}/docs/formats/opening.schema.json"))
    YellowTrack::Desk::Fields::KNOWN.each_key do |key|
      found = key.split(".").reduce(known) do |rules, step|
        step.match?(/\A\d+\z/) ? rules["items"] : known_in(rules, known)[step]
      end
      expect(found).not_to be_nil, key
    end
  end
end
