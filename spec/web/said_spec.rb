# frozen_string_literal: true

# Sentences and figures that a fitter acts on, each where it stands and where it does not.
RSpec.describe "What a page says" do
  include Served

  def plain_page(path) = look(path) && plain(page.text)

  it "looks back six weeks after a hand-over, and three where heating has just gone on" do
    own = hang
    text = plain_page("/openings/#{own.id}/hand-over")
    weeks, fresh = YellowTrack::Desk::HandingOver::WEEKS, YellowTrack::Desk::HandingOver::FRESH
    expect(page.at_css("input[name=look_back]")["value"]).to eq((Date.today + weeks).iso8601)
    expect(text + page.to_s).to include((Date.today + fresh).iso8601).or include((Date.today + fresh).strftime("%-d"))
    expect([weeks, fresh]).to match [be > fresh, be_positive]
  end

  it "sends from Mend to Look while no cause is taken up, to its steps then, to Rehang at last" do
    sentence = -> { look("/openings/#{id}/mend") && plain(page.at_css(".next-sentence").text) }
    say("service.symptoms", "scrapes")
    expect(sentence.call).not_to include("Hang it again")
    named
    expect(sentence.call).to start_with(plain(service.fix.first.says)[0, 12])
    [*service.fix, *service.while_off].each { |step| tick(step.key, stage: "mend") }
    expect(sentence.call).to include("Hang it again.")
  end

  it "says what the track is screwed with where the head is known, and asks for nothing where it is not" do
    size = ->(of: nil) { plain_page("/openings/#{hang("survey.head" => of && {"of" => of}).id}/size") }
    expect(size[of: "timber"]).to include("Screws")
    expect(size[]).not_to match(/Screws\b.*long at least/)
  end

  it "says whose choices came along, and only then" do
    row = hang
    expect(plain_page("/openings/#{row.id}/measure?copied=B")).to include("The choices of B came along.")
    expect(plain_page("/openings/#{row.id}/measure")).not_to include("came along")
    expect(plain_page("/openings/#{row.id}/measure?copied=b<i>")).not_to include("came along")
  end

  it "marks the reading that the closure blames, and no other" do
    slip = JSON.parse(File.read("#{Cases::FOLDER}/bypass-slip-in-a-reading-mm.opening.json"))
    row = hang("survey" => slip["survey"])
    blamed = YellowTrack::Desk::KeptOpening.new(book, row).closure.suspects
    look("/openings/#{row.id}/measure")
    marked = page.css("form.field:has(.says-suspect)").map { |form| form.at_css("input[name=key]")["value"] }
    expect(marked.map { |key| key.delete_prefix("survey.") }).to match_array blamed
  end

  it "goes a page on and back, and not past the ends" do
    25.times { |turn| book.jobs.add(name: "Job #{turn}") }
    ways = ->(path) { look(path) && page.css(".paging a").map(&:text) }
    last = ways["/"] && page.at_css(".paging span").text[/of (\d+)/, 1]
    expect([ways["/"], ways["/?page=2"].include?("Earlier"), ways["/?page=#{last}"]]).to eq [["Later"], true,
      ["Earlier"]]
  end

  it "tells a tick of the log by the step's own words" do
    row = hang
    step = YellowTrack::Desk::KeptOpening.new(book, row).progress.steps.first
    send_form("/openings/#{row.id}/steps", {"step" => step.key})
    expect(plain_page("/openings/#{row.id}/log")).to include(plain(step.does)[0, 40])
  end

  it "tells the weight of what is lifted, and to weigh what nobody weighed" do
    known, unknown = hang, hang("set.makeup" => nil)
    weigh = "weight #{YellowTrack::Makeup::WEIGH_IT}"
    expect(plain_page("/openings/#{known.id}/hang")).not_to include(weigh)
    text = plain_page("/openings/#{unknown.id}/hang")
    expect(text).to include(weigh)
    expect(page.css(".step").reject { |one| plain(one.text).include?(weigh) }).not_to be_empty
  end

  it "leads from a sum to where its number was read, typed or taken from" do
    row = hang("set.gap" => "11")
    work = YellowTrack::Desk::KeptOpening.new(book, row).plan.working
    kit = YellowTrack::Files::Shelf.kits.fetch("twin-42")
    to = ->(key) { YellowTrack::Web::Paths.origin(row.id, work[key], kit) }
    expect(to["kit.drop"]).to eq "/kits/twin-42"
    expect(to["set.gap"]).to include("/openings/#{row.id}/size")
    expect(to["survey.covering"]).to include("/openings/#{row.id}/measure")
    expect(to["survey.tightest_width"]).to include("/openings/#{row.id}/measure")
    expect(to["panels.width"]).to be_nil
  end

  it "keeps a weighed panel's weight with another kit only where the panels stay" do
    weighed = ->(**more) {
      row = hang("set" => document["set"].merge("weighed" => 24.5, **more), "survey.depth" => 200,
        "survey.front" => 900)
      opening = YellowTrack::Desk::KeptOpening.new(book, row)
      choice = YellowTrack::Desk::SetChoice.new(opening)
      other = choice.choice.ranked.find { |one| !one.in_mind? }
      choice.set_of(other)["weighed"]
    }
    expect(weighed["width" => 930, "height" => 2100]).to eq 24.5
    expect(weighed[]).to be_nil
  end

  it "overrides a stop with a reason, and says what is missing without one" do
    row = hang("set.lap" => "5")
    code = YellowTrack::Desk::KeptOpening.new(book, row).all_checks.find(&:stop?).code
    send_form("/openings/#{row.id}/override/#{code}", {"reason" => "  "})
    expect([last_response.status, plain(page.text)]).to match [422, /overridden with a written reason/]
    send_form("/openings/#{row.id}/override/#{code}", {"reason" => "The doors are there."})
    expect([last_response.status, book.log.overrides(row.id).keys]).to eq [303, [code]]
  end

  it "tells the opening that doors want, exactly or within a range" do
    send_form("/jobs/#{hang.job_id}/doors", {"name" => "Doors first", "family" => "bypass", "kit" => "twin-42",
      "width" => "930", "height" => "2032", "panels" => "2", "unit" => "mm"})
    id = book.openings.of(@job.id).last.id
    sizes = YellowTrack::Desk::KeptOpening.new(book, book.openings.find(id)).plan.set.wanted
    text = plain_page("/openings/#{id}/to-build")
    ranges = [sizes.width, sizes.height].map { |one| one[:least] == one[:most] }
    expect([text.include?("exactly"), text.include?("will do")]).to eq [ranges.any?, !ranges.all?]
  end

  it "asks for digits in millimetres, for marks and spaces in inches" do
    row = hang
    modes = ->(unit) {
      look("/openings/#{row.id}/measure?unit=#{unit}")
      page.css("form.field input[inputmode]").map { |one| one["inputmode"] }.uniq
    }
    expect([modes["own"], modes["other"]]).to match [include("decimal"), not_include("decimal")]
  end

  it "shows another unit as another, and the own one as its own" do
    row = hang
    in_unit = ->(query) { look("/openings/#{row.id}/size#{query}") && page.at_css(".head-unit").text }
    expect(in_unit["?unit=other"]).to start_with "in"
    expect(in_unit["?unit=own"]).to start_with "mm"
  end
end
