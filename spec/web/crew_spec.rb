# frozen_string_literal: true

# Who stands beside what, and how those of the firm look after each other.
RSpec.describe "The crew" do
  include Site

  def last_of(row) = book.log.of(row.id).last

  # Goes on as someone else, in a browser of his own.
  def as(name, role = "fitter")
    book.accounts.add(name, role:) unless book.accounts.named(name)
    serve(by_itself: name)
  end

  def id_of(name) = book.accounts.named(name).id

  it "stands beside everything that is written down" do
    row = hang
    type(row, "survey.depth", "120")
    expect(last_of(row)).to have_attributes(kind: "reading", who: "Runa")
    send_form("/openings/#{row.id}/notes", {"notes" => "soft foot"})
    expect(last_of(row)).to have_attributes(kind: "note", who: "Runa")
    send_form("/jobs/#{row.job_id}/cut", {"from" => row.id, "offcut" => "", "as_cut" => {"A-T1" => "1805"}})
    expect(last_of(row)).to have_attributes(kind: "cut", who: "Runa")
    send_form("/openings/#{row.id}/set", {"way" => "pocket-90:1:right", "seen" => book.openings.find(row.id).version})
    expect(last_of(row)).to have_attributes(kind: "choice", who: "Runa")
    send_form("/openings/#{row.id}/bin", {})
    expect(last_of(row)).to have_attributes(key: "binned", who: "Runa")
  end

  it "offers the log by each of them" do
    row = hang
    as("Odo")
    type(row, "survey.depth", "120")
    look("/openings/#{row.id}/log?by=Odo")
    expect(page.css(".log-entry").length).to eq 1
    expect(page.css(".log-filters a").map { |link| link.text.strip }).to include("by Odo", "by fitter")
  end

  it "makes a link for someone, tells it once, and lets him in by it, once" do
    send_form("/crew/invitations", {"who" => "the new one", "role" => "learner"})
    look("/crew")
    link = page.at_css("input[data-copied]")["value"]
    expect(link).to start_with("http://127.0.0.1/account/join?key=")
    expect(page.text).to include("For the new one, good once, for three days.")
    look("/crew")
    expect(page.at_css("input[data-copied]")).to be_nil
    expect(page.text).to include("a link was made for the new one, as learner")
    expect(join(link, "Odo")).to eq "/"
    expect(book.accounts.named("Odo").role).to eq "learner"
    expect(join(link, "Another")).to end_with("/account/sign-in")
    expect(book.accounts.noted(1).first).to include(who: "Runa", says: "Odo is in, as learner")
  end

  # Comes in by a link; where that leads.
  def join(link, name)
    other = Rack::Test::Session.new(YellowTrack::Web::App.on(book, secret: "s" * 64))
    there = {"HTTP_HOST" => Site::HOST}
    other.get(link.delete_prefix("http://127.0.0.1"), {}, there)
    other.get("/account/join", {}, there)
    token = Nokogiri::HTML5(other.last_response.body).at_css("input[name=authenticity_token]")&.[]("value")
    if token
      told = {"authenticity_token" => token, "name" => name, "password" => "a tape read from the left"}
      other.post("/account/join", told, there)
    end
    other.last_response["location"]&.delete_prefix("http://127.0.0.1")
  end

  it "leaves a link good where the name is taken, or none, or the password too short" do
    key = book.invitations.make(role: "fitter", who: "a", by: "Runa")
    link = "http://127.0.0.1/account/join?key=#{key}"
    ["runa", "1"].each { |name| expect(join(link, name)).to be_nil }
    expect(book.invitations.by_key(key)).not_to be_nil
    expect(join(link, "Odo")).to eq "/"
    expect(book.invitations.by_key(key)).to be_nil
  end

  it "makes one account by a link that two use at once" do
    key = book.invitations.make(role: "fitter", who: "a", by: "Runa")
    allow(book.invitations).to receive(:use).and_return(false)
    expect(join("http://127.0.0.1/account/join?key=#{key}", "Odo")).to be_nil
    expect(book.accounts.all.map(&:name)).to eq ["Runa"]
  end

  it "lets a link that was withdrawn, or is older than three days, in nowhere" do
    old = book.invitations.make(role: "fitter", who: "a", by: "Runa", now: Time.now - 3 * 24 * 3600 - 1)
    key = book.invitations.make(role: "fitter", who: "b", by: "Runa")
    look("/crew")
    expect(page.text).to include("Links that are out")
    send_form("/crew/invitations/#{book.invitations.by_key(key).id}/withdraw", {})
    [old, key].each { |each| expect(join("http://127.0.0.1/account/join?key=#{each}", "Odo")).to end_with("sign-in") }
    expect(book.accounts.all.map(&:name)).to eq ["Runa"]
  end

  it "is called what it is called, and nothing else" do
    send_form("/crew/firm", {"firm" => "Two of us"})
    look("/crew")
    expect(page.at_css("h1").text).to include("Two of us")
    send_form("/crew/firm", {"firm" => " "})
    expect([last_response.status, page.text]).to match [422, /no name of a firm/]
    expect(book.accounts.firm).to eq "Two of us"
  end

  it "says what is wrong with a link that is asked for" do
    send_form("/crew/invitations", {"who" => " ", "role" => "fitter"})
    expect([last_response.status, page.text]).to match [422, /Say whom the link is for/]
    send_form("/crew/invitations", {"who" => "Odo", "role" => "king"})
    expect([last_response.status, page.text]).to match [422, /"king" is no role: it takes fitter, office, learner/]
  end

  it "changes a role, lets someone in no more, and in again; the last fitter stays one" do
    id = book.accounts.add("Odo", role: "learner")
    send_form("/crew/#{id}/role", {"role" => "office"})
    expect(book.accounts.find(id).role).to eq "office"
    send_form("/crew/#{id}/close", {})
    expect(book.accounts.find(id).open).to be false
    send_form("/crew/#{id}/open", {})
    expect(book.accounts.find(id).open).to be true
    expect { book.accounts.become(id_of("Runa"), role: "office", by: "Runa") }.to raise_error(/last fitter/)
    expect { book.accounts.close(id_of("Runa"), by: "Odo") }.to raise_error(/last fitter/)
    expect(book.accounts.named("Runa")).to have_attributes(role: "fitter", open: true)
    look("/crew")
    expect(page.text).to include("Odo is office now, learner before")
  end

  it "lets the office look after the office and learners, and never after a fitter or itself" do
    learner = book.accounts.add("Tern", role: "learner")
    as("Odo", "office")
    [id_of("Runa"), id_of("Odo")].each do |id|
      %w[password close one-factor].each do |act|
        send_form("/crew/#{id}/#{act}", {})
        expect(last_response.status).to eq 403
      end
    end
    send_form("/crew/#{learner}/role", {"role" => "fitter"})
    expect(last_response.status).to eq 403
    send_form("/crew/invitations", {"who" => "a", "role" => "fitter"})
    expect(last_response.status).to eq 403
    send_form("/crew/#{learner}/password", {})
    look("/crew")
    expect(page.at_css("input[data-copied]")["value"]).to include("/account/new-password?key=")
  end

  it "sets a new password by a link, once, and signs out every device" do
    id = book.accounts.add("Odo")
    book.db[:account_active_session_keys].insert(account_id: id, session_id: "x", created_at: "2026-11-26T08:00:00Z",
      last_use: "2026-11-26T08:00:00Z")
    send_form("/crew/#{id}/password", {})
    look("/crew")
    link = page.at_css("input[data-copied]")["value"].delete_prefix("http://127.0.0.1")
    2.times { |turn| expect(renew(link)).to eq((turn == 0) ? 302 : nil) }
    expect(book.accounts.sessions(id)).to eq []
  end

  # Sets a password by a link; what is answered, nothing where the link is not good.
  def renew(link)
    other = Rack::Test::Session.new(YellowTrack::Web::App.on(book, secret: "s" * 64))
    there = {"HTTP_HOST" => Site::HOST}
    other.get(link, {}, there)
    other.get("/account/new-password", {}, there)
    token = Nokogiri::HTML5(other.last_response.body).at_css("input[name=authenticity_token]") or return
    other.post("/account/new-password", {"authenticity_token" => token["value"], "password" => "a tape from the right"},
      there)
    other.last_response.status
  end

  it "says when a crew is away for hours of a day, and takes a second factor off" do
    crew = book.crews.add("South")
    send_form("/crew/away", {"of" => crew.id.to_s, "away_on" => "2027-03-02", "hours" => "9:30-12", "why" => "dentist"})
    look("/crew")
    expect(plain(page.text)).to include("9:30 to 12:00, dentist")
    ib = book.accounts.add("Ib", role: "learner")
    send_form("/crew/#{ib}/one-factor", {})
    expect(last_response.status).to eq 303
    look("/crew")
    expect(page.text).to include("the second factor of Ib was taken off")
  end

  it "stays out of the demo once one signed out, until it is told to sign in by itself again" do
    send_form("/account/sign-out", {})
    look("/")
    look("/account/sign-in")
    expect(page.text).to include("Let the demo sign in by itself, as Runa")
    look("/?again=1")
    expect(last_response).to be_ok
  end

  it "signs out at once whoever may not come in any more" do
    as("Odo")
    look("/")
    expect(last_response).to be_ok
    book.accounts.close(id_of("Odo"), by: "Runa")
    look("/account")
    expect(last_response["location"]).to end_with("/account/sign-in")
  end

  it "tells a page that is sent on in another session its token, and whose it is" do
    look("/token")
    expect(JSON.parse(last_response.body)).to include("account" => id_of("Runa"), "token" => a_kind_of(String))
    serve
    get("/token", {}, {"HTTP_HOST" => Site::HOST, "HTTP_X_REQUESTED_WITH" => "XMLHttpRequest"})
    expect([last_response.status, last_response.body]).to match [401, /signed out/]
  end
end
