# frozen_string_literal: true

require "support/share"

# What a check says to do was worked first: it clears that check and raises nothing else.
RSpec.describe YellowTrack::Cures do
  def cures(**changes) = described_class.new(plan(**changes))

  def told(code, **changes)
    made = plan(**changes)
    described_class.new(made).told(made.checks.find { |check| check.code == code }).do
  end

  # The same opening with a cure's numbers typed.
  def cured(cure, changes)
    typed = cure.changes.to_h { |key, mm| ["set.#{key}", mm.to_f] }
    start = YellowTrack::Store::Document.new(document(**changes))
    taken = typed.reduce(start) { |made, (key, mm)| made.with(key, mm) }
    YellowTrack::Plan.of(YellowTrack::Files::Shelf.opening(taken.to_h))
  end

  wall = {"set" => {"family" => "bypass", "kit" => "bar-1", "panels" => 1, "thickness" => 40,
                    "makeup" => [{"material" => "hollow core"}]}}
  fold = {"set" => {"family" => "bifold", "kit" => "fold-34", "panels" => 2, "thickness" => 35, "width" => 598,
                    "makeup" => [{"material" => "hollow core"}]},
          "survey.widths" => {"top" => 1230, "middle" => 1230, "bottom" => 1230}, "survey.diagonals" => nil}
  cases = {
    "alter.narrow" => {"set.lap" => 30, "set.slab" => {"width" => 917, "height" => 2300}},
    "bypass.lap.short" => {"set.width" => 905},
    "bypass.gap.least" => {"set.gap" => 4},
    "bypass.gap.most" => {"set.gap" => 19},
    "bypass.guide" => {"set.lap" => 23, "set.kit" => "tri-38"}.compact,
    "bypass.cover" => {**wall, "set.width" => 1857, "set.cover" => {"side" => 40}},
    "bifold.wide" => fold
  }

  cases.each do |code, changes|
    it "clears #{code} by the least change, and raises nothing" do
      before = plan(**changes)
      next expect(codes(before)).not_to have_key(code) unless codes(before).key?(code)

      cure = described_class.new(before)[code]
      expect(cure).not_to be_nil
      after = codes(cured(cure, changes))
      expect(after).not_to have_key(code)
      expect(after.reject { |_, level| level == :note }.keys - codes(before).keys).to eq []
    end
  end

  it "says the number with what else will do, before the other ways" do
    expect(told("alter.narrow", **cases["alter.narrow"]))
      .to match(/\APlan a lap of 27.mm; 22 to 27.mm will do\. Or: glue strips to its edges/)
    expect(told("bypass.cover", **cases["bypass.cover"])).to match(/\APlan 3\d.mm of cover beside/)
    expect(told("bypass.lap.short", **cases["bypass.lap.short"]))
      .to match(/\APack 16.mm at the left and 16.mm at the right jamb; 20 to 68.mm in all will do\.\z/)
    expect(told("bifold.wide", **fold)).to match(/\APack \d+.mm at the right jamb/)
  end

  it "leaves a check as it is where no such number clears it" do
    expect(cures("survey.depth" => 80, "set.thickness" => 35)["bypass.depth"]).to be_nil
    expect(told("bypass.depth", "survey.depth" => 80, "set.thickness" => 35))
      .to match(/\AMake head and jambs 7.mm deeper, take panels of 28.mm or less/)
  end

  it "never rocks what hangs plumb: its jamb is packed or scribed, and how much" do
    leaning = {"survey.leans" => {"left" => 5, "right" => 0}}
    expect(told("survey.taper", **leaning)).to match(/Rock each panel.*left jamb 5.mm at its foot/)
    folding = {**leaning, "set" => {"family" => "bifold", "kit" => "fold-34", "panels" => 4, "thickness" => 35}}
    expect(told("survey.taper", **folding)).to match(/\APack the left jamb 5.mm at its foot, or scribe/)
      .and not_include("Rock")
  end

  it "holds over random openings: every cure clears its check alone" do
    random = Random.new(RSpec.configuration.seed)
    Share.count(40).times do
      made = plan_of(document_of(Kinds::ALL.keys.sample(random:), random))
      found = described_class.new(made)
      made.checks.map(&:code).uniq.filter_map { |code| found[code] }.each do |cure|
        opening = made.opening
        set = cure.changes.reduce(opening.to_h["set"]) do |all, (key, mm)|
          first, second = key.split(".")
          all.merge(first => second ? (all[first] || {}).merge(second => mm) : mm)
        end
        after = codes(YellowTrack::Plan.of(opening.hung_on(opening.kit, set)))
        expect(after).not_to have_key(cure.code)
        expect(after.reject { |_, level| level == :note }.keys - codes(made).keys).to eq []
      end
    end
  end
end
