# frozen_string_literal: true

require "puma"
require "puma/server"
require "socket"
require_relative "browser_helper"

# The application goes away while a fitter types, and comes back.
RSpec.describe "A server that goes away" do
  include_context "with the demo in the browser"

  def free_port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }

  def serve(port, app = Browser.app)
    @server = Puma::Server.new(app, nil, min_threads: 1, max_threads: 4)
    @server.add_tcp_listener("127.0.0.1", port)
    @server.run
  end

  def visit(path) = session.visit("http://127.0.0.1:#{@port}#{path}")

  def row = opening("B", "Osier Weir")

  before { serve(@port = free_port) }

  after { @server.stop(true) }

  it "keeps an answer that was pressed while nothing answered, and sends it again" do
    slider = book.openings.of(book.jobs.all.find { |job| job.name == "Tern House" }.id).last
    visit("/openings/#{slider.id}/look")
    session.find(".answers button", text: "yes")
    @server.stop(true)
    session.find(".answers button", text: "yes").click
    expect(session).to have_css("#away", text: "Not saved")
    serve(@port)
    expect(session).to have_css(".ask label", text: "What do you hear", wait: 45)
    expect(book.openings.find(slider.id).document["service.findings"]).to eq("next_too" => "yes")
  end

  it "sends a hand-over only once the server is heard: names and drawn lines stay where they are" do
    visit("/openings/#{row.id}/hand-over")
    session.fill_in("customer", with: "Runa")
    session.fill_in("reason", with: "The floor is not laid.")
    session.driver.browser.action.move_to(session.first(".sign svg").native).pointer_down.move_by(30,
      5).pointer_up.perform
    @server.stop(true)
    session.click_button("Hand it over")
    expect(session).to have_css("#away", text: "What you typed stands here")
    expect(session.first(".sign path")["d"]).not_to eq ""
    serve(@port)
    session.click_button("Hand it over")
    expect(session).to have_css(".empty-first", text: "Handed over.", wait: 45)
    expect(book.log.last(row.id, "signed").after["signatures"]).to include("fitter")
  end

  it "keeps a reading marked until it is saved, sends it again by itself, and loses nothing typed meanwhile" do
    visit("/openings/#{row.id}/measure")
    @server.stop(true)
    type("survey-widths-top", "1805")
    expect(session).to have_css("#away",
      text: /Not saved: width, head\. The application has not answered since \d\d:\d\d\./)
    expect(session).to have_css("#field-survey-widths-top.unsent")
    type("survey-widths-middle", "1806")
    expect(session).to have_css("#away", text: "width, head, width, middle")
    expect(row.document["survey.widths.top"]).to eq "1808"
    serve(@port)
    expect(session).to have_no_css("#away", wait: 45)
    expect(session).to have_no_css(".unsent")
    expect(row.document["survey.widths"].slice("top", "middle")).to eq("top" => "1805", "middle" => "1806")
  end

  it "says what keeps a reading out while another program holds the database, and sends it once that lets go" do
    visit("/openings/#{row.id}/measure")
    held = SQLite3::Database.new(book.file)
    held.execute("BEGIN IMMEDIATE")
    type("survey-widths-top", "1805")
    expect(session).to have_css("#away", text: "Not saved: width, head. Another program holds the database.", wait: 45)
    expect(session).to have_css("#field-survey-widths-top.unsent")
    held.execute("ROLLBACK")
    expect(session).to have_no_css("#away", wait: 20)
    expect(row.document["survey.widths.top"]).to eq "1805"
    held.close
  end

  it "sends all of several fields again, and tells what another changed meanwhile, with what was typed still there" do
    visit("/openings/#{row.id}/measure")
    @server.stop(true)
    readings = {"top" => "1805", "middle" => "1806", "bottom" => "1811"}
    readings.each { |place, text| type("survey-widths-#{place}", text) }
    type("survey-depth", "130")
    expect(session).to have_css("#away", text: "depth")
    book.openings.change(row.id, "survey.widths.bottom", "1820", seen: nil)
    serve(@port)
    expect(session).to have_no_css("#away", wait: 45)
    said = "Changed meanwhile from 1812 to 1820. You typed 1811."
    expect(session).to have_css("#says-survey-widths-bottom", text: said)
    expect(session.find_field("survey-widths-bottom").value).to eq "1811"
    expect(row.document["survey.widths"]).to include("top" => "1805", "middle" => "1806", "bottom" => "1820")
    expect(row.document["survey.depth"]).to eq "130"
  end

  it "sends nothing twice that is answered slowly once the server is back" do
    visit("/openings/#{row.id}/measure")
    @server.stop(true)
    {"depth" => "130", "widths-top" => "1805"}.each { |place, text| type("survey-#{place}", text) }
    expect(session).to have_css("#away", text: "depth")
    sent = []
    slowly = lambda do |env|
      if env["REQUEST_METHOD"] == "POST"
        sent << env["rack.input"].read[/key=([^&]+)/, 1]
        env["rack.input"].rewind
        sleep 4 if sent.one?
      end
      Browser.app.call(env)
    end
    serve(@port, slowly)
    expect(session).to have_no_css("#away", wait: 45)
    expect(sent).to match_array %w[survey.depth survey.widths.top]
    expect(row.document["survey.depth"]).to eq "130"
  end

  # Whether the page would ask before it is left.
  def asks?
    session.evaluate_script("(() => { const left = new Event('beforeunload', { cancelable: true }); " \
      "window.dispatchEvent(left); return left.defaultPrevented })()")
  end

  it "keeps what was typed while a proxy answers that the server is away, and goes on when it is back" do
    visit("/openings/#{row.id}/hand-over")
    session.fill_in("customer", with: "Runa")
    @server.stop(true)
    there, Browser.app = Browser.app, ->(_env) { [502, {"content-type" => "text/html"}, ["Bad gateway"]] }
    serve(@port)
    session.click_button("Hand it over")
    expect(session).to have_css("#away", text: "What you typed stands here")
    expect(session.find_field("customer").value).to eq "Runa"
    @server.stop(true)
    Browser.app = there
    serve(@port)
    visit("/openings/#{row.id}/measure")
    @server.stop(true)
    Browser.app = ->(_env) { [502, {"content-type" => "text/html"}, ["Bad gateway"]] }
    serve(@port)
    type("survey-depth", "130")
    expect(session).to have_css("#away", text: /Not saved: depth. The application has not answered since \d\d:\d\d/)
    @server.stop(true)
    Browser.app = there
    serve(@port)
    expect(session).to have_no_css("#away", wait: 45)
    expect(row.document["survey.depth"]).to eq "130"
  end

  it "asks before the page is left with something unsaved, and stays if told to" do
    visit("/openings/#{row.id}/measure")
    expect(asks?).to be false
    @server.stop(true)
    type("survey-depth", "130")
    expect(session).to have_css("#away", text: "Not saved: depth")
    expect(asks?).to be true
    session.dismiss_confirm(/Not saved: depth.*Leave the page without it/m) { session.click_link("Choose") }
    expect(session.find_field("survey-depth").value).to eq "130"
    serve(@port)
    expect(session).to have_no_css("#away", wait: 45)
    expect(asks?).to be false
    expect(row.document["survey.depth"]).to eq "130"
  end

  it "saves from a page that was open for another session of the same account, by itself" do
    visit("/openings/#{row.id}/measure")
    @server.stop(true)
    Browser.app = YellowTrack::Web::App.on(book, secret: "c" * 64, by_itself: "Runa") # no session goes on
    serve(@port)
    type("survey-depth", "130")
    expect(session).to have_css("#away", text: "This page was open too long to save from")
    expect(session).to have_css("#field-survey-depth.unsent")
    expect(session).to have_no_css("#away", wait: 45)
    expect(row.document["survey.depth"]).to eq "130"
  end

  it "keeps what was typed while one is signed out, and while another is in, until he is in again" do
    visit("/openings/#{row.id}/measure")
    book.accounts.end_all(book.accounts.named("Runa").id)
    @server.stop(true)
    book.accounts.add("Tern")
    Browser.app = YellowTrack::Web::App.on(book, secret: "b" * 64, by_itself: "Tern")
    serve(@port)
    type("survey-depth", "130")
    expect(session).to have_css("#away", text: "Another is signed in here now", wait: 45)
    expect(session.find_field("survey-depth").value).to eq "130"
    expect(row.document["survey.depth"]).not_to eq "130"
    @server.stop(true)
    book.accounts.end_all(book.accounts.named("Tern").id)
    Browser.app = YellowTrack::Web::App.on(book, secret: "b" * 64, by_itself: "Runa")
    serve(@port)
    expect(session).to have_no_css("#away", wait: 20)
    expect([row.document["survey.depth"], book.log.of(row.id).last.who]).to eq %w[130 Runa]
  end

  it "follows a way off the page once what was typed has arrived" do
    visit("/openings/#{row.id}/measure")
    session.find_field("survey-depth").send_keys([:control, "a"], "131")
    way = session.find(".rail a", text: "Choose").native
    session.driver.browser.action.move_to(way).click_and_hold
      .pause(device: session.driver.browser.action.pointer_inputs.first, duration: 0.5).release.perform
    expect(session).to have_css("h1", text: "Choose", visible: :all)
    expect(row.document["survey.depth"]).to eq "131"
  end
end
