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
    expect(made.early(step(made, "guides"), keys(made) - ["close"]).map(&:key)).to eq ["close"]
    expect(step(made, "guides").does).to include("904")
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
    expect(step(twice, "guides").after).to include("rehang.2")
    expect(step(twice, "rehang.2").dry["step"]).to eq "paint.2"
    expect(twice.early(step(twice, "rehang"), keys(twice) - ["paint.2"])).to eq []
    expect(keys(hang("set.order" => "finish")) & %w[trial off paint rehang]).to eq []
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

  it "asks two people for a long track" do
    expect(step(hang, "track").hands).to eq 2
    expect(step(hang("survey.widths" => {"top" => 1200, "middle" => 1200, "bottom" => 1200}, "survey.diagonals" => nil,
      "survey.floor" => nil), "track").hands).to eq 1
  end
end
