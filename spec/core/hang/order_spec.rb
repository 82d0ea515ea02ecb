# frozen_string_literal: true

require "json_schemer"
require "support/share"

# The order of work is proved: what must come before what is written down here once more, as the handbook has it
# (chapter 18), and held against the list of every kind of set.
RSpec.describe "The order of work" do
  # Pairs "a before b" of every set, then of those that are hung twice, or once.
  always = %w[
    build-head:nog nog:studs nog:line build-head:line build-head:studs build-head:frame build-head:pack-head
    frame:pack-head frame:pack-jambs
    frame:track line:pack-head pack-head:track pack-head:rail pack-head:half-jambs pack-jambs:half-jambs
    half-jambs:casing pack-jambs:track half-jambs:track covering-first:strip strip:rail studs:board board:standoff
    standoff:rail studs:rail catches:track track-joint:track track-joint:rail track:hang rail:hang track:measure
    rail:measure measure:frame-grooves loose-stops:hang rail:loose-stops track:blocks blocks:brackets track:brackets
    brackets:hang slab-rip:slab-lip slab-lip:slab-dry slab-dry:slab-plane slab-plane:slab-trim slab-rip:slab-trim
    slab-trim:slab-treat slab-treat:fill frame-grooves:frame-dry frame-dry:frame-glue fill:groove fill:hangers
    fill:hinges frame-glue:groove frame-glue:hangers frame-glue:hinges groove:slab-prime hinges:slab-prime
    slab-prime:hang groove:hang hangers:hang hinges:hang pins:hang top-guides:hang hang:close hang:trial run:stop
    hang:run seal:paint pulls-bore:paint strikers:paint track:covering rail:covering half-jambs:covering casing:covering
    covering:floor-groove level:aligners aligners:handle level:handle pulls-bore:pulls paint:pulls level:gaps
    aligners:gaps handle:gaps pulls:gaps gaps:pelmet gaps:lining boards:lining anti-jump:level
  ].freeze
  twice = %w[close:trial trial:off off:pulls-bore off:strikers off:seal paint:rehang off:covering covering:rehang
    floor-groove:rehang rehang:anti-jump rehang:level tongue:level].freeze
  once = %w[groove:seal hangers:seal hinges:seal slab-prime:seal groove:pulls-bore seal:hang pulls-bore:hang
    strikers:hang paint:hang floor-groove:hang covering:hang hang:anti-jump hang:level tongue:level].freeze
  never_after_paint = /\A(slab-|frame-|groove|fill|hinges|pulls-bore|strikers)/

  # Choices that bring in what a plain set has not.
  def changed(document, random)
    set = document["set"]
    more = [{}, {"order" => "finish"}, {"finished" => true}, {"pulls" => %w[bored screwed none].sample(random:)},
      {"hinged" => true}, {"height_cut" => "site"}, {"frame" => {"stile" => 95}}, {"pelmet" => {"height" => 90,
                                                                                                "thickness" => 12}},
      {"slab" => {"width" => 1200, "height" => 2600, "old" => {"treat" => random.rand(0..3)}}},
      {"packing" => {"left" => 6, "right" => 4}}, {"soft_close" => {"body" => 320}}]
    document.merge("set" => set.merge(more.sample(random:)),
      "survey" => document["survey"].merge("covering" => {"thickness" => [0, 12].sample(random:), "laid" => false},
        "floor_of" => ["wood", "heated", nil].sample(random:)))
  end

  def listed(kind, random)
    plan = YellowTrack::Plan.of(YellowTrack::Files::Shelf.opening(changed(document_of(kind, random), random)))
    YellowTrack::Steps.new(plan, YellowTrack::Files::StepSheets.of(plan.opening.kit), plan.opening.printer) if
      plan.whole?
  rescue YellowTrack::Fault
    nil # what this kind does not take
  end

  Kinds::ALL.each_key do |kind|
    it "holds every rule for random sets of a #{kind}, and no step needs what no step leaves" do
      random = Random.new(RSpec.configuration.seed)
      lists = Array.new(Share.count(66)) { listed(kind, random) }.compact
      expect(lists.length).to be > 6
      lists.each do |list|
        keys = list.steps.map(&:base)
        last, first = keys.each_with_index.to_h, keys.each_with_index.to_a.reverse.to_h
        rules = always + (keys.include?("off") ? twice : once)
        broken = rules.map { |rule| rule.split(":") }.select { |before, after|
          first[after] && last[before] && last[before] > first[after]
        }
        expect(broken).to eq []
        expect(keys.first).to eq "check"
        expect(keys.select { |key| key.match?(never_after_paint) && last[key] > last.fetch("paint", 99) }).to eq []
        expect(list.steps.map(&:key).uniq).to eq list.steps.map(&:key)
        list.steps.each_with_index do |step, place|
          expect(step.after - list.steps.first(place).map(&:key)).to eq([]), step.key
        end
        expect(list.steps.drop(1).map(&:after)).to all be_any
      end
    end
  end

  it "reads a rule across what is not there, but not across a check measurement, a trial or paint" do
    data = {"rules" => [{"do" => "check < a < b < c < paint < d"}], "row" => {"all" => %w[check a b c paint d]},
            "ends" => %w[paint], "twice" => []}
    needs = ->(there) {
      YellowTrack::Steps::Order.new(data, YellowTrack::Steps::Order::Case.new(manner: "pocket", once: false), there)
        .then { |order| there.to_h { |key| [key, order.needs(key)] } }
    }
    expect(needs.call(%w[check a c])).to eq "check" => [], "a" => ["check"], "c" => ["a"]
    expect(needs.call(%w[check c d])).to eq "check" => [], "c" => ["check"], "d" => ["check"]
  end

  it "says where no order holds" do
    data = {"rules" => [{"do" => "a < b < a"}], "row" => {"all" => %w[a b]}, "ends" => [], "twice" => []}
    one = YellowTrack::Steps::Order::Case.new(manner: "pocket")
    expect { YellowTrack::Steps::Order.new(data, one, %w[a b]) }.to raise_error(YellowTrack::Fault, /No order holds/)
  end

  describe "by bin/plan --steps" do
    def row(list, key) = list.find { |step| step["key"] == key }

    def steps(**changes) = YellowTrack::Files::StepsFile.of(opening(**changes))["steps"]

    it "gives each step once for its lane, with what it needs, its figures and how long it dries" do
      list = steps
      expect(list.select { |step| step["key"] == "hang" }.map { |step| step["each"] }).to eq %w[2 1]
      expect(row(list, "track")["needs"]).to include("catches")
      expect(row(list, "track")["figures"]).to include("name" => "track.length", "value" => 1805)
      expect(row(list, "paint")["dry_hours"]).to eq 16
      expect(row(list, "rehang")["needs"]).to include("paint")
    end

    it "has nothing painted, bored or lipped of panels that came finished, but what is bored here" do
      mirrors = {"set.makeup" => [{"material" => "mirror", "thickness" => 4}], "set.width" => 918, "set.height" => 2190}
      keys = steps(**mirrors).map { |step| step["key"] }
      expect(keys & %w[trial off paint rehang]).to eq []
      expect(keys).to include("pulls-bore", "seal")
      expect(row(steps(**mirrors), "pulls-bore")["do"]).to include("A finished face is bored")
      expect(steps(**mirrors, "set.finished" => false).map { |step| step["key"] }).to include("paint")
    end

    it "neither screws nor grooves a heated floor, and says why" do
      heated = steps("set.guide" => "tongue", "survey.floor_of" => "heated")
      expect(heated.map { |step| step["key"] } & %w[floor-groove tongue]).to eq []
      expect(row(heated, "guides")["do"]).to include("glue the floor guides").and include("The floor is heated")
    end

    it "says how a thing is held in the floor, by what it is made of" do
      said = %w[wood screed tile concrete].map { |floor| row(steps("survey.floor_of" => floor), "guides")["do"] }
      expect(said)
        .to match [/screwed into the wood/, /than the screed/, /without hammering/, /; plugged and screwed\.\z/]
      expect(row(steps, "guides")["do"]).not_to include("screwed")
    end

    it "is what its schema lets through, for every kind" do
      schema = JSONSchemer.schema(JSON.parse(File.read("#{YellowTrack::ROOT}/docs/formats/steps.schema.json")))
      Kinds::ALL.each_key do |kind|
        opening = YellowTrack::Files::Shelf.opening(document_of(kind, Random.new(RSpec.configuration.seed)))
        list = JSON.parse(JSON.generate(YellowTrack::Files::StepsFile.of(opening)))
        expect(schema.validate(list).map { |fault| fault["error"] }.to_a).to eq []
      end
    end

    it "is empty for a plan that ended before a set" do
      none = {"top" => 20, "middle" => 20, "bottom" => 20}
      expect(YellowTrack::Files::StepsFile.of(opening("survey.widths" => none, "survey.diagonals" => nil,
        "survey.floor" => nil))["steps"]).to eq []
    end
  end
end
