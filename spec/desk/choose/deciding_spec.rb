# frozen_string_literal: true

RSpec.describe YellowTrack::Desk::Deciding do
  include Site

  def facts_of(row) = described_class.new(YellowTrack::Desk::KeptOpening.new(book, row)).facts

  it "counts for each fact that is not read the ways that wait for it, what decides most first" do
    row = hang("survey.beside" => nil, "survey.above" => nil)
    choice = YellowTrack::Files::Candidates.choose(YellowTrack::Files::Shelf.opening(row.document.to_h))
    counts = choice.ranked.select { |way| way.state == "if" }.flat_map { |way| way.unread.map(&:key) }.tally
    facts = facts_of(row)
    expect(facts.length).to be_between(1, 3)
    expect(facts.to_h { |fact| [fact.key, fact.ways] }).to eq counts.slice(*facts.map(&:key))
    expect(facts.map(&:ways)).to eq counts.values.max(facts.length)
  end

  it "names none while readings are missing" do
    expect(facts_of(hang("survey.widths.top" => nil))).to eq []
  end

  it "stands on Measure, leads to its field, and is another once the fact is typed" do
    row = hang("survey.beside" => nil)
    look("/openings/#{row.id}/measure")
    fields = page.css("[id]").map { |one| one["id"] }
    look(page.at_css("#decides")["hx-get"])
    first = page.css(".decides a").first
    expect(page.css(".decides").first.text).to match(/\d+ ways\s+\w/)
    expect(fields).to include(first["href"].split("#").last)
    expect(facts_of(row).first.key).to eq "survey.head.of"
    type(row, "survey.head.of", "timber")
    expect(last_response["hx-trigger"].split(", ")).to include("decides")
    look("/openings/#{row.id}/decides")
    expect(page.text).not_to include(first.text)
  end
end
