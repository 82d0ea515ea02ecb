# frozen_string_literal: true

require "json_schemer"
require "support/share"

RSpec.describe YellowTrack::Schema do
  def faults(changes) = YellowTrack::Files::Shelf.schema("opening").read(document(**changes)).last.map(&:message)

  it "names every fault by its key, all at once" do
    broken = document("set.panels" => 2.5, "survey.widths.top" => "58 9/", "set.makeup" => [{"material" => "straw"}])
    broken["survey"]["widhts"] = {}
    messages = YellowTrack::Files::Shelf.schema("opening").read(broken).last.map(&:message)
    expect(messages).to contain_exactly(
      start_with("survey.widhts: no such key. Known here: widths, heights"),
      start_with('survey.widths.top: "58 9/" is not a length'),
      "set.panels: 2.5 is not a whole number.",
      start_with('set.makeup[0].material: "straw" will not do. It takes "hollow core"')
    )
  end

  it "says what is missing, too many, too small or too large" do
    expect(faults("set.family" => nil)).to eq ["set.family: missing. It is needed here."]
    expect(faults("set.pattern" => [1] * 7)).to eq ["set.pattern: 7 items is too many. It takes 6 at most."]
    expect(faults("set.panels" => 0)).to eq ["set.panels: 0 is too small. It takes 1 or more."]
    expect(faults("set.panels" => 7)).to eq ["set.panels: 7 is too large. It takes 6 at most."]
    expect(faults("survey.covering.laid" => "yes")).to eq ['survey.covering.laid: "yes" is not true or false.']
    expect(faults("set.kit" => {"id" => "mine", "name" => "Mine", "family" => "bypass"}))
      .to include("set.kit.weight: missing. It is needed here.",
        "set.kit.lanes: missing. It is needed here.")
  end

  it "brings lengths out as exact millimetres" do
    read, faults = YellowTrack::Files::Shelf.schema("opening")
      .read(document("survey" => {"depth" => "4 7/8"}, :units => "in"), unit: :in)
    expect(faults).to be_empty
    expect(read["survey"]["depth"]).to eq 39r / 8 * 25.4r
  end

  it "says of a group that was read before what it said then, and reads it in the unit that is asked for" do
    schema, broken = YellowTrack::Files::Shelf.schema("opening"), document("set.panels" => 0, "survey.depth" => "12x")
    first = schema.read(broken)
    expect(first.last.map(&:key)).to eq %w[survey.depth set.panels]
    expect(schema.read(Marshal.load(Marshal.dump(broken))).inspect).to eq first.inspect
    depths = %i[mm in].map { |unit| schema.read(document("survey.depth" => "5"), unit:).first["survey"]["depth"] }
    expect(depths).to eq [5r, 127r]
  end

  describe "beside a general validator" do
    files = Dir["#{YellowTrack::ROOT}/docs/formats/*.schema.json"]
    named = files.to_h { |file| [File.basename(file), JSON.parse(File.read(file))] }

    let(:referee) { validator(named.fetch("opening.schema.json"), named) }

    # One that knows the files by what they call themselves.
    def validator(rules, named)
      known = named.values.to_h { |one| [URI("https://example.test/#{one["$id"]}"), one] }
      JSONSchemer.schema(rules, base_uri: URI("https://example.test/formats"), format: true,
        formats: {"length" => length(false), "signed length" => length(true), "grain" => grain},
        ref_resolver: ->(uri) { known.fetch(uri) })
    end

    named.each do |name, rules|
      it "resolves whatever #{name} refers to" do
        expect(rules["$id"]).to eq name
        expect(JSONSchemer.valid_schema?(rules)).to be true
        others = rules.to_s.scan(/"\$ref"=>"([^#"]+)"/).flatten.uniq
        expect(others - named.keys).to eq []
        expect(validator(rules, named).validate({"format" => "none", "set" => {"kit" => {}}, "kit" => {},
          "was" => {}}).to_a).not_to be_empty
      end
    end

    def length(signed)
      lambda do |value, _|
        value.nil? || YellowTrack::Length.parse(value, signed:)
      rescue YellowTrack::Fault
        false
      end
    end

    def grain
      ->(value, _) {
        value.nil? || (length(false).call(value, nil) &&
        (0.1..50).cover?(YellowTrack::Length.parse(value).mm))
      }
    end

    # Puts something that may not belong there at a random place.
    def spoiled(random)
      keys = %w[
        grain survey.widths.top survey.floor survey.bays survey.covering set.panels set.pattern set.fit set.kit
        set.makeup set.slab set.weighed set.slab.foot survey set.odd survey.wall.studs set.lap
      ]
      odd = [nil, -1, 0, 2, 3.0, 2.5, 1e9, "x", "12", [], [1], [[1, 2]], [[1]], {}, {"thickness" => 1}, true, "mm",
        "plumb"]
      document(keys.sample(random:) => odd.sample(random:))
        .merge(%w[version name units].sample(random:) => odd.sample(random:))
    end

    it "comes to the same verdict on spoiled documents" do
      random = Random.new(RSpec.configuration.seed)
      Share.count(900).times do
        given = spoiled(random)
        ours = YellowTrack::Files::Shelf.schema("opening").read(given).last
        expect(ours.empty?).to eq(referee.valid?(given)), "#{given}: #{ours.map(&:message)}"
      end
    end
  end
end
