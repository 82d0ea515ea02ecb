# frozen_string_literal: true

RSpec.describe "Preparing" do
  include Site

  it "draws what a packed jamb is made up of" do
    row = hang("set.packing" => {"left" => "20"})
    look("/openings/#{row.id}/prepare")
    expect(page.at_css("#drawn-jambs").text).to include("from the jamb out")
    expect(page.css("#drawn-jambs .strip").length).to eq YellowTrack::Prepare::BuildUp.new(20r).layers.length
  end

  it "draws a base strip on its shims" do
    row = hang("set" => {"family" => "bypass", "kit" => "roll-36", "pattern" => [2, 1], "thickness" => 20,
                         "base_strip" => 12})
    look("/openings/#{row.id}/prepare")
    expect(page.at_css(".preparing").text).to include("Base strip").and include("on shims up to")
    expect(page.css("svg #shims-title").text).to eq "Base strip along the floor"
  end

  it "says what waits for another trade" do
    row = hang("survey.covering" => {"thickness" => "14", "laid" => false}, "set.height_cut" => "site")
    look("/openings/#{row.id}/prepare")
    expect(page.at_css(".preparing").text).to match(/The covering of 14[[:space:]]mm is still to be laid/)
      .and include("A, B wait for the check measurement")
  end

  it "sizes the heights anew from a check measurement, and says what changed" do
    row = hang
    {"left" => "2238", "middle" => "2236", "right" => "2239"}.each do |place, text|
      type(book.openings.find(row.id), "survey.check.#{place}", text, stage: "prepare")
    end
    expect(page.at_css("#prepare-waits").text.gsub(/[[:space:]]+/, " "))
      .to include("makes the panels 2 188 mm high; from the survey they were 2 191 mm")
    made = YellowTrack::Plan.of(YellowTrack::Files::Shelf.opening(book.openings.find(row.id).document.to_h))
    expect(made.working["sizing.height"].value).to eq 2236
  end

  it "takes a place's number and its drawing in hand together" do
    look("/openings/#{hang("set.packing" => {"left" => "20"}).id}/prepare")
    keys = page.css("#at-jambs [data-row]").flat_map { |row| row["data-keys"].split }
    expect(page.css("#drawn-jambs figure").map { |figure| figure["data-place"].split }).to all eq keys
  end

  it "has nothing to say of an opening that takes the set as it is" do
    even = {"left" => 2240, "middle" => 2237, "right" => 2236}
    row = hang("survey.heights" => even)
    look("/openings/#{row.id}/prepare")
    expect(page.at_css(".preparing").text).to include("nothing to pack or build down")
  end

  it "offers what would have to be packed in one press, and only where something has to be built" do
    low = {"left" => 2100, "middle" => 2100, "right" => 2100}
    row = hang("survey.heights" => low, "set.height" => 2032)
    look("/openings/#{row.id}/prepare")
    build = plan_of(row.document.to_h).set.heights.build
    expect([build.verdict, build.head]).to match ["build", be_positive]
    expect(page.css(".press").map { |one| one.at_css("input[name=key]")["value"] }).to eq ["set.packing.head"]
    expect(page.at_css(".press input[name=value]")["value"].to_r).to eq build.head
    look("/openings/#{hang.id}/prepare")
    expect(page.css(".press")).to be_empty
  end

  it "has what the other stages list: packing over a track, a board behind a rail" do
    row = hang
    look("/openings/#{row.id}/prepare")
    expect(page.at_css(".preparing").text).to include("Pack over the track").and include("5.0 at the most")
    expect(page.at_css("#at-head").text).not_to include("nothing to pack")
    wall = hang("set" => {"family" => "bypass", "kit" => "bar-1", "pattern" => [1], "header_board" => {}})
    look("/openings/#{wall.id}/prepare")
    expect(page.at_css(".preparing").text).to include("Header board")
  end
end
