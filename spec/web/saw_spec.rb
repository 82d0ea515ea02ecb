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
    expect(page.at_css(".cut-now").text).to include("A-T1 is cut.")
    expect(book.saw.rack.map { |offcut| [offcut.material, offcut.length] }).to eq [["Twin lane 42 track", 592]]
    expect(book.log.since(row.id, 0).last).to have_attributes(kind: "cut", key: "A-T1", before: 1805, after: 1805)
    other = hang("survey.widths.top" => 500, "survey.widths.middle" => 500, "survey.widths.bottom" => 500)
    look("/openings/#{other.id}/cut")
    expect(page.at_css(".piece").text).to include("off offcut 1, 592")
    cut(other, {"B-T1" => "497"}, offcut: "offcut 1")
    expect(book.saw.rack).to be_empty
  end

  # A pair of folding sets: their pieces come off the same bars.
  def pair
    fold = {"family" => "bifold", "kit" => "fold-34", "panels" => 4, "thickness" => 35}
    narrow = %w[top middle bottom].to_h { |key| ["survey.widths.#{key}", 700] }
    [hang("set" => fold), hang("set" => fold.merge("panels" => 2), **narrow)]
  end

  def in_hand = page.at_css(".piece-form input[name^=as_cut]")["name"][/\[(.+)\]/, 1]

  def press_cut
    form = page.at_css(".piece-form")
    values = form.css("input[name]").to_h { |input| [input["name"], input["value"]] }
    code = in_hand
    send_form(form["action"], values.reject { |name, _| name.start_with?("as_cut") }
      .merge("as_cut" => {code => values["as_cut[#{code}]"]}))
    follow_redirect!
    code
  end

  it "cuts a piece and takes the next, what is left of the same bar before any other, until nothing is left" do
    row = pair.first
    look("/openings/#{row.id}/cut")
    all = page.at_css(".piece-count").text[/of (\d+)/, 1].to_i
    cost = YellowTrack::Desk::CutList.new(book, [YellowTrack::Desk::KeptOpening.new(book, row)]).lots
      .sum { |lot| lot.cutting.cuts.count { |one| one.bar.name.nil? } }
    begun = {}
    expect(page.css(".piece-ways a").map { |way| way["rel"] }).to eq %w[next] # the first has none before it
    look(page.at_css(".piece-ways a")["href"])
    expect(page.at_css(".piece-count").text).to include("2 of #{all}")
    look("/openings/#{row.id}/cut")
    all.times do |place|
      expect(page.at_css(".piece-count").text).to include("#{place + 1} of #{all}")
      begun[in_hand] = page.at_css(".piece-form input[name=offcut]")["value"]
      press_cut
    end
    expect(begun.values.count("")).to eq cost
    expect(book.saw.cuts([row.id])[row.id].keys).to match_array begun.keys
    expect(page.at_css(".piece")).to be_nil
    look("/openings/#{row.id}/cut")
    expect([page.at_css(".rail a[href$='/cut']").text, page.at_css(".next-sentence").text])
      .to match [/done/i, YellowTrack::Desk::KeptOpening.new(book, row).progress.now.does]
  end

  it "takes back a piece that was not cut: bar and rack are as they were, but not behind a later cut" do
    rows = pair
    back = ->(code) { send_form("/jobs/#{rows.first.job_id}/cut/back", {"code" => code}) }
    cuts = YellowTrack::Desk::CutList.new(book, rows.map { |row| YellowTrack::Desk::KeptOpening.new(book, row) }).lots
      .flat_map { |lot| lot.cutting.cuts }
    two = cuts.find { |one| one.pieces.length > 1 }.pieces.first(2).map(&:name)
    two.each do |code|
      look("/jobs/#{rows.first.job_id}/cut?piece=#{code}")
      press_cut
    end
    first, second = two
    back.call(first)
    expect(page.text).to include("Something was cut off the same bar since #{first}")
    [second, first].each do |code|
      back.call(code)
      follow_redirect!
      expect(page.at_css(".cut-now").text).to include("#{code} is not cut.")
    end
    expect(book.saw.rack).to be_empty
    expect(book.saw.cuts(rows.map(&:id)).values).to all be_empty
    expect(book.log.since(rows.find { |row| first.start_with?(row.letter) }.id, 0).last)
      .to have_attributes(kind: "cut", key: first, after: nil)
    back.call(first)
    expect(page.text).to include("somebody took it back already")
  end

  it "needs no trim where the saw went already: what was planned on a bar still comes off it" do
    rest = YellowTrack::Cutting::Bar.new(length: 1000r, price: 0r, count: 1, name: "offcut 1", fresh: true)
    pieces = [YellowTrack::Cutting::Piece.new(name: "A-T1", length: 960r)]
    cutting = ->(bar) { YellowTrack::Cutting.new(bars: [bar], pieces:, trim: 40r) }
    expect(cutting.call(rest).cuts.first.places).to eq [0]
    expect(cutting.call(rest.dup.tap { |bar| bar.fresh = nil }).uncut.length).to eq 1
  end

  it "refuses a length that the bar has not" do
    row = hang
    cut(row, {"A-T1" => "9000"})
    expect(page.text).to include("It cannot be that long: the bar it comes off has 2")
    expect(page.at_css("input[name='as_cut[A-T1]']")["value"]).to eq "9000"
  end

  it "says when a cut is out by more than the tolerance, and when the plan has changed since" do
    row = hang
    cut(row, {"A-T1" => "1801.5"})
    follow_redirect!
    expect(page.text).to include("Out by 3.5")
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

  it "says what is too long for a material, and what is no bar" do
    send_form("/rack/stock", {"material" => "x" * 300, "length" => "2440", "price" => "9"})
    expect([last_response.status, page.text]).to match [422, /300 characters is too long for a material/]
    send_form("/rack/stock", {"material" => "ply", "length" => "0", "price" => "9"})
    expect([last_response.status, page.text]).to match [422, /"0" is no bar. Give its length in full/]
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
    expect(page.css(".lot a").map { |one| one["href"][/piece=(.+)/, 1] }).to contain_exactly("A-T1", "B-T1")
  end

  it "prints a drilling sheet for each panel" do
    row = hang
    look("/openings/#{row.id}/drilling")
    expect(page.css(".drilling h1").map(&:text))
      .to eq ["A-DA · drilling, from the room", "A-DB · drilling, from the room"]
    expect(page.css("td.number").map(&:text)).to include("62.0")
  end
end
