# frozen_string_literal: true

require "support/share"

# What each role may: the table of it, and every route walked as each; in a share of the ways that its path can be
# spelt, and in all of them by `bin/bench whole`.
RSpec.describe "Who may what" do
  include Site

  # verb, path, and who may beside a fitter: o the office, l a learner, * nobody signed in too
  table = <<~ROUTES.lines.map { |line| line.split(" ", 3).map(&:strip) }
    GET / ol
    GET /search ol
    GET /lines.css ol*
    GET /pages/look.css ol*
    GET /token ol
    GET /account ol
    POST /account/devices/end ol
    GET /crew o
    POST /crew/firm o
    POST /crew/invitations o
    POST /crew/invitations/1/withdraw o
    POST /crew/9/close o
    GET /along ol
    GET /causes ol
    GET /practice/own/1 ol
    POST /causes/own_x/drop o
    POST /along o
    POST /along/decide o
    POST /along/pictures o
    POST /along/times o
    GET /backups o
    POST /backups o
    POST /jobs o
    POST /jobs/archive o
    GET /jobs/1 ol
    GET /jobs/1.zip ol
    GET /jobs/1/along.json ol
    GET /jobs/1/built ol
    GET /jobs/1/cut ol
    GET /jobs/1/cut.csv ol
    GET /jobs/1/log.csv ol
    GET /jobs/1/offers/2026-001.pdf ol
    GET /jobs/1/price ol
    GET /jobs/1/visits ol
    GET /jobs/1/visits/longer ol
    GET /jobs/1/visits.csv ol
    GET /jobs/1/visits/sums/A-order ol
    GET /jobs/1/visits.ics ol
    GET /jobs/1/work.json ol
    POST /jobs/1/bin o
    POST /jobs/1/over o
    GET /jobs/over ol
    POST /jobs/1/cut -
    POST /jobs/1/cut/back -
    POST /jobs/1/doors o
    POST /jobs/1/file o
    POST /jobs/1/name o
    POST /jobs/1/offers o
    POST /jobs/1/openings o
    POST /jobs/1/papers o
    POST /jobs/1/price o
    POST /jobs/1/service o
    POST /jobs/1/visits o
    POST /jobs/1/visits/steps o
    GET /openings/1 ol
    GET /openings/1/measure ol
    GET /openings/1/bench.json ol
    GET /openings/1/built ol
    GET /openings/1/override/size.cover ol
    GET /openings/1/cut.csv ol
    GET /openings/1/drilling ol
    GET /openings/1/set.svg ol
    GET /openings/1/hand-over ol
    GET /openings/1/hand-over.pdf ol
    GET /openings/1/hand-over/fitter.svg ol
    GET /openings/1/hand-over/sheet ol
    GET /openings/1/log ol
    GET /openings/1/log.csv ol
    GET /openings/1/plan.json ol
    GET /openings/1/service/sums/rail_low ol
    GET /openings/1/sheet ol
    GET /openings/1/slide ol
    POST /openings/1/to-build o
    GET /openings/1/to-build ol
    GET /openings/1/working ol
    GET /openings/1/decides ol
    GET /openings/1/once-more ol
    GET /openings/1/spare ol
    GET /openings/1/first-cut ol
    POST /openings/1/cures o
    POST /openings/1/bin o
    POST /openings/1/override/size.cover -
    POST /openings/1/copy o
    POST /openings/1/corrections o
    POST /openings/1/earlier o
    POST /openings/1/hand-over -
    POST /openings/1/look-back -
    POST /openings/1/moves -
    POST /openings/1/moves/back -
    POST /openings/1/name o
    POST /openings/1/notes o
    POST /openings/1/once-more o
    POST /openings/1/papers o
    POST /openings/1/pictures o
    POST /openings/1/remarks o
    POST /openings/1/rounds -
    POST /openings/1/service -
    POST /openings/1/service/mended -
    POST /openings/1/service/own -
    POST /openings/1/service/steps -
    POST /openings/1/set o
    POST /openings/1/steps -
    POST /openings/1/values -
    POST /openings/1/waits -
    GET /papers/0123456789abcdef ol
    GET /papers/0123456789abcdef.pdf ol
    GET /pictures/1 ol
    GET /kits ol
    GET /kits/twin-42 ol
    GET /kits/twin-42.json ol
    GET /kits/twin-42/built ol
    GET /kits/twin-42/before/0.json ol
    GET /kits/twin-42/copy ol
    POST /kits/file -
    POST /kits/twin-42/copy -
    GET /rack ol
    POST /rack -
    POST /rack/stock o
    POST /rack/1/use -
    GET /rules ol
    GET /words ol
    GET /words.json ol
    GET /words/lap ol
    POST /rules -
    GET /practice ol
    POST /practice/rounds ol
    GET /practice/rounds/1 ol
    POST /practice/rounds/1 ol
    POST /practice/crew -
    GET /practice/crew/1 ol
    GET /practice/tightest/learn ol
    GET /practice/tightest/learn.json ol
    GET /practice/which-way/7/bench.json ol
    GET /practice/tightest/7 ol
    GET /practice/tightest/7.json ol
    POST /practice/tightest/7 ol
    GET /tape ol
    GET /visits ol
    GET /visits.ics ol
    GET /calendar/0123456789012345678901.ics ol*
    GET /visits/hours ol
    GET /jobs/1/offers/2027-001 ol
    GET /jobs/1/offers/ways/A ol
    POST /jobs/1/offers/2027-001/answer o
    POST /visits o
    GET /visits/longer ol
    GET /visits/since ol
    GET /visits/board.json ol
    GET /visits/plan.json ol
    GET /visits/board.pdf ol
    POST /visits/told o
    POST /visits/told/back o
    POST /visits/days o
    GET /today ol
    GET /calendar/0123456789012345678901/north-1.ics ol*
    POST /crew/crews o
    POST /crew/crews/1 o
    POST /crew/crews/1/end o
    POST /crew/crews/1/again o
    POST /crew/people o
    POST /crew/away o
    POST /crew/away/1/back o
    POST /jobs/1/customer o
    POST /jobs/1/customer/forget o
    POST /jobs/1/terms o
    GET /jobs/1/terms ol
    POST /jobs/1/road o
    POST /visits/feed o
    POST /visits/hours o
  ROUTES

  def routes = YellowTrack::Web::App.routes.values_at("GET", "POST").flatten(1)

  def matched(verb, path)
    YellowTrack::Web::App.routes[verb].select { |pattern, *| pattern.match(path) }
  end

  before { 2.times { hang } }

  # As someone of a role, signed in; nobody for nil.
  def as(role)
    book.accounts.add("Odo", role:) if role && book.accounts.named("Odo").nil?
    serve(by_itself: role && "Odo")
    look(role ? "/" : "/account/sign-in")
    @token = page.at_css("input[name=authenticity_token]")&.[]("value")
  end

  # What comes of a request of a route: :in, :kept from it, or :away, to be signed in.
  def outcome(verb, path, **values)
    there = {"HTTP_HOST" => Site::HOST}
    (verb == "GET") ? get(path, values, there) : post(path, {"authenticity_token" => @token, **values}, there)
    case last_response.status
    when 401 then :away
    when 403 then last_response.body.include?("A fitter does this.") ? :kept : :refused
    when 303 then last_response["location"].match?(%r{/account/(sign-in|join)\z}) ? :away : :in
    else :in
    end
  end

  it "has every route in the table, and no other" do
    named = table.map { |verb, path, _| [verb, matched(verb, path)] }
    named.zip(table).each { |(_, found), row| expect(found).not_to be_empty, "there is no route #{row.first(2)}" }
    left = routes - named.flat_map(&:last)
    expect(left.map { |pattern, *| pattern.to_s }).to eq []
  end

  {nil => "*", "learner" => "l", "office" => "o", "fitter" => "f"}.each do |role, letter|
    it "lets #{role || "nobody"} into what the table says, and into nothing else" do
      as(role)
      @token ||= "none"
      table.each_with_index do |(verb, path, may), place|
        YellowTrack::Web::Rates.lay
        expected = ("f#{may}".include?(letter) && :in) || (role ? :kept : :away)
        next if expected == :in && !Share.takes?(place, 2) # the page is made, which takes its time

        expect([verb, path, outcome(verb, path)]).to eq [verb, path, expected]
      end
    end
  end

  it "asks for what no route has of whoever is in, and lets nobody but a fitter send there" do
    rights = YellowTrack::Web::Rights
    may = [nil, "learner", "fitter"].map { |role| rights.may?(role, "GET", "/nothing/there") }
    expect(may).to eq [false, true, true]
    expect(rights.may?("learner", "POST", "/nothing/there")).to be false
  end

  it "is told in the documents as the routes have it" do
    told = File.read("#{YellowTrack::ROOT}/docs/running-it.md")[/<!-- routes -->\n(.+?)\n<!--/m, 1]
    expect(told).to eq YellowTrack::Web::Rights.table
  end

  # A path as it could be spelt to slip by a list of them.
  def spellings(path)
    at = path.index(/[a-z]/) || 0
    one = path.sub(/[a-z]/) { |letter| format("%%%02x", letter.ord) }
    [path, one, path.gsub(/[a-z0-9]/) { |letter| format("%%%02X", letter.ord) }, one.gsub("%", "%25"),
      "#{path[0...at]}./#{path[at..]}"]
  end

  ["learner", "office"].each do |role|
    it "keeps a #{role} from what is not his, in whatever way it is spelt" do
      as(role)
      table.reject { |_, _, may| may.include?(role[0]) }.each_with_index do |(verb, path, _), place|
        Share.of(spellings(path), 3, place).each do |spelt|
          YellowTrack::Web::Rates.lay
          expect([verb, spelt, outcome(verb, spelt) == :kept || last_response.status]).to eq([verb, spelt,
            true]).or eq([verb, spelt, 400])
        end
      end
    end
  end

  it "reads a path once: spelt otherwise it is the same page, and what reads in two ways is none" do
    as("fitter")
    look("/cr%65w")
    expect(page.title).to include("Crew")
    look("/cr%2565w")
    expect(last_response.status).to eq 400
    look("/search?q=#{"a" * 8_000}")
    expect([last_response.status, last_response.body]).to match [414, /longer than 8000 characters/]
  end

  it "lets the office type readings and the set, and neither gaps nor findings" do
    as("office")
    values = "/openings/1/values"
    expect(outcome("POST", values, "key" => "survey.depth", "value" => "128", "seen" => "9")).to eq :in
    expect(saved(book.openings.find(1), "survey.depth")).to eq "128"
    %w[hung.A.gaps.left service.findings].each do |key|
      expect(outcome("POST", values, "key" => key, "value" => "3", "stage" => "measure")).to eq :kept
    end
  end

  it "shows a learner every form, and none that can be pressed" do
    as("learner")
    look("/openings/1/measure")
    forms = page.css("form[method=post]")
    expect(forms.length).to be > 5
    pressed = forms.css("button, input:not([type=hidden]), select, textarea")
      .reject { |one| one.ancestors("fieldset[disabled]").any? }
    expect(pressed).to eq []
    expect(page.at_css(".head-ways").text).to include("Odo · learner")
  end

  it "takes no form with a token of another session, or of none" do
    as("fitter")
    clear_cookies
    expect(outcome("POST", "/jobs", "name" => "Osier Weir")).to eq :refused
    @token = ""
    expect(outcome("POST", "/jobs", "name" => "Osier Weir")).to eq :refused
    expect(book.jobs.count).to eq 1
  end

  it "shows a learner no address of the calendar, and makes it anew when somebody leaves or learns" do
    first = book.feeds.renew
    as("learner")
    look("/visits")
    expect(last_response.body).not_to include(first[0, 8])
    book.accounts.become(book.accounts.named("Odo").id, role: "office", by: "Runa")
    look("/visits")
    expect(last_response.body).to include(first)
    book.accounts.become(book.accounts.named("Odo").id, role: "learner", by: "Runa")
    second = book.feeds.token
    book.accounts.close(book.accounts.named("Odo").id, by: "Runa")
    expect([first, second, book.feeds.token].uniq.length).to eq 3
    expect(book.accounts.noted(9).map { |one| one[:says] }).to include(/calendars read was made anew/)
  end

  it "writes no trace into the server's words for what was only typed wrong" do
    as("fitter")
    row = book.openings.find(1)
    says = ->(path, values) {
      expect { outcome("POST", path, **values.transform_keys(&:to_s)) }
        .to output(/\A(Yellow Track: not read[^\n]*\n)?\z/).to_stderr
      expect(last_response.status).to be_between(400, 422)
    }
    says["/openings/1/corrections", {entry: "x", text: "y"}]
    says["/openings/#{row.id}/hand-over", {seen: "noon"}]
  end

  it "lets a key do what it was made for alone" do
    feed, asked = book.feeds.renew, book.invitations.make(role: "fitter", who: "Runa", by: "Odo")
    as(nil)
    look("/calendar/#{feed}.ics")
    expect(last_response.body).to start_with("BEGIN:VCALENDAR")
    [asked, feed.reverse, "#{feed}A"].each do |key|
      look("/calendar/#{key}.ics")
      expect(last_response.status).to eq 404
    end
    {"/account/join" => feed, "/account/new-password" => asked}.each do |path, key|
      look("#{path}?key=#{key}")
      look(path)
      expect(last_response["location"]).to end_with("/account/sign-in")
    end
  end

  it "reaches nothing of another opening by an entry's number" do
    as("fitter")
    other = book.openings.note(2, {kind: "remark", key: "remark", before: nil, after: "a"}) && book.log.of(2).last
    outcome("POST", "/openings/1/corrections", "entry" => other.id, "text" => "not so")
    expect(last_response.status).to eq 404
  end

  it "answers no host but its own, whatever is forged" do
    as("fitter")
    ["yellow.example", "127.0.0.1.yellow.example", "localhost:80@yellow.example"].each do |host|
      get("/", {}, {"HTTP_HOST" => host})
      expect(last_response.status).to eq 403
      get("/", {}, {"HTTP_HOST" => Site::HOST, "HTTP_X_FORWARDED_HOST" => host})
      expect(last_response.status).to eq 403
    end
  end

  it "signs in by itself for this machine alone, whatever a request says of where it comes from" do
    as("fitter")
    clear_cookies
    get("/", {}, {"HTTP_HOST" => Site::HOST, "REMOTE_ADDR" => "192.0.2.7", "HTTP_X_FORWARDED_FOR" => "127.0.0.1"})
    expect(last_response["location"]).to end_with("/account/sign-in")
  end

  it "takes so much that is sent up in a minute, and says when it takes more" do
    as("fitter")
    answers = Array.new(61) { outcome("POST", "/kits/file") && last_response }
    expect(answers.map(&:status).tally).to eq(422 => 60, 429 => 1)
    expect(answers.last.body).to match(/Too often: 61 times. Wait \d+ seconds/)
  end

  it "says on every answer what a browser may do with it" do
    as("fitter")
    ["/", "/css/base.css", "/account/sign-in", "/openings/99", "/search?q=\0"].each do |path|
      look(path)
      expect(last_response.headers).to include("x-frame-options" => "DENY", "x-content-type-options" => "nosniff",
        "referrer-policy" => "same-origin")
      expect(last_response["content-security-policy"]).to start_with("default-src 'self'; ")
      expect(last_response.headers).not_to include("strict-transport-security")
    end
  end
end
