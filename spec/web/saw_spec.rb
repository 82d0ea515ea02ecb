# frozen_string_literal: true

RSpec.describe "At the saw" do
  include Site

  def cut(row, values, offcut: "")
    send_form("/jobs/#{row.job_id}/cut", {"from" => row.id, "offcut" => offcut, "as_cut" => values})
  end

  it "shows every bar with its pieces, at the plan's own lengths" do
    row = hang
    look("/openings/#{row.id}/cut")
    expect(page.at_css(".lot h2").text).to include("Twin lane 42 track").and include("Proved best")
    expect(page.at_css("input[name='as_cut[A-T1]']")["value"]).to eq "1805"
    expect(page.css(".plain td").map(&:text)).to include("panel A")
  end

  it "says what is proved of a cutting, and how far it may be from the best" do
    list = Object.new.extend(YellowTrack::Web::Cut::CuttingList)
    known = Struct.new(:optimal?, :cost, :lower_bound, :gap)
    expect(list.proof(known.new(true, 52r, 52r, 0r))).to eq "Proved best."
    expect(list.proof(known.new(false, 52r, 52r, 0r))).to start_with "Proved cheapest"
    expect(list.proof(known.new(false, 52r, 50r, 1/25r))).to eq "Gap to the bound at most 4.0 %."
    expect(list.proof(known.new(false, 52r, 0r, nil))).to eq "Gap to the bound at most all of it."
  end

  it "writes down a cut with its length, keeps the offcut and offers it first next time" do
    row = hang
    cut(row, {"A-T1" => "1805"})
    follow_redirect!
    expect(page.text).to include("An offcut went into the rack.")
    expect(book.saw.rack.map { |offcut| [offcut.material, offcut.length] }).to eq [["Twin lane 42 track", 592]]
    expect(book.log.since(row.id, 0).last).to have_attributes(kind: "cut", key: "A-T1", before: 1805, after: 1805)
    other = hang("survey.widths.top" => 500, "survey.widths.middle" => 500, "survey.widths.bottom" => 500)
    look("/openings/#{other.id}/cut")
    expect(page.at_css(".bar-name").text).to include("offcut 1")
    cut(other, {"B-T1" => "497"}, offcut: "offcut 1")
    expect(book.saw.rack).to be_empty
  end

  it "cuts what an opening's own page shows, though the job's list would put it on other bars" do
    fold = {"family" => "bifold", "kit" => "fold-34", "panels" => 4, "thickness" => 35}
    rows = [hang("set" => fold), hang("set" => fold.merge("panels" => 2), "survey.widths.top" => 700,
      "survey.widths.middle" => 700, "survey.widths.bottom" => 700)]
    look("/openings/#{rows.first.id}/cut")
    values = page.at_css(".bar-form").css("input[name^=as_cut]").to_h do |input|
      [input["name"][/\[(.+)\]/, 1], input["value"]]
    end
    cut(rows.first, values)
    expect(last_response["location"]).to include("/openings/#{rows.first.id}/cut?cut=1")
    expect(book.saw.cuts([rows.first.id])[rows.first.id].keys).to match_array values.keys
  end

  it "says when a cut is out by more than the tolerance, and when the plan has changed since" do
    row = hang
    cut(row, {"A-T1" => "1801.5"})
    follow_redirect!
    expect(page.text).to include("A-T1 by 3.5")
    type(book.openings.find(row.id), "survey.widths.top", "1790")
    look("/openings/#{row.id}/cut")
    expect(page.text).to match(/now to be 1[[:space:]]787/)
  end

  it "keeps nothing of a cut that cannot be read, and says what would do" do
    row = hang
    cut(row, {"A-T1" => "18o5"})
    expect(last_response.status).to eq 422
    expect(page.text).to include("A-T1: \"18o5\" is not a length")
    cut(row, {"A-T9" => "1805"})
    expect(page.text).to include("A-T9 is no piece of this job any more")
    expect(book.saw.cuts([row.id])[row.id]).to be_empty
  end

  it "cuts by the fitter's own prices, and refuses one that is none" do
    row = hang
    send_form("/rack/stock", {"material" => "Twin lane 42 track", "length" => "2400", "price" => "18,50"})
    send_form("/rack/stock", {"material" => "Twin lane 42 track", "length" => "3600", "price" => "x"})
    expect(page.text).to include("\"x\" is no price")
    send_form("/rack", {"material" => "", "length" => "900"})
    expect(page.text).to include("A material is needed")
    look("/openings/#{row.id}/cut")
    expect(page.at_css(".lot h2").text).to include("18.50")
    look("/rack")
    expect(page.text).to include("18.50")
    send_form("/rack/stock", {"material" => "Twin lane 42 track", "length" => "2400 mm"})
    expect(book.saw.bars).to be_empty
  end

  it "gives the whole job's cut list, on screen and as CSV, the same numbers as the plan" do
    rows = [hang, hang("survey.widths.top" => 1500, "survey.widths.middle" => 1500, "survey.widths.bottom" => 1500)]
    look("/jobs/#{rows.first.job_id}/cut.csv")
    lines = CSV.parse(last_response.body, headers: true)
    rows.each do |row|
      made = YellowTrack::Plan.of(YellowTrack::Files::Shelf.opening(row.document.to_h)).to_h
      expect(lines.find { |line| line["code"] == "#{row.letter}-T1" }["length_mm"].to_f).to eq made["track"]["length"]
      expect(lines.find { |line| line["code"] == "#{row.letter}-DA" }["length_mm"])
        .to eq "#{made["panels"][0]["width"]} x #{made["panels"][0]["height"]}"
    end
    look("/jobs/#{rows.first.job_id}/cut")
    expect(page.css("input[name^=as_cut]").map { |input| input["name"] })
      .to contain_exactly("as_cut[A-T1]", "as_cut[B-T1]")
  end

  it "prints a drilling sheet for each panel" do
    row = hang
    look("/openings/#{row.id}/drilling")
    expect(page.css(".drilling h1").map(&:text))
      .to eq ["A-DA · drilling, from the room", "A-DB · drilling, from the room"]
    expect(page.css("td.number").map(&:text)).to include("62.0")
  end
end
