# frozen_string_literal: true

# The steps of an opening in time (handbook 14, "The steps of a job").
RSpec.describe YellowTrack::Visits::Agenda do
  def facts(kind = "top-hung", has: [], counts: {}, **rest)
    described_class::Facts.new(letter: "B", kind:, has:, hands: 2, long: false,
      counts: {"once" => 1, "panel" => 2, "metre" => 1.8r, "pair" => 1, "leaf" => 1, "lane" => 2, "packed" => 0,
               "mend" => 45}.merge(counts), **rest)
  end

  def agenda(...) = described_class.new(YellowTrack::Files::StepTimes.rows, facts(...))

  def minutes(...) = agenda(...).steps.to_h { |step| [step["key"].delete_prefix("B-"), step["minutes"]] }

  def afters(agenda, key)
    agenda.steps.find { |step| step["key"] == "B-#{key}" }["after"]
      .to_h { |after| [after["step"].delete_prefix("B-"), after["wait"]] }
  end

  it "has a top-hung set's steps with the handbook's minutes" do
    expect(minutes(counts: {"packed" => 1})).to eq("survey" => 30, "order" => 20, "prepare" => 45, "cut" => 40,
      "drill" => 15, "seal" => 20, "track" => 48, "hang" => 30, "mark" => 20, "off" => 10, "coat-1" => 24,
      "coat-2" => 24, "rehang" => 24, "adjust" => 20, "over" => 15)
  end

  {"bottom-rolling" => {"base" => 67, "track" => 45}, "wall-hung" => {"header" => 65, "track" => 70},
   "bifold" => {"frame" => 60, "sand" => 20, "track" => 40, "hang" => 25},
   "pocket" => {"survey" => 45, "frame" => 150, "track" => 30, "hang" => 30, "line" => 45}}.each do |kind, figures|
    it "has its own minutes for #{kind}" do
      expect(minutes(kind)).to include(figures)
    end
  end

  it "has a double pocket's frame take four hours, its boards up before it is marked, its lining on last" do
    double = agenda("pocket", has: %w[double])
    expect(minutes("pocket", has: %w[double])["frame"]).to eq 240
    expect(afters(double, "boards")).to eq("hang" => nil)
    expect(afters(double, "mark")).to eq("boards" => {"hours" => 24})
    expect([afters(double, "line"), afters(double, "over")]).to eq [{"adjust" => nil}, {"line" => nil}]
    expect(double.rows["boards"].days).to eq 3
  end

  it "has doors that are finished first hung once" do
    steps = minutes(has: %w[finish])
    expect(steps.keys & %w[off coat-1 coat-2 rehang]).to eq []
    expect(afters(agenda(has: %w[finish]), "adjust")).to eq("mark" => nil)
  end

  it "has panels that are made to measure delivered, and neither cut nor sealed" do
    steps = agenda("bottom-rolling", has: %w[made])
    expect(steps.rows.keys & %w[cut seal]).to eq []
    expect(steps.steps.find { |step| step["key"] == "B-deliver" }).to include("place" => "other", "days" => 15)
    expect(afters(steps, "drill")).to eq("deliver" => nil)
  end

  it "has a painter's two days in place of coats" do
    expect(afters(agenda(has: %w[painter]), "rehang")).to eq("paint" => {"hours" => 16})
  end

  it "has what is waited for: the kit three days, glue two hours, a coat overnight" do
    expect(afters(agenda, "cut")).to eq("order" => {"days" => 3})
    expect(afters(agenda("bifold"), "sand")).to eq("frame" => {"hours" => 2})
    expect(afters(agenda, "coat-2")).to eq("coat-1" => {"hours" => 4})
    expect(afters(agenda, "rehang")).to eq("coat-2" => {"hours" => 16})
    expect(afters(agenda, "hang")).to eq("track" => nil, "seal" => {"hours" => 1})
  end

  it "lays a covering while nothing hangs: off for paint, before what is hung once, under a floor rail first" do
    expect(afters(agenda("bifold", has: %w[covering]), "cover")).to eq("off" => nil)
    expect(afters(agenda(has: %w[covering]), "hang").keys).not_to include("cover")
    expect(afters(agenda(has: %w[covering]), "rehang")).to include("cover" => nil)
    once = agenda(has: %w[covering finish])
    expect([afters(once, "cover"), afters(once, "hang")]).to match [{"track" => nil}, include("cover" => nil)]
    expect(afters(agenda("bottom-rolling", has: %w[covering_under]), "base")).to include("cover-first" => nil)
  end

  it "cuts on site after the track, where heights wait for it" do
    cut = agenda(has: %w[on_site]).steps.find { |step| step["key"] == "B-cut" }
    expect(cut).to include("place" => "site")
    expect(cut["after"].map { |after| after["step"] }).to eq %w[B-track]
  end

  it "takes two for a long track, and for rails on the wall" do
    hands = ->(steps, key) { steps.steps.find { |step| step["key"] == "B-#{key}" }["hands"] }
    expect(hands.call(agenda, "track")).to eq 1
    expect(hands.call(agenda(long: true), "track")).to eq 2
    expect(hands.call(agenda("wall-hung"), "track")).to eq 2
  end

  it "has what came before over where a later step is, but for a covering that is ticked by itself" do
    over = agenda(has: %w[covering]).steps(ended: {"hang" => "2027-03-01T10:00"})
      .to_h { |step| [step["key"].delete_prefix("B-"), step["ended"]] }
    expect(over.values_at("survey", "order", "cut", "seal", "track", "hang").uniq).to eq ["2027-03-01T10:00"]
    expect(over.values_at("cover", "mark", "rehang")).to eq [nil, nil, nil]
  end

  it "takes a house's own minutes and waits, and a day that others are promised for" do
    own = described_class.new(YellowTrack::Files::StepTimes.rows, facts(has: %w[covering]),
      {"order.minutes.once" => 35, "cut.made.ready.wait.order" => 5})
    steps = own.steps(dates: {"cover" => "2027-03-09"}).to_h { |step| [step["key"], step] }
    expect(steps["B-order"]["minutes"]).to eq 35
    expect(steps["B-cover"].slice("done", "days")).to eq("done" => "2027-03-09")
    expect(steps["B-cut"]["after"]).to eq [{"step" => "B-order", "wait" => {"days" => 5}}]
  end

  it "has a mend down, in the shop, sealed and hung again, dry as long as the cause says" do
    mend = agenda("service", has: %w[comes_down], dry: 12, mend_hands: 2)
    expect(mend.steps.map { |step| step["key"].delete_prefix("B-") }).to eq %w[look down mend seal rehang adjust over]
    expect(afters(mend, "seal")).to eq("mend" => {"hours" => 12})
    expect(mend.steps[2]).to include("place" => "shop", "minutes" => 45, "hands" => 2)
    hanging = agenda("service")
    expect(hanging.steps.map { |step| step["place"] }.uniq).to eq %w[site]
    expect(afters(hanging, "adjust")).to eq("mend" => nil)
  end

  it "writes the sum of every minute down as it works it out" do
    made = agenda(counts: {"packed" => 1})
    made.steps
    entry = made.work["track"]
    expect(entry.sum).to eq "most(down(30 min + 10 min × 1.8 m, 1), 1)"
    made.work.entries.each { |one| expect(one.again).to eq one.value }
  end

  it "names every figure of its own once" do
    ids = YellowTrack::Files::StepTimes.rows.map(&:id)
    expect(ids.uniq).to eq ids
  end
end
