# frozen_string_literal: true

# An opening that is built for its doors: asked for, framed by a sheet, measured.
RSpec.describe "Doors first" do
  include Site

  let(:job) { book.jobs.add(name: "Osier Weir", units: "mm") }

  def ask(job, **typed)
    given = {"name" => "Attic", "kit" => "twin-42", "panels" => "2", "width" => "762", "height" => "1981",
             "thickness" => "35", "covering" => "12"}
    send_form("/jobs/#{job.id}/doors", given.merge(typed.transform_keys(&:to_s)))
    book.openings.of(job.id).last
  end

  def said = plain(page.text)

  it "answers with the opening to build, finished and rough, each with its range" do
    row = ask(job)
    expect(row.document.to_h).to include("survey" => {"planned" => true,
                                                      "covering" => {"thickness" => "12", "laid" => false}})
    look("/openings/#{row.id}/measure")
    expect(page.css(".planned .row-figure").map { |figure| plain(figure.text) }).to eq ["1 490.0", "2 029.0"]
    expect(said).to include("1 454 to 1 502 mm will do").and include("2 025 to 2 040 mm will do")
      .and include("1 550 × 2 059")
    expect(plain(page.at_css(".next").text))
      .to include("Have the opening built 1 490 mm × 2 029 mm; once it stands, measure it.")
    expect(page.at_css(".next a")["href"]).to end_with("/to-build")
    look("/openings/#{row.id}/size")
    expect(page.at_css(".next").text).to include("once it stands, measure it")
  end

  it "gives whoever frames it a sheet, with the rough opening of its linings or of its pocket" do
    row = ask(job)
    look("/openings/#{row.id}/to-build")
    expect(said).to include("2 × 762 × 1 981").and include("before linings of 20 mm")
      .and include("covering still to come")
    expect(page.css("svg text").map { |text| plain(text.text) }).to include("1 490.0", "1 550.0")
    row = ask(job, kit: "pocket-90", panels: "1", covering: "", thickness: "")
    look("/openings/#{row.id}/to-build")
    expect(said).to include("rough opening of the pocket's frame").and not_include("before linings")
    look("/openings/#{hang.id}/to-build")
    expect(said).to include("Nothing is asked to be built")
  end

  it "tells that the framer's sheet is out of date once the doors change after it was given, on Next and on the job" do
    row = ask(job)
    giving = "It is given to whoever frames it"
    look("/openings/#{row.id}/to-build")
    expect(said).to include(giving).and not_include("given as revision")
    send_form("/openings/#{row.id}/to-build", {})
    look("/openings/#{row.id}/to-build")
    expect(said).to include("given as revision").and not_include("give it again").and not_include(giving)
    type(book.openings.find(row.id), "set.thickness", "38", stage: "size")
    look("/openings/#{row.id}/measure")
    expect(plain(page.at_css(".next").text)).to match(/Give the framer's sheet again: panel thickness.* since/)
    look("/jobs/#{job.id}")
    expect(plain(page.css(".check-watch").text)).to include("The framer's sheet of")
    look("/openings/#{row.id}/to-build")
    expect(said).to include("give it again").and include(giving)
    send_form("/openings/#{row.id}/to-build", {})
    look("/jobs/#{job.id}")
    expect(page.css(".check-watch").text).not_to include("framer")
  end

  it "keeps what was typed where a size is missing or none, and adds nothing" do
    {"width" => ["", "Say how wide a panel is"], "height" => ["absurd", '"absurd" is not a length'],
     "panels" => ["6", "panels"], "covering" => ["-4", "covering"]}.each do |key, (text, says)|
      ask(job, key.to_sym => text)
      expect(last_response.status).to eq(422), key
      expect(page.at_css("#doors-says").text).to include(says)
      expect(page.at_css("#doors-name")["value"]).to eq "Attic"
      expect(page.at_css("#doors-width")["value"]).to eq((key == "width") ? "" : "762")
    end
    expect(book.openings.of(job.id)).to eq []
  end

  it "takes sizes in either unit" do
    row = ask(job, width: "30in", height: "78 in")
    look("/openings/#{row.id}/measure?unit=other")
    expect(page.css(".planned .row-figure").first.text).to match(/58 21/)
    inches = book.jobs.add(name: "Tern House", units: "in")
    send_form("/jobs/#{inches.id}/doors", {"name" => "Hall", "kit" => "twin-42", "panels" => "2", "width" => "30",
                                           "height" => "78", "thickness" => "1 3/8", "unit" => "in"})
    expect(book.openings.of(inches.id).last.document["set.width"]).to eq "30"
  end

  it "becomes an opening like any other with its first reading, and tells what differs from what was asked" do
    row = ask(job)
    type(row, "survey.widths.top", "1495")
    expect(saved(row, "survey.planned")).to be_nil.or be(false)
    expect(book.log.of(row.id).map(&:key)).to include("survey.planned")
    {"widths.middle" => "1495", "widths.bottom" => "1496", "heights.left" => "2070", "heights.middle" => "2070",
     "heights.right" => "2070"}.each do |key, text|
      type(book.openings.find(row.id), "survey.#{key}", text)
    end
    look("/openings/#{row.id}/measure")
    expect(plain(page.at_css(".planned").text)).to include("5 mm wider than asked, which will do")
      .and include("29 mm higher than asked, and that will not do")
    look("/openings/#{row.id}/size")
    expect(page.text).to include("Build the head down")
  end

  it "does not lose a reading to another window that still shows it as planned" do
    row = ask(job)
    type(row, "survey.widths.top", "1495")
    type(row, "survey.widths.middle", "1496", seen: 1)
    expect(saved(row, "survey.widths")).to eq("top" => "1495", "middle" => "1496")
  end
end
