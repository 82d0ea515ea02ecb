# frozen_string_literal: true

RSpec.describe "Adjusting" do
  include Site

  def read(row, panel, **gaps)
    gaps.each { |gap, typed| type(book.openings.find(row.id), "hung.#{panel}.gaps.#{gap}", typed, stage: "adjust") }
    look("/openings/#{row.id}/adjust?panel=#{panel}")
  end

  def turn(row, panel, seen: book.openings.find(row.id).version, **counts)
    send_form("/openings/#{row.id}/moves", {"panel" => panel, "seen" => seen,
      **(counts.any? ? {"turn" => counts.transform_keys(&:to_s)} : {"suggested" => 1})})
  end

  def told = page.at_css(".told").text.gsub(/\s+/, " ")

  it "asks for the gaps, then says which hanger, which way and how far, and what to expect" do
    row = hang
    look("/openings/#{row.id}/adjust?panel=B")
    expect(told).to include("read the gaps")
    read(row, "B", top: "0", middle: "2.5", bottom: "6")
    expect(told).to include("right hanger up 1¾ turns clockwise")
    expect(page.at_css("[data-output=then-top]").text).to eq "0.5"
    expect(page.at_css(".next-sentence").text)
      .to include("Right hanger: 1¾ turns clockwise. Then read the gaps of B again.")
    expect(page.css("#sums-turn .sum-numbers").map(&:text))
      .to include(a_string_including("0 − 6 = −6"), a_string_including("(6 − 0) × 797 ÷ 2"))
    expect(book.openings.find(row.id).stage).to eq "adjust"
  end

  it "asks for a gap at a jamb, and for how far a panel covers it where it hangs on the wall" do
    look("/openings/#{hang.id}/adjust?panel=B")
    expect(page.text).to include("Panel closed: top, middle and bottom at").and not_include("how far it covers")
    wall = hang("set" => {"family" => "bypass", "kit" => "bar-1", "pattern" => [1], "header_board" => {}})
    look("/openings/#{wall.id}/adjust?panel=A")
    expect(page.text).to include("Panel closed: how far it covers").and not_include("0 where it touches")
  end

  it "keeps what cannot be read in its field, with why" do
    row = hang
    type(row, "hung.B.gaps.top", "two", stage: "adjust")
    look("/openings/#{row.id}/adjust?panel=B")
    expect(page.at_css("#hung-B-gaps-top")["value"]).to eq "two"
    expect(page.at_css("#field-hung-B-gaps-top .says").text).to include("\"two\"")
    expect(saved(row, "hung.B.gaps.top")).to be_nil
  end

  it "writes a move down, forgets the gaps, and sets what is found beside what was expected" do
    row = hang
    read(row, "B", top: "0", middle: "2.5", bottom: "6")
    turn(row, "B")
    expect(saved(row, "hung.B")).to eq("at" => {"left" => "0", "right" => "2.188"})
    entry = book.log.of(row.id, kind: "move").last
    expect(entry.after).to include("gaps" => {"top" => 0, "middle" => 2.5, "bottom" => 6}, "turns" => 1.75)
    look("/openings/#{row.id}/adjust?panel=B")
    expect(page.css(".so-far tr").last.text).to include("…")
    read(row, "B", top: "0.5", middle: "0", bottom: "0.5")
    expect(page.css(".so-far tr").last.css("td").map(&:text)).to eq ["0.5", "0", "0.5"]
    expect(told).to include("nothing")
  end

  it "writes a move down once, though it is pressed twice" do
    row = hang
    read(row, "B", top: "0", middle: "2.5", bottom: "6")
    version = book.openings.find(row.id).version
    2.times { turn(row, "B", seen: version) }
    expect(last_response.status).to eq 303
    expect(book.log.of(row.id, kind: "move").length).to eq 1
  end

  it "takes a move back while no gap was read since, by a new entry, and not later" do
    row = hang
    read(row, "B", top: "0", middle: "2.5", bottom: "6")
    turn(row, "B")
    send_form("/openings/#{row.id}/moves/back", {"panel" => "B", "seen" => book.openings.find(row.id).version})
    look("/openings/#{row.id}/adjust?panel=B")
    expect(told).to include("right hanger up 1¾")
    expect(page.at_css(".so-far")).to be_nil
    expect(book.log.of(row.id).last)
      .to have_attributes(kind: "correction", key: "entry.#{book.log.of(row.id, kind: "move").last.id}")
    turn(row, "B")
    read(row, "B", top: "0.5")
    send_form("/openings/#{row.id}/moves/back", {"panel" => "B", "seen" => book.openings.find(row.id).version})
    expect(page.at_css("[role=alert]").text).to include("gaps were read since")
  end

  it "tells an inch job's gaps to the 64th" do
    row = hang(:units => "in", "survey" => {"widths" => {"top" => "71 1/8", "middle" => "71 1/8", "bottom" => "71 1/8"},
                                            "heights" => {"left" => "88 1/4", "middle" => "88 1/4",
                                                          "right" => "88 1/4"}, "depth" => "5"},
      "set.thickness" => "1 3/8")
    read(row, "B", top: "0", middle: "1/8", bottom: "1/4")
    expect(told).to match(%r{right hanger up 1¾ turns clockwise, 3/32.in})
    expect(page.at_css("[data-output=then-bottom]").text).to match(%r{\A(0|1/64|1/32)\z})
    turn(row, "B")
    expect(saved(row, "hung.B.at.right")).to eq "2.188 mm"
  end

  it "learns what a turn is worth from two moves, offers it for a kit sheet, and reckons with it" do
    row = hang
    read(row, "B", top: "0", middle: "9", bottom: "18")
    turn(row, "B", right: 8, left: 0)
    read(row, "B", top: "0", middle: "6.3", bottom: "12.5")
    turn(row, "B", right: 8, left: 0)
    read(row, "B", top: "0", middle: "3.5", bottom: "7")
    expect(page.css(".row-name").map(&:text)).to include("A turn")
    link = page.at_css("a[href*='per_turn=']")
    expect(link["href"]).to match(/per_turn=1\.0/)
    look(link["href"])
    expect(page.at_css("input[name='kit[adjust.per_turn]']")["value"]).to eq("1").or(start_with("1.0"))
  end

  it "notices a screw that slips" do
    row = hang
    read(row, "B", top: "0", middle: "5", bottom: "10")
    turn(row, "B", right: 8, left: 0)
    read(row, "B", top: "0", middle: "5", bottom: "10")
    expect(page.text).to include("The screw slips")
  end

  it "shows any turning without a script, and stops at the adjuster's end" do
    row = hang
    read(row, "B", top: "0", middle: "2.5", bottom: "6")
    look("/openings/#{row.id}/adjust?panel=B&turn[right]=4&turn[left]=-99")
    expect(page.at_css("[data-output=turned-right]").text).to eq "1 turn clockwise"
    expect(page.at_css("[data-output=turned-left]").text).to eq "4¾ turns anticlockwise"
    expect(page.at_css("[data-output=at-right]").text).to eq "+1.3"
  end

  it "says what stops every move, and what would cure it" do
    row = hang
    {"at.left" => "-5", "at.right" => "5.5", "floor.left" => "7", "floor.right" => "9"}.each do |place, typed|
      type(book.openings.find(row.id), "hung.B.#{place}", typed, stage: "adjust")
    end
    read(row, "B", top: "0", middle: "5", bottom: "12")
    expect(page.css(".check-stop").map(&:text).join).to include("runs to its end").and include("Pack the jamb")
      .and include("off the foot")
    expect(page.text).to include("As much of it as can be had")
  end

  it "lines neighbours up: of two moves the one that leaves the tops most level, and says how they come out" do
    row = hang
    read(row, "B", top: "0", middle: "2.5", bottom: "6")
    expect(told).to include("right hanger up")
    type(book.openings.find(row.id), "hung.B.tops.left", "-2.4", stage: "adjust")
    look("/openings/#{row.id}/adjust?panel=B")
    expect(told).to include("left hanger down 1¾")
    expect(page.css(".thens dt").map(&:text)).to include("left neighbour")
    expect(page.css(".thens dd").map(&:text)).to include("0")
  end

  it "refuses to write down that nothing was turned, or a move on readings that changed meanwhile" do
    row = hang
    read(row, "B", top: "0", middle: "2.5", bottom: "6")
    turn(row, "B", left: 0, right: 0)
    expect(last_response.status).to eq 422
    expect(page.at_css("[role=alert]").text).to include("No adjuster was turned")
    old = book.openings.find(row.id).version
    read(row, "B", bottom: "7")
    turn(row, "B", seen: old)
    expect(page.at_css("[role=alert]").text).to include("read anew on another screen")
    expect(book.log.of(row.id, kind: "move")).to eq []
  end

  it "is settled when the gaps at every jamb are even, within the house's tolerance, and offers the hand-over" do
    row = hang
    read(row, "A", top: "0", middle: "0.5", bottom: "1")
    expect(page.at_css(".settled")).to be_nil
    read(row, "B", top: "1", middle: "0.5", bottom: "0")
    expect(page.at_css(".settled").text).to include("Settled.").and match(/within 1.mm of even/)
    expect(page.at_css(".settled a")["href"]).to eq "/openings/#{row.id}/hand-over"
    read(row, "B", top: "1.5")
    expect(page.at_css(".settled")).to be_nil
  end

  it "tells a folding pair's slides and jack, and two pairs that meet" do
    row = hang("set" => {"family" => "bifold", "kit" => "fold-34", "panels" => 4})
    read(row, "A", top: "7", bottom: "5", pivot: "5", lead: "5")
    expect(page.css(".told").map { |line| line.text.gsub(/\s+/, " ") }).to match [/top pivot 0.5.mm towards the jamb/,
      /bottom pivot 1.5.mm away from the jamb/, /jack down ½ turn clockwise/]
    read(row, "D", top: "5", bottom: "5", pivot: "5", lead: "9")
    expect(page.text).to include("The meeting stiles come out").and include("jack the")
    type(book.openings.find(row.id), "hung.meet.top", "6", stage: "adjust")
    type(book.openings.find(row.id), "hung.meet.bottom", "4", stage: "adjust")
    look("/openings/#{row.id}/adjust?panel=A")
    expect(page.css(".thens dt").map(&:text)).to include("top then", "bottom then")
  end

  it "judges a pair's lead gap beside jamb and head, and a strip that hides too little once it is slid" do
    row = hang("set" => {"family" => "bifold", "kit" => "fold-34", "panels" => 2, "thickness" => 35,
                         "half_jamb" => {"thickness" => 15}})
    read(row, "A", top: "6", bottom: "6", pivot: "5", lead: "5")
    look("/openings/#{row.id}/adjust?panel=A")
    expect(page.text).to include("Read the gap between lead and strike")
    read(row, "A", top: "2", bottom: "2")
    {"top" => "6", "bottom" => "3"}.each do |place, mm|
      type(book.openings.find(row.id), "hung.meet.#{place}", mm, stage: "adjust")
    end
    look("/openings/#{row.id}/adjust?panel=A")
    expect(page.css(".check-stop").text.tr("\u00a0", " ")).to match(/The lead gap comes to 0 mm; the fold needs \d/)
    type(book.openings.find(row.id), "hung.A.at.top", "14", stage: "adjust")
    look("/openings/#{row.id}/adjust?panel=A")
    expect(page.css(".check-watch").text.tr("\u00a0", " ")).to match(/the half jamb hides \d.* of the panel's edge/)
  end

  it "gives the bench every state, and has none before the gaps are read" do
    row = hang
    look("/openings/#{row.id}/bench.json?panel=B")
    expect(last_response.status).to eq 404
    read(row, "B", top: "0", middle: "2.5", bottom: "6")
    look("/openings/#{row.id}/bench.json?panel=B")
    told = JSON.parse(last_response.body)
    expect(told["controls"]["right"]).to eq("least" => -19, "most" => 19, "way" => 1)
    expect(told["outputs"].map { |one| one["target"] }).to include("rise", "lean", "then-top", "stops", "needle-left")
  end
end
