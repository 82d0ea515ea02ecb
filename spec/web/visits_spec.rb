# frozen_string_literal: true

# Visits on their pages.
RSpec.describe "Visits" do
  include Site

  let!(:row) { hang("survey.covering" => {"thickness" => 8, "laid" => false}) }
  let(:path) { "/jobs/#{row.job_id}/visits" }
  let(:far) { (Date.today + 20).iso8601 }

  def shown(where = path)
    look(where)
    expect(last_response).to be_ok, last_response.status.to_s
    plain(page.text)
  end

  def keep(**more) = send_form(path, {"seen" => "0", **more.transform_keys(&:to_s)})

  it "shows the track with its visits, the steps of one, what to load" do
    text = shown
    expect(text).to match(/\d+ visits?, done by \w+day \d+ \w+/).and include("Not kept yet").and include("tape and " \
"pencil")
    expect(page.css("[data-visit]").length).to eq YellowTrack::Desk::JobVisits
      .new(YellowTrack::Desk::Job.new(book, book.jobs.find(row.job_id))).result["visits"].length
    expect(page.at_css("svg .chain")).not_to be_nil
  end

  it "tries a date in the address, shows what moves, and keeps it when it is told to" do
    keep
    look("#{path}?step=A-cover&day=#{far}")
    expect(last_response.status).to eq 303
    tried = last_response["location"]
    expect(tried).to include("put[A-cover]=#{far}").or include("put%5BA-cover%5D=#{far}")
    expect(shown(URI(tried).request_uri)).to include("What moves").and include("A-cover")
    expect(book.plans.find(row.job_id).asked["put"]).to eq({})
    keep(seen: "1", "put[A-cover]": far)
    expect(book.plans.find(row.job_id).asked["put"]).to eq("A-cover" => far)
    expect(shown).not_to include("What moves")
  end

  it "has a stop stand in its next sentence, before anything to keep" do
    sentence = -> { plain(page.at_css(".next-sentence").text) }
    shown
    expect(sentence.call).to eq "Keep this plan."
    shown("#{path}?put[A-cover]=#{Date.today.iso8601}")
    stop = page.at_css(".check-stop")
    expect(stop).not_to be_nil
    expect(plain(stop.text)).to include(sentence.call[/\A[^.]+/])
    keep
    shown
    expect(sentence.call).to match(/\A\d+ \w+, leave at \d+:\d\d: /)
  end

  it "moves a visit to a day with all of its steps, and says what cannot be" do
    keep
    visit = book.plans.find(row.job_id).plan["visits"].first
    day = (Date.today..).find { |one| one > Date.today + 9 && one.wday.between?(1, 5) }
    look("#{path}?#{URI.encode_www_form(move: visit["uid"], to: day.iso8601)}")
    where = URI(last_response["location"]).request_uri
    visit["steps"].each { |key| expect(Rack::Utils.unescape(where)).to include("put[#{key}]=#{day.iso8601}") }
    expect(shown(where)).to include("What moves")
    expect(shown("#{path}?put[A-hang]=#{Date.today.iso8601}")).to include("A-hang cannot be on")
    look("#{path}?move=visit.gone&to=#{far}")
    expect(last_response.status).to eq 422
    expect(page.text).to include("planned no longer")
  end

  {"put[A-hang]=2027-02-30" => "\"2027-02-30\" is no day", "crew_day=&how=off" => "No day was said",
   "crew_day=2027-13-01&how=off" => "\"2027-13-01\"", "travel=a while" => "\"a while\" is no number of minutes",
   "off[]=soon&travel=20&step=A-hang&day=2027-03-08" => "\"soon\" is no day",
   "crew_day=2027-03-01&how=ill" => "off, without the crew, or like others"}.each do |query, says|
    it "says what is wrong with #{query}" do
      look("#{path}?#{query.gsub(" ", "%20")}")
      expect(last_response.status).to eq 422
      expect(page.text).to include(says)
    end
  end

  it "tells both where two screens keep a plan, and has yours stand over his" do
    keep
    keep("put[A-cover]": far)
    expect(last_response.status).to eq 409
    expect(plain(page.text)).to include("kept another plan").and include("Keep this plan")
    fields = page.css("#keep form input").to_h { |one| [one["name"], one["value"]] }
    expect(fields).to include("put[A-cover]" => far, "seen" => "1")
    send_form(path, fields.except("authenticity_token"))
    expect(book.plans.find(row.job_id).version).to eq 2
    expect(shown).to include("Before that Runa kept one that ends")
    look(page.css("a").find { |one| one.text == "try it again" }["href"])
    expect(page.css("#keep form input").to_h { |one| [one["name"], one["value"]] }).to include("put[A-cover]" => "")
  end

  it "is tried on the firm's board, and kept there, once its job hangs on that" do
    row = hang
    YellowTrack::Desk::FirmBoard.new(book).keep!(seen: book.boards.version, who: "Odo")
    look("/jobs/#{row.job_id}/visits?put[A-order]=2027-03-09")
    expect(CGI.unescape(last_response["location"])).to include("/visits?put[osier-weir-1:A-order]=2027-03-09")
    send_form("/jobs/#{row.job_id}/visits", {"seen" => "0", "put" => {"A-order" => "2027-03-09"}})
    expect([last_response.status, page.text]).to match [422, /hangs on the firm's board/]
    look("/visits?step=osier-weir-1:A-order&step_day=2027-03-10")
    expect(CGI.unescape(last_response["location"].to_s)).to include("put[osier-weir-1:A-order]=2027-03-10")
    look("/visits?day_off=2027-03-10&day_how=open")
    expect(CGI.unescape(last_response["location"].to_s)).to include("open[]=2027-03-10")
  end

  it "ticks steps that no stage ticks" do
    send_form("#{path}/steps", {"step" => "A-order"})
    expect(shown).to include("A-order order")
    expect(page.at_css("#step-A-order").text).to include("done 20")
    send_form("#{path}/steps", {"undo" => "A-order"})
    look(path)
    expect(page.at_css("#step-A-order").text).not_to include("done 20")
    send_form("#{path}/steps", {"step" => "A-nothing"})
    expect(last_response.status).to eq 422
    look("/openings/#{row.id}/log")
    expect(page.text).to include("Done: order (visits)").and include("Not done: order (visits)")
  end

  it "saves a calendar, which subscribers read by an address that can be renewed and withdrawn" do
    look("#{path}.ics")
    expect(last_response.status).to eq 422
    keep
    look("#{path}.ics")
    expect(last_response.body).to start_with("BEGIN:VCALENDAR").and include("SUMMARY:Osier Weir: ")
    send_form("/visits/feed", {})
    token = book.feeds.token
    expect(token.length).to be >= 40
    look("/calendar/#{token}.ics")
    expect(last_response.body).to include("BEGIN:VEVENT")
    look("/calendar/#{"x" * token.length}.ics")
    expect(last_response.status).to eq 404
    send_form("/visits/feed", {})
    look("/calendar/#{token}.ics")
    expect(last_response.status).to eq 404
    send_form("/visits/feed", {"withdraw" => "1"})
    expect(book.feeds.token).to be_nil
  end

  it "gives its work and visits as files that bin/visits reads, and as CSV" do
    keep
    look("/jobs/#{row.job_id}/work.json")
    work = JSON.parse(last_response.body)
    expect(YellowTrack::Files::WorkFile.visits(work).to_h["visits"]).to eq book.plans.find(row.job_id).plan["visits"]
    look("#{path}.json")
    expect(JSON.parse(last_response.body)["format"]).to eq "yellow-track/visits"
    look("#{path}.csv")
    expect(last_response.body.lines.first).to eq "step,opening,what,place,minutes,hands,start,end,slack\n"
  end

  it "keeps the crew's days and hours, and minutes with the usual beside them; all that is wrong is said at once" do
    send_form("/visits/hours", {"visits.week" => %w[mon tue], "visits.from" => "7:00", "visits.to" => "15:30",
                                "visits.travel" => "25", "visits.crew" => "3", "visits.paint" => "others",
                                "steps.order.minutes.once" => "35"})
    expect(book.house_rules.all).to include("visits.week" => "mon,tue", "visits.from" => "420", "visits.travel" => "25",
      "steps.order.minutes.once" => "35")
    expect(shown).to include("painter").or include("paint A")
    send_form("/visits/hours",
      {"visits.from" => "25:00", "visits.to" => "4 o'clock", "steps.order.minutes.once" => "-4"})
    expect(last_response.status).to eq 422
    expect(plain(page.text)).to include("No working day is left").and include("\"25:00\" is no time of day")
      .and include("\"-4\" is no number of minutes for order")
    expect(page.at_css("[name='steps.order.minutes.once']")["value"]).to eq "-4"
    expect(book.house_rules.all["steps.order.minutes.once"]).to eq "35"
  end

  it "begins the first page with what is due" do
    send_form("#{path}/steps", {"step" => "A-off"})
    keep
    text = shown("/")
    expect(text).to match(/What is due (\w+day|Today)/).and include("Osier Weir").and include("What to load")
      .and include("by others; no date is said: ask for one")
    book.jobs.bin(row.job_id)
    expect(shown("/")).not_to include("by others")
  end
end
