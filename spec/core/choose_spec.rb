# frozen_string_literal: true

RSpec.describe YellowTrack::Choose do
  def choose(**changes) = YellowTrack::Files::Candidates.choose(document(**changes))

  def named(choice, name) = choice.ranked.find { |candidate| candidate.name == name }

  it "sets every family side by side, with its figures and plain reasons" do
    choice = choose
    expect(choice.ranked.map(&:name))
      .to contain_exactly("Top-hung bypass", "Bottom-rolling bypass", "Wall-hung", "Wall-hung pair",
        "Bifold, one pair", "Bifold, two pairs", "Pocket")
    expect(choice.ranked.map(&:reasons)).to all(all(be_a(String)))
    expect(named(choice, "Top-hung bypass"))
      .to have_attributes(clear: 887, floor_in_front: 0, wall_beside: 0, depth_taken: 82, floor_parts: "guide",
        hands: 2, labour: {cuts: 5, holes: 12, adjusters: 4})
    expect(named(choice, "Wall-hung")).to have_attributes(depth_taken: 0, wall_beside: 1892 + 25)
    expect(named(choice, "Bottom-rolling bypass").floor_parts).to eq "full rail"
    expect(named(choice, "Bifold, two pairs"))
      .to have_attributes(floor_parts: "bracket", depth_taken: 35, floor_in_front: be > 390)
    expect(named(choice, "Pocket").share).to eq 1
  end

  it "puts plans with no stop first, and says the first stop of one that has" do
    choice = choose
    levels = choice.ranked.map { |candidate| candidate.worst == :stop }
    expect(levels).to eq levels.sort_by { |stop| stop ? 1 : 0 }
    expect(named(choice, "Bifold, one pair").first_stop).to match(/The panels are .* wide; the kit takes 620/)
  end

  it "then puts every bay reached first, then the widest, then the lighter, and says which decided" do
    free = {"survey.bays" => [[0, 600], [600, 1210], [1210, 1808]]}
    sliding = {**free, "survey.beside" => {"left" => 300, "right" => 300}, "survey.wall" => {"services" => ["drain"]}}
    expect(choose(**free).ranked.first.name).to eq "Wall-hung pair"
    expect(choose(**free).why_first).to match(/lighter|opens/)
    first = choose(**sliding).ranked.first
    expect(first.name).to eq "Bifold, two pairs"
    expect(choose(**sliding).why_first).to match(/Bifold, two pairs opens 1.\d+/)
  end

  it "keeps the fitter's thickness where a kit takes it, else the nearest that it does" do
    choice = choose("set.thickness" => 20)
    expect(choice.ranked.to_h { |candidate| [candidate.name, candidate.set.thickness.to_i] })
      .to include("Top-hung bypass" => 20, "Pocket" => 30, "Wall-hung" => 28)
  end
end
