# frozen_string_literal: true

require "support/share"

RSpec.describe YellowTrack::Choose do
  Choices.names.each do |name|
    it "agrees with #{name}" do
      made = choice_of(Choices.read(name, "opening"))
      expect(Choices.departures(Choices.read(name, "choice"), JSON.parse(JSON.generate(made.to_h)))).to eq []
    end
  end

  def choice_of(document) = YellowTrack::Files::Candidates.choose(YellowTrack::Files::Shelf.opening(document))

  it "tries a whole sheet that the opening brings as one more kit, whatever it is called" do
    sheet = YellowTrack::Numbers.rounded(YellowTrack::Files::Shelf.kits.fetch("twin-42").to_h)
    own = choice_of(document("set.kit" => sheet))
    expect([own.tried - choice_of(document).tried, own.kits]).to eq [3, 10]
    expect(own.ranked.select(&:in_mind?).map { |one| one.kit.to_h }).to eq [own.ranked.find(&:in_mind?).kit.to_h]
    named = YellowTrack::Files::Candidates.choose(opening("set.kit" => sheet), own: [opening("set.kit" => sheet).kit])
    expect(named.kits).to eq 10
  end

  def random_facts(random)
    some = ->(range) { (random.rand < 0.3) ? nil : random.rand(range) }
    {"depth" => some[50..140], "front" => some[200..1200], "above" => some[60..200],
     "beside" => {"left" => some[100..1600], "right" => some[100..1600]},
     "wall" => {"projection" => some[0..30], "solid" => [true, nil].sample(random:), "thickness" => some[80..180],
                "services" => [[], nil].sample(random:), "bears_load" => [false, nil].sample(random:)},
     "head" => {"of" => ["timber", nil].sample(random:)},
     "bays" => [[0, 400], [400, 900]]}
  end

  # A surveyed opening with a set in mind and some facts read.
  def random_choice(random)
    document = document_of(Kinds::ALL.keys.sample(random:), random)
    set = document["set"].except("slab")
    set["makeup"] = [{"material" => ["hollow core", "panelled softwood", "glass"].sample(random:)}]
    document.merge("survey" => document["survey"].merge(random_facts(random)), "set" => set)
  end

  it "ranks no candidate with a stop over one without, and the best of a manner is the best by looking at all" do
    random = Random.new(RSpec.configuration.seed)
    Share.count(12).times do
      choice = choice_of(random_choice(random))
      states = choice.ranked.map { |one| one.stops.empty? }
      expect(states).to eq states.sort_by { |free| free ? 0 : 1 }
      choice.ranked.group_by(&:manner).each_value do |ways|
        expect(choice.cards).to include ways.min_by(&:rank)
      end
      expect(choice.cards.count(&:in_mind?)).to eq 1
    end
  end

  def states(choice)
    choice.ranked.to_h { |one| [[one.kit.id, one.layout], described_class::Candidate::STATES.index(one.state)] }
  end

  it "never lowers a candidate by more free wall, more depth or a stronger kit" do
    random = Random.new(RSpec.configuration.seed)
    Share.count(9).times do
      document = random_choice(random)
      before = states(choice_of(document))
      survey = document["survey"]
      wall = survey["beside"].transform_values { |free| free && free + 500 }
      more = survey.merge("beside" => wall, "above" => survey["above"] && survey["above"] + 100,
        "depth" => survey["depth"] && survey["depth"] + 40)
      after = states(choice_of(document.merge("survey" => more)))
      expect(before.reject { |key, state| after.fetch(key) <= state }).to eq({})
    end
  end

  it "never lowers a candidate where panels may weigh less" do
    random = Random.new(RSpec.configuration.seed)
    Share.count(9).times do
      document = random_choice(random)
      light = document["set"].merge("makeup" => [{"material" => "hollow core"}])
      heavy = document["set"].merge("makeup" => [{"material" => "glass", "thickness" => 8}])
      before, after = [heavy, light].map { |set| states(choice_of(document.merge("set" => set))) }
      expect(before.reject { |key, state| after.fetch(key) <= state }).to eq({})
    end
  end

  # What is told cures its stop: done, the stop is gone.
  def cured(document, take)
    figure = (take.figure.to_f * 1000).ceil / 1000.0
    case take.code
    when "bypass.parking", "pocket.beside" then read(document, "beside" => {"left" => figure, "right" => figure})
    when "bypass.depth", "bifold.depth" then read(document, "depth" => figure)
    when "bifold.room" then read(document, "front" => figure)
    when "bypass.above" then read(document, "above" => figure)
    when "pocket.wall" then read(document, "wall" => document["survey"]["wall"].merge("thickness" => figure))
    end
  end

  def read(document, facts) = document.merge("survey" => document["survey"].merge(facts))

  it "proves every what it would take by doing it" do
    random, proved = Random.new(RSpec.configuration.seed), []
    Share.count(14).times do
      document = random_choice(random)
      choice_of(document).ranked.each do |one|
        take = one.takes.find { |told| cured(document, told) } or next
        again = choice_of(cured(document, take)).ranked
          .find { |other| other.kit.id == one.kit.id && other.layout == one.layout }
        expect(again.stops.map(&:code)).not_to include(take.code)
        proved << take.code
        break if proved.length > 40
      end
    end
    expect(proved.uniq.length).to be > 2
  end

  it "carries panels of the make-up that it names, and none heavier" do
    heavy = {"set.makeup" => [{"material" => "glass", "thickness" => 12}]}
    choice = described_class.new(opening(**heavy), YellowTrack::Files::Candidates.shelf)
    one = choice.ranked.find { |card| card.takes.any? { |take| take.unit == :areal } }
    figure = one.takes.find { |take| take.unit == :areal }.figure
    weigh = ->(areal) { one.set.width * one.set.height / 1_000_000 * areal + YellowTrack::Makeup::FITTINGS }
    counted = {"panel" => 1, "pair" => 2, "set" => one.set.panels.length}.fetch(one.kit["weight.counts"])
    expect(weigh[figure] * counted).to be <= one.kit["weight.most"]
    expect(weigh[figure + 0.011r] * counted).to be > one.kit["weight.most"]
  end

  it "judges no weight while nothing says what the panels are made of" do
    choice = described_class.new(opening("set.makeup" => nil), YellowTrack::Files::Candidates.shelf)
    expect(choice.ranked.map(&:heaviest)).to all be_nil
    expect(choice.ranked.flat_map { |one| one.stops.map(&:code) }.grep(/weight/)).to eq []
    expect(choice.ranked.map { |one| one.unread.last.key }).to all eq "set.makeup"
  end

  it "tries a kit sheet in the file beside the shelf, and the fitter's own by name" do
    sheet = YellowTrack::Numbers.rounded(YellowTrack::Files::Shelf.kits.fetch("twin-42").to_h).merge("name" => "Own")
    choice = choice_of(document("set.kit" => sheet))
    expect(choice.tried).to eq choice_of(document).tried + 3
    expect(choice.in_mind.kit.name).to eq "Own"
    kits = %w[B A].map { |name| YellowTrack::Files::Shelf.kit(sheet.merge("id" => name, "name" => name)) }
    more = YellowTrack::Files::Candidates.choose(opening, own: kits)
    expect(more.kits).to eq 11
    expect(more.ranked.map { |one| one.kit.id }.uniq & %w[A B]).to eq %w[A B]
  end

  it "tries no layout that panels of a given width would leave open" do
    choice = choice_of(document("set.width" => 700, "set.height" => 2190))
    expect(choice.ranked.reject(&:in_mind?).map { |one| one.set.shut_by.min || 0 }).to all be >= 0
  end
end
