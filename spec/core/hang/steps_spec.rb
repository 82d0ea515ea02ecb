# frozen_string_literal: true

RSpec.describe YellowTrack::Steps do
  def hang(rounds: 1, **changes)
    made = plan(**changes)
    described_class.new(made, YellowTrack::Files::StepSheets.of(made.opening.kit), made.opening.printer, rounds:)
  end

  def keys(hang) = hang.steps.map(&:key)

  def step(hang, key) = hang.steps.find { |one| one.key == key }

  Kinds::ALL.each_key do |kind|
    it "fills every step of a #{kind} with the set's own numbers, each after those it follows" do
      random = Random.new(RSpec.configuration.seed)
      5.times do
        made = YellowTrack::Plan.of(YellowTrack::Files::Shelf.opening(document_of(kind, random)))
        hang = described_class.new(made, YellowTrack::Files::StepSheets.of(made.opening.kit), made.opening.printer)
        expect_filled(hang.steps, made)
        needed = described_class.needed(made, YellowTrack::Files::StepSheets.of(made.opening.kit))
        expect(needed.map { |row| row["key"] }).to match_array hang.steps.map(&:base).uniq
        expect(needed.reject { |row| row["each"] }.map { |row| row["key"] } - keys(hang)).to eq []
        hang.steps.each_with_index { |one, place| expect(hang.early(one, keys(hang).first(place))).to eq([]), one.key }
      end
    end
  end

  def expect_filled(steps, made)
    expect(steps.map(&:key).uniq.length).to eq steps.length
    expect(steps.flat_map { |one| [one.does, one.look] }).to all match(/\A[^{}]+\.\z/)
    expect(steps.map(&:hands)).to all be_between(1, [2, *made.set.panels.map(&:hands)].max)
    expect(steps.flat_map(&:cautions).map { |key| YellowTrack::Files::Cautions.says(key) }).to all be_a(String)
    expect(steps.flat_map(&:sums)).to all satisfy { |key| made.working[key] }
    expect(steps.first.does).to include("#{made.opening.printer.short(made.set.width)} ×")
  end

  it "hangs the inner lane first, and closes all panels before the guides" do
    made = hang
    expect(made.steps.select { |one| one.key.start_with?("hang.") }.map(&:does))
      .to match [/Hang A, lane 2/, /Hang B, lane 1/]
    expect(made.early(step(made, "trial"), keys(made) - ["close"]).map(&:key)).to eq ["close"]
    expect(step(made, "guides").does).to include("With all panels closed").and include("904")
  end

  it "has no boards before the pocket door has run" do
    made = hang("set" => {"family" => "pocket", "kit" => "pocket-90"})
    expect(made.early(step(made, "boards"), keys(made) - ["run"]).map(&:key)).to eq ["run"]
    expect(step(made, "boards").bites).to include("scrape")
  end

  it "hangs on trial, takes off and hangs again, as often as asked; not at all for a finished set" do
    expect(keys(hang) & %w[trial off paint rehang]).to eq %w[trial off paint rehang]
    twice = hang(rounds: 2)
    expect(keys(twice) & %w[trial off paint rehang trial.2 off.2 paint.2 rehang.2])
      .to eq %w[trial off paint rehang trial.2 off.2 paint.2 rehang.2]
    expect(step(twice, "guides").after).to eq ["rehang.2"]
    expect(step(twice, "rehang.2").dry["step"]).to eq "paint.2"
    expect(twice.early(step(twice, "rehang"), keys(twice) - ["paint.2"])).to eq []
    expect(keys(hang("set.order" => "finish")) & %w[trial off paint rehang hang.1]).to eq %w[paint hang.1]
  end

  it "waits for a covering to come, for packing and for a half jamb only where there is one" do
    expect(keys(hang)).not_to include("covering")
    expect(step(hang("survey.covering" => {"thickness" => 14, "laid" => false}), "covering"))
      .to have_attributes(waits: "the floor layer", does: include("14"))
    fold = {"family" => "bifold", "kit" => "fold-34", "panels" => 2}
    expect(keys(hang("set" => fold))).not_to include("half-jambs")
    expect(keys(hang("set" => fold.merge("half_jamb" => {"thickness" => 20})))).to include("half-jambs")
  end

  it "says the school that was taken: even top or side, where the handle is, what is cut on site" do
    fold = {"family" => "bifold", "kit" => "fold-34", "panels" => 2}
    expect(step(hang("set" => fold), "level").does).to include("until the side is even")
    expect(step(hang("set" => fold.merge("even" => "top")), "level").does).to include("until the top is even")
    expect(step(hang("set" => fold.merge("half_jamb" => {"thickness" => 20})), "level").does)
      .to include("until the top is even")
    expect(step(hang("set" => fold), "handle").does).to match(/47.5.mm from the hinge edge/)
    expect(step(hang("set" => fold.merge("handle" => "middle")), "handle").does).not_to match(/47.5/)
    expect(keys(hang("set.height_cut" => "site"))).to include("measure")
    expect(keys(hang)).not_to include("measure")
  end

  it "grooves the finished floor for a tongue, after its covering, and sets no guide" do
    made = hang("set.guide" => "tongue", "survey.covering" => {"thickness" => 14, "laid" => false})
    expect(keys(made)).to include("tongue").and not_include("guides")
    expect(step(made, "floor-groove").after).to eq ["covering"]
    expect(step(made, "floor-groove").does.tr("\u00A0", " ")).to include("8 wide and 11 mm deep")
    expect(step(made, "tongue").does.tr("\u00A0", " ")).to include("stand 17 mm out")
    expect(keys(hang)).to include("guides").and not_include("tongue")
  end

  it "builds the head down before the track's line, and only for panels that want it" do
    low = {"set.height" => 1900, "survey.wall" => {"thickness" => 100}}
    expect(step(hang(**low), "build-head")).to have_attributes(cautions: %w[bearing drilling], hands: 2)
    expect(step(hang(**low), "build-head").does).to include("Build the head down 29")
    expect(step(hang(**low), "line").after).to eq ["build-head"]
    expect(keys(hang)).not_to include("build-head")
  end

  it "makes framed panels in their order, before anything hangs" do
    made = keys(hang("set.frame" => {"stile" => 95}))
    expect(made & %w[frame-grooves frame-dry frame-glue hang.1]).to eq %w[frame-grooves frame-dry frame-glue hang.1]
    expect(keys(hang) & %w[frame-grooves frame-dry frame-glue]).to eq []
  end

  it "has a pelmet and soft close only where they are asked for, each with its places" do
    made = hang("set.pelmet" => {"height" => 100, "thickness" => 18},
      "set.soft_close" => {"body" => 330, "spacer" => 40})
    expect(step(made, "soft-close").cautions).to eq ["spring"]
    expect(step(made, "strikers").does).to match(/strikers of the soft close: of A \d/)
    expect(step(made, "soft-close").does).to match(/their catches for A \d/).and include("Cock them")
    expect(keys(made).index("strikers")).to be < keys(made).index("paint")
    expect(step(made, "pelmet").does.tr("\u00A0\u202F", "  ")).to match(/1 ?806/)
    expect(keys(hang) & %w[pelmet soft-close]).to eq []
  end

  it "warns of glass wherever a panel with glass is lifted or taken down" do
    glazed = hang("set.makeup" => [{"material" => "glass", "thickness" => 4, "share" => 0.4}])
    lifts = glazed.steps.select { |one| (one.cautions & %w[lifting taking_down]).any? }
    expect(lifts.map(&:key)).to include("hang.1", "off")
    expect(lifts.map(&:cautions)).to all include("glass")
    expect(hang.steps.flat_map(&:cautions)).not_to include("glass")
  end

  it "fits anti-jump parts on the wall once the panels hang for good" do
    made = hang("set" => {"family" => "bypass", "kit" => "bar-3", "panels" => 3, "thickness" => 32})
    expect(step(made, "anti-jump").after).to eq ["rehang"]
  end

  it "asks two people for a long track" do
    expect(step(hang, "track").hands).to eq 2
    expect(step(hang("survey.widths" => {"top" => 1200, "middle" => 1200, "bottom" => 1200}, "survey.diagonals" => nil,
      "survey.floor" => nil), "track").hands).to eq 1
  end
end
