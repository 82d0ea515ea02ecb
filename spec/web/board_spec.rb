# frozen_string_literal: true

# The firm's board (handbook 17): crews, jobs on their rails, what is tried and kept, what customers are told.
RSpec.describe "The firm's board" do
  include Site

  let!(:row) { hang }
  let!(:other) { add_job("Tern House") }

  def add_job(name)
    id = book.jobs.add(name:, place: "Mill Path 7").id
    book.openings.add(job_id: id, document: row.document, &YellowTrack::Desk::Listing.of(book))
    id
  end

  def crews
    %w[North South].zip([%w[Odo Runa], %w[Vesna Ib]]).map do |name, people|
      send_form("/crew/crews", {"crew" => name})
      crew = book.crews.all.last
      people.each do |one|
        send_form("/crew/people", {"person" => one, "into" => crew.id.to_s, "since" => "2027-03-01"})
      end
      crew
    end
  end

  def shown(path = "/visits")
    look(path)
    page.at_css("main").text.gsub(/[[:space:]]+/, " ")
  end

  def keep(values = {}) = send_form("/visits", {"seen" => book.boards.version.to_s, **values})

  def plan = book.boards.last.plan

  def firm = YellowTrack::Desk::FirmBoard.new(book)

  it "has nothing to plan, to try or to keep where no job has a step left" do
    book.jobs.all.each { |job| send_form("/jobs/#{job.id}/over", {}) }
    expect(shown).to include("Nothing is left to plan.")
    expect(page.css(".board, [name=away_crew]")).to be_empty
    expect(plain(page.at_css(".next-sentence").text)).to start_with "Hang an opening in a job"
  end

  it "plans all jobs on all crews; kept, each job has its part, and two who keep at once are both told" do
    crews
    expect(shown).to include("2 crews, 2 jobs").and include("Not kept yet")
    keep
    expect(plan["jobs"].map { |job| job["key"] }).to eq ["osier-weir-1", "tern-house-2"]
    expect(plan["visits"].map { |visit| visit["crew"] }).to all match(/\A(north|south)-\d\z/)
    [row.job_id, other].each do |id|
      kept = book.plans.find(id)
      expect(kept.plan["visits"].map { |visit| visit["date"] })
        .to eq(plan["visits"].select { |visit| visit["job"].end_with?("-#{id}") }.map { |visit| visit["date"] })
      expect(shown("/jobs/#{id}/visits")).to include("As the firm's board has it")
    end
    day = plan["days"].first["date"]
    keep("seen" => "0", "off" => [day])
    expect(last_response.status).to eq 409
    expect(page.text).to include("kept another board")
      .and include("nobody works on #{Date.parse(day).strftime("%-d %B")}")
    expect([book.boards.version, book.crew_days.all]).to eq [1, []]
  end

  it "moves told visits last, shows old beside new with whom to tell, and makes the message ready" do
    north, south = crews
    book.customers.set(other, {"name" => "Bea", "mail" => "bea@tern-house.example", "telephone" => "0000 311 02"})
    book.job_terms.set(other, crew_id: north.id)
    keep
    visit = plan["visits"].find { |one| one["job"] == "tern-house-2" }
    text = shown("/visits?visit=#{visit["uid"]}")
    expect(text).to include("Bea, we come to Mill Path 7 on")
    expect(page.at_css("a[href^='mailto:bea@tern-house.example?subject=Our%20visit&body=Bea']")).not_to be_nil
    expect(page.at_css("a[href^='sms:000031102?body=Bea']")).not_to be_nil
    send_form("/visits/told", {"job" => other.to_s, "day" => visit["date"], "seen" => "1"})
    expect(book.told_visits.find(other, visit["date"]).said["people"]).to eq %w[Odo Runa]
    tried = "/visits?away_crew=#{north.key}&away_day=#{visit["date"]}&away_hours="
    look(tried)
    expect(last_response.status).to eq 303
    text = shown(last_response["location"].sub(%r{\Ahttp://[^/]+}, ""))
    expect(text).to include("Tried: North away on").and include("Bea, told by Runa").and include("Tell the customer.")
    keep("away" => ["#{north.key}@#{visit["date"]}"])
    text = shown
    expect(text).to include("To be told").and include("we cannot come on").and include("We come to Mill Path 7")
    now = page.at_css(".visit-moved input[name=day]")["value"]
    send_form("/visits/told", {"job" => other.to_s, "day" => now, "instead" => visit["date"], "seen" => "2"})
    expect(book.told_visits.all.map(&:day)).to eq [now]
    expect(shown).not_to include("To be told")
    expect(south.key).to eq "south-2"
  end

  it "tries a visit on another day or crew, a house shut, a promise; and says what is no day" do
    both = crews
    south = both.last
    keep
    visit = plan["visits"].first
    to = both.find { |crew| crew.key != visit["crew"] }
    look("/visits?move=#{visit["uid"]}&to=2027-03-08&crew=#{to.key}")
    path = last_response["location"].sub(%r{\Ahttp://[^/]+}, "")
    text = shown(path)
    expect(text).to include("put on 8 March").and include("for #{to.name}")
    look("/visits?of_job=#{other}&job_how=by&job_day=2027-03-02")
    text = shown(last_response["location"].sub(%r{\Ahttp://[^/]+}, ""))
    expect(text).to match(/Tern House ends after 2 March. Promise \d+ \w+/)
    look("/visits?of_job=#{other}&job_how=shut&job_day=tomorrow")
    expect(last_response.status).to eq 422
    expect(page.text).to include("\"tomorrow\" is no day within ten years")
    look("/visits?away_crew=#{south.key}&away_day=2027-03-02&away_hours=10-7")
    expect(page.text).to include("\"10-7\" are no hours of a day")
    {"10-12" => "south-2@2027-03-02@10-12", " " => "south-2@2027-03-02"}.each do |hours, away|
      look("/visits?away_crew=#{south.key}&away_day=2027-03-02&away_hours=#{Rack::Utils.escape(hours)}")
      expect(Rack::Utils.parse_nested_query(last_response["location"][/\?(.*)/, 1])).to include("away" => [away])
    end
    expect(book.boards.version).to eq 1
  end

  it "has a house that is shut on all days, and a job nobody may do, said" do
    crews
    book.house_rules.set("visits.to", "480") # half an hour a day
    expect(shown).to include("do not fit in a day of any crew that may do it")
    book.house_rules.set("visits.to", "")
    send_form("/jobs/#{other}/terms", {"by" => "soon", "travel" => "a while", "shut" => "2027-03-02, mondays"})
    expect(last_response.status).to eq 422
    send_form("/jobs/#{other}/terms", {"travel" => "25", "shut" => "2027-03-02 2027-03-03", "by" => "2027-03-20"})
    expect(book.job_terms.of(other).to_h).to include(travel: 25, shut: %w[2027-03-02 2027-03-03], by: "2027-03-20")
    look("/visits?of_job=#{other}&job_how=shut&job_day=2027-03-09")
    keep(Rack::Utils.parse_nested_query(last_response["location"][/\?(.*)/, 1]))
    expect(book.job_terms.of(other).shut).to eq %w[2027-03-02 2027-03-03 2027-03-09]
    send_form("/jobs/#{other}/road", {"other" => row.job_id.to_s, "minutes" => "9"})
    expect(firm.file["roads"]).to eq [{"between" => %w[osier-weir-1 tern-house-2], "minutes" => 9}]
  end

  it "takes over what was put and kept on a job's own plan before" do
    far = "2027-04-12"
    send_form("/jobs/#{other}/visits", {"seen" => "0", "put" => {"A-order" => far}, "travel" => "75"})
    uids = book.plans.find(other).plan["visits"].map { |visit| visit["uid"] }
    job = firm.file["jobs"].find { |one| one["key"] == "tern-house-2" }
    expect([job["travel"], job["steps"].find { |step| step["key"] == "A-order" }["not_before"]]).to eq [75, far]
    keep
    expect(book.boards.last.asked["put"]).to eq("tern-house-2:A-order" => far)
    expect(plan["visits"].map { |visit| visit["uid"] } & uids).not_to be_empty
  end

  it "looks back once at what is handed over within a week, and knows holidays of every year off the board too" do
    3.times { book.openings.add(job_id: other, document: row.document, &YellowTrack::Desk::Listing.of(book)) }
    crews
    keep
    part = book.plans.find(other).plan
    ends = part["steps"].select { |step| step["key"].end_with?("-over") }.map { |step| step["end"][0, 10] }
    expect(ends.length).to eq 4
    looks = part["look_backs"]
    expect(looks.flat_map { |look| look["openings"] }.sort).to eq %w[A B C D]
    dates = looks.map { |look| Date.iso8601(look["date"]) }.sort
    expect(dates.each_cons(2).map { |one, later| (later - one).to_i }).to all(be > 0)
    expect(looks.length).to be < 4
    book.house_rules.set("visits.yearly", "03-02")
    expect(YellowTrack::Desk::JobVisits.new(YellowTrack::Desk::Job.new(book, book.jobs.find(other))).work["off"])
      .to include("2027-03-02", "2028-03-02")
    expect(firm.hours.works?(Date.new(2027, 3, 2))).to be false
  end

  it "says since when it is behind, what came up, and what a plan from now on moves" do
    crews
    keep
    %w[/visits/since /visits/since?away[]=soon].each do |path|
      look(path)
      expect([last_response.status, last_response.body.strip]).to eq [200, ""]
    end
    Timecop.travel(Time.local(2027, 3, 4, 12)) { look("/visits/since") }
    expect(last_response.body).to include("Behind since")
    book.openings.add(job_id: other, document: row.document, &YellowTrack::Desk::Listing.of(book))
    look("/visits/since")
    expect(last_response.body).to include("came up since")
    Timecop.travel(Time.local(2027, 3, 4, 12)) do
      look("/visits/since")
      text = last_response.body.gsub(/<[^>]+>/, "").gsub(/[[:space:]]+/, " ")
      expect(text).to match(/Behind since \w+day 1 March .+ should be done. .+ steps of Tern House came up since/)
      expect(text).to match(/would end on \w+day \d+ \w+ and not on/)
    end
  end

  it "counts a crew by who is in it from when, and plans nothing for one that nobody is in" do
    north, south = crews
    send_form("/crew/people", {"person" => "ib", "into" => "", "since" => "2027-03-01"})
    expect(firm.crews.map { |one| [one.key, one.count] }).to eq [["north-1", 2], ["south-2", 1]]
    send_form("/crew/people", {"person" => "Vesna", "into" => north.id.to_s, "since" => "2027-03-01"})
    expect(firm.crews.map { |one| [one.key, one.people] }).to eq [["north-1", %w[Odo Runa Vesna]]]
    expect(shown("/crew")).to include("nobody is in it: nothing is planned for it")
    send_form("/crew/crews/#{south.id}", {"name" => "South", "from" => "12:00", "to" => "9:00"})
    expect(page.text).to include("it has to end later")
    send_form("/crew/crews/#{south.id}", {"name" => "South", "from" => "8", "to" => "late"})
    expect([last_response.status, page.at_css("#crew-#{south.id}-to")["value"]]).to eq [422, "late"]
    send_form("/jobs/#{other}/terms", {"crew" => south.id.to_s})
    expect(shown).to include("Tern House is for South alone, and nobody is in that crew.")
    send_form("/jobs/#{other}/terms", {"crew" => ""})
    send_form("/crew/crews", {"crew" => "north"})
    expect(page.text).to include("There is a crew \"north\" already")
    send_form("/crew/crews/#{south.id}/end", {})
    expect(book.crews.all.map(&:name)).to eq ["North"]
    expect(shown("/crew")).to include("South is ended.")
    send_form("/crew/crews/#{south.id}/again", {})
    expect(book.crews.all.map(&:name)).to eq %w[North South]
  end

  it "begins the day of whoever is in a crew: when to leave, for where, whom he meets, what is done" do
    crews
    book.customers.set(row.job_id, {"telephone" => "0000 200 14", "address" => "Lock Island 2"})
    book.customers.set(other, {"telephone" => "0000 200 14"})
    keep
    serve(by_itself: "Runa")
    text = shown("/")
    expect(text).to match(/(Today|Next), \w+day \d+ March North: Odo, Runa/).or include("Nothing is planned for North")
    visit = plan["visits"].first
    at = {"osier-weir-1" => ["Osier Weir", "Lock%20Island%202"], "tern-house-2" => ["Tern House", "Mill%20Path%207"]}
    name, address = at.fetch(visit["job"])
    text = Timecop.travel(Time.iso8601("#{visit["date"]}T06:00:00Z")) { shown("/today?crew=#{visit["crew"]}") }
    expect(text).to include("Leave for #{name}").and include("After that")
    expect(page.at_css("a[href='geo:0,0?q=#{address}']")).not_to be_nil
    expect(page.at_css("a[href='tel:000020014']")).not_to be_nil
    form = page.at_css(".leg-site form")
    clear_cookies
    @token = nil
    send_form(form["action"], {"step" => form.at_css("button")["value"], "back" => "today"})
    expect(last_response["location"]).to end_with("/today")
    expect(shown("/?all=1")).to include("Osier Weir")
    look("/jobs/#{other}/along.json")
    expect(JSON.parse(last_response.body)["pages"]).to include("/today")
  end

  it "is read by calendars, all of it or a crew's, with the house as its place and the crew as its category" do
    north, = crews
    keep
    send_form("/visits/feed", {})
    look("/calendar/#{book.feeds.token}/#{north.key}.ics")
    calendar = last_response.body.gsub("\r\n ", "")
    expect(calendar).to include("CATEGORIES:North").or include("X-WR-CALNAME:Visits North")
    expect(calendar).not_to include("CATEGORIES:South")
    look("/calendar/#{book.feeds.token}.ics")
    all = last_response.body.gsub("\r\n ", "")
    expect(all.scan("BEGIN:VEVENT").length).to be >= plan["visits"].length
    expect(all).to include("LOCATION:Mill Path 7")
    look("/calendar/#{book.feeds.token}/nobody.ics")
    expect(last_response.status).to eq 404
  end

  it "goes on one sheet of A4, and out as the files that bin/board reads and writes" do
    crews
    keep
    %w[week month].each do |ahead|
      look("/visits/board.pdf?ahead=#{ahead}")
      expect(last_response.body).to start_with("%PDF")
      expect(last_response.body).to include("/Count 1")
    end
    look("/visits/board.json")
    again = YellowTrack::Files::BoardFile.board(JSON.parse(last_response.body),
      patience: YellowTrack::Visits::Patience.new(0.1)).to_h
    expect(again["jobs"].map { |job| job["key"] }).to eq %w[osier-weir-1 tern-house-2]
    look("/visits/plan.json")
    expect(JSON.parse(last_response.body)).to eq plan
  end

  it "looks longer beside the page: what it finds is kept only once it was looked at" do
    crews
    3.times { |place| add_job("Lock Cottage #{place}") }
    board = firm
    better = board.board.value.dup.tap { |value| value[4] -= 1 }
    allow(YellowTrack::Files::BoardFile).to receive(:board).and_call_original
    longer = satisfy { |patience| patience.seconds == YellowTrack::Desk::FirmBoard::LONGER }
    allow(YellowTrack::Files::BoardFile).to receive(:board).with(anything, patience: longer)
      .and_return(instance_double(YellowTrack::Board, value: better, to_h: board.plan.merge("name" => "looked longer")))
    look("/visits/longer")
    expect(page.text).to include("A better one was found").and include("#{better[4]} minutes")
    keep
    expect(plan["name"]).not_to eq "looked longer"
  end
end
