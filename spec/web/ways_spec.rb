# frozen_string_literal: true

RSpec.describe "Ways about" do
  include Site

  it "finds jobs and openings by a part of a name, marks taken as they are" do
    hang("name" => "Bunk room 2, 100% dry")
    {"bunk" => "Bunk room 2", "OSIER" => "Osier Weir", "100%" => "Bunk room 2"}.each do |asked, found|
      look("/search?q=#{Rack::Utils.escape(asked)}")
      expect(page.css(".found li").text).to include(found)
    end
    ["_unk", "%%", "nothing <b>"].each do |asked|
      look("/search?q=#{Rack::Utils.escape(asked)}")
      expect(page.css(".found li")).to be_empty
      expect(page.text).to include("Nothing is called")
    end
  end

  it "shows the other unit, and goes back, without touching what is saved" do
    row = hang
    look("/openings/#{row.id}/size?unit=other")
    expect(page.at_css("#numbers-panels .row-figure").text).to match(%r{36 1/4})
    look("/openings/#{row.id}/size")
    expect(page.at_css(".head-unit").text).to start_with("in")
    look("/openings/#{row.id}/size?unit=own")
    expect(page.at_css("#numbers-panels .row-figure").text).to include("921")
    expect(book.openings.find(row.id).version).to eq 1
  end

  it "says what is wrong in the unit that is shown" do
    row = hang("set.gap" => 3, "survey.depth" => 40)
    {"own" => "mm", "other" => "in"}.each do |unit, shown|
      %w[size prepare choose sheet].each do |stage|
        look("/openings/#{row.id}/#{stage}?unit=#{unit}")
        said = page.css(".check, .way-state, main li").text.tr("\u00A0", " ")
        expect(said.scan(/\d (mm|in)\b/).flatten.uniq - [shown]).to eq([]), "#{stage}: #{said}"
      end
    end
  end

  it "names an opening anew, and refuses a name that is none" do
    row = hang
    send_form("/openings/#{row.id}/name", {"name" => "  Bunk room   7 "})
    expect(book.openings.find(row.id)).to have_attributes(name: "Bunk room 7")
    expect(saved(row, "name")).to eq "Bunk room 7"
    send_form("/openings/#{row.id}/name", {"name" => " "})
    expect(last_response.status).to eq 422
    expect(last_response.body).to include("A name is needed")
  end

  it "names a job anew, bins it with all its openings, and brings it back" do
    row = hang
    send_form("/jobs/#{row.job_id}/name", {"name" => "Osier  Weir 2", "place" => "the island"})
    expect(book.jobs.find(row.job_id)).to have_attributes(name: "Osier Weir 2", place: "the island")
    send_form("/jobs/#{row.job_id}/name", {"name" => ""})
    expect(last_response.status).to eq 422
    send_form("/jobs/#{row.job_id}/bin", {})
    look("/")
    expect(page.css(".job-row").text).not_to include("Osier Weir 2")
    look("/search?q=bunk")
    expect(page.css(".found li")).to be_empty
    look("/jobs/#{row.job_id}")
    expect(page.text).to include("This job is in the bin")
    send_form("/jobs/#{row.job_id}/bring-back", {})
    look("/")
    expect(page.css(".job-row").text).to include("Osier Weir 2")
  end

  it "starts a set by the schools that the house rules name, each with its reason beside it" do
    row = hang
    send_form("/rules", {"handle" => "middle", "even" => "top", "order" => "finish", "guide" => "side"})
    send_form("/openings/#{row.id}/set", {"way" => "fold-34:2:left", "seen" => "1"})
    expect(book.openings.find(row.id).document["set"])
      .to include("handle" => "middle", "even" => "top", "order" => "finish").and not_include("guide")
    look("/openings/#{row.id}/size")
    expect(page.at_css("#field-set-handle .reason").text).to include("looks centred")
  end

  it "copies to a neighbour: choices yes, readings no, and says why" do
    row = hang("set.lap" => "40")
    send_form("/openings/#{row.id}/copy", {})
    follow_redirect!
    expect(page.text).to include("The readings did not: no two closets are alike")
    copy = book.openings.of(row.job_id).last
    expect(copy.document["set.lap"]).to eq "40"
    expect(copy.document["survey"]).to eq({})
  end

  it "bins an opening and brings it back, whole" do
    row = hang
    send_form("/openings/#{row.id}/bin", {})
    follow_redirect!
    expect(page.css(".hung li").text).not_to include("Bunk room")
    expect(page.at_css(".binned").text).to include("Bunk room")
    send_form("/openings/#{row.id}/bring-back", {})
    expect(book.openings.of(row.job_id).map { |found| found.document.to_h }).to eq [row.document.to_h]
    expect(book.log.since(row.id, 1).map(&:key)).to eq ["binned", "brought back"]
  end

  it "lists the kits, shows each sheet as what it is, and gives it as JSON that its schema lets through" do
    look("/kits")
    expect(page.css(".found li").length).to eq 9
    YellowTrack::Files::Shelf.kits.each_key do |id|
      look("/kits/#{id}")
      expect(last_response).to be_ok, id
      expect(page.css("svg .face")).not_to be_empty
      look("/kits/#{id}.json")
      expect(YellowTrack::Files::Shelf.kit(JSON.parse(last_response.body)).to_h).to eq YellowTrack::Files::Shelf.kits
        .fetch(id).to_h
    end
    look("/kits/none")
    expect(last_response.status).to eq 404
  end

  it "asks every fact whatever set is in mind, each read or not at a glance" do
    row = hang("survey.beside" => {"left" => 900})
    look("/openings/#{row.id}/measure")
    facts = YellowTrack::Desk::Fields::FACTS.map(&:id)
    expect(facts.map { |id| page.at_css("#field-#{id}") }).to all be_truthy
    expect(page.at_css("#field-survey-beside-left")["class"]).not_to include("unread")
    expect(page.at_css("#field-survey-beside-right")["class"]).to include("unread")
    type(row, "survey.wall.services", "none")
    expect(saved(row, "survey.wall.services")).to eq []
    expect(page.css(".way")).to be_empty
    look("/openings/#{row.id}/measure")
    expect(page.at_css("#survey-wall-services")["value"]).to eq "none"
    expect(page.at_css("#field-survey-wall-services")["class"]).not_to include("unread")
  end

  it "keeps a fact that is not known apart from one that is no" do
    row = hang
    type(row, "survey.wall.bears_load", "no")
    expect(saved(row, "survey.wall.bears_load")).to be false
    type(book.openings.find(row.id), "survey.wall.bears_load", "")
    expect(book.openings.find(row.id).document["survey.wall.bears_load"]).to be_nil
  end

  it "refuses a stud outside the wall that was read, and keeps it to be settled" do
    row = hang("survey.beside" => {"left" => 400, "right" => 600})
    type(row, "survey.wall.studs", "120; 2500")
    expect(page.at_css("#says-survey-wall-studs").text.tr("\u00A0\u202F", "  "))
      .to match(/2.500 is outside the wall\. It goes from −400 to 2.412 mm/)
    expect(book.openings.find(row.id).document["survey.wall.studs"]).to be_nil
    look("/openings/#{row.id}/measure")
    expect(page.at_css("#survey-wall-studs")["value"]).to eq "120; 2500"
  end

  it "takes several studs or services in one field, and says which cannot be read" do
    row = hang("set" => {"family" => "bypass", "kit" => "bar-1", "thickness" => 35})
    type(row, "survey.wall.studs", "120; 520, 92 cm")
    expect(saved(row, "survey.wall.studs")).to eq ["120", "520", "92 cm"]
    type(book.openings.find(row.id), "survey.wall.studs", "120; x")
    expect(page.at_css("#says-survey-wall-studs").text).to include("\"x\" is not a length")
      .and include("Keep 120; 520; 92 cm")
  end

  it "goes from a working to the reading or the kit sheet it came from" do
    row = hang("set.gap" => "10")
    look("/openings/#{row.id}/working")
    links = page.css(".origin a").map { |link| link["href"] }.uniq
    expect(links).to include("/kits/twin-42", "/openings/#{row.id}/size#set-gap",
      "/openings/#{row.id}/measure#survey-covering-thickness")
  end

  it "shows the sums that an address asks for, and passes over a key that it made up" do
    look("/openings/#{hang.id}/working?keys=laps.lap,no.such,panels.width")
    expect([last_response.status, plain(page.text)]).to match [200, /Lap.*Panel width/]
    expect(page.text).not_to include("no.such")
  end

  it "overrides a stop with a written reason, in the log, the stop staying in sight" do
    row = hang("set.gap" => "3")
    look("/openings/#{row.id}/size")
    expect(page.at_css("#bypass-gap-least a")["href"]).to eq "/openings/#{row.id}/override/bypass.gap.least"
    send_form("/openings/#{row.id}/override/bypass.gap.least", {"reason" => "  "})
    expect(last_response.status).to eq 422
    expect(page.text).to include("with a written reason")
    send_form("/openings/#{row.id}/override/bypass.gap.least", {"reason" => "Threshold comes out <tomorrow>."})
    look("/openings/#{row.id}/size")
    expect(page.at_css("#bypass-gap-least").text).to include("Overridden: Threshold comes out <tomorrow>.")
      .and include("The floor gap comes down to 3")
    expect(book.log.overrides(row.id)).to eq("bypass.gap.least" => "Threshold comes out <tomorrow>.")
    send_form("/openings/#{row.id}/override/bypass.depth", {"reason" => "x"})
    expect(last_response.status).to eq 404
  end

  it "starts new openings by the house rules, and leaves those that are there" do
    row = hang
    send_form("/rules", {"units" => "in", "grain.in" => "1/32", "grain.mm" => "0.5 mm", "fit.bypass" => "plumb",
      "half_jamb" => "22 mm", "odd" => "x"})
    expect(book.house_rules.all).to eq("units" => "in", "grain.in" => "1/32", "grain.mm" => "0.5 mm",
      "fit.bypass" => "plumb", "half_jamb" => "22 mm")
    look("/")
    expect(page.at_css("#job-units option[selected]")["value"]).to eq "in"
    send_form("/jobs/#{row.job_id}/openings", {"name" => "Second"})
    second = book.openings.of(row.job_id).last
    expect([second.document["grain"], second.document["set.fit"]]).to eq ["0.5 mm", "plumb"]
    expect(book.openings.find(row.id).document.to_h).to eq row.document.to_h
    send_form("/openings/#{row.id}/set", {"way" => "fold-34:2:left", "seen" => "1"})
    expect(saved(row, "set.half_jamb")).to eq("thickness" => "22 mm")
    send_form("/rules", {"fit.bypass" => "follow", "units" => "furlongs"})
    expect(book.house_rules.all).to include("units" => "in")
    expect(book.house_rules.all).not_to include("fit.bypass")
  end

  it "changes the kit and the panels on the spot, and offers what fits" do
    row = hang("set" => {"family" => "bypass", "kit" => "twin-42", "pattern" => [2, 1], "thickness" => 30})
    look("/openings/#{row.id}/size")
    expect(page.css("#set-kit option").map { |option| option["value"] }).to include("quad-42", "tri-38")
      .and not_include("fold-34")
    expect(page.css("#set-pattern option").map { |option| option["value"] }).not_to include("1,2,3")
    type(row, "set.kit", "tri-38", stage: "size")
    type(book.openings.find(row.id), "set.pattern", "1,2,3", stage: "size")
    expect(page.at_css("#numbers-panels .row-name").text).to eq "Panels A, B, C"
    expect(last_response["hx-refresh"]).to eq "true"
    type(book.openings.find(row.id), "set.lap", "30", stage: "size")
    expect(last_response["hx-refresh"]).to be_nil
    type(book.openings.find(row.id), "set.kit", "none-such", stage: "size")
    expect(page.at_css("#says-set-kit").text).to include("is no kit that ships")
  end

  it "hangs openings in the fitter's own order" do
    first, second = hang, hang
    order = -> { book.openings.of(first.job_id).map(&:letter) }
    send_form("/openings/#{second.id}/earlier", {})
    expect(order.call).to eq %w[B A]
    send_form("/openings/#{second.id}/earlier", {})
    expect(order.call).to eq %w[B A]
    send_form("/openings/#{second.id}/later", {})
    send_form("/openings/#{second.id}/later", {})
    expect(order.call).to eq %w[A B]
  end

  it "keeps notes, logs what they replaced, and finds them" do
    row = hang
    send_form("/openings/#{row.id}/notes", {"notes" => "key under the <mat>"})
    send_form("/openings/#{row.id}/notes", {"notes" => "key with the keeper"})
    look("/search?q=keeper")
    expect(page.css(".found li").text).to include("Bunk room")
    expect(book.log.before(row.id, "notes")).to eq "key under the <mat>"
    send_form("/openings/#{row.id}/notes", {"notes" => "x" * 6000})
    expect(last_response.status).to eq 422
  end

  it "says at its tape line how far a suspect reading would be out" do
    row = hang("survey.diagonals.rising" => 2910)
    look("/openings/#{row.id}/measure")
    expect(page.at_css("#says-survey-diagonals-rising").text.tr("\u00A0", " "))
      .to match(/Out by about 2\d(\.\d)? mm\? Measure this one again\./)
  end
end
