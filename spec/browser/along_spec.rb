# frozen_string_literal: true

require_relative "browser_helper"
require "support/network"

# A job taken along, and the network cut.
RSpec.describe "Without a network, in the browser" do
  include_context "with the demo in the browser"

  let(:network) { Network.new(session) }
  let(:row) { opening("B", "Osier Weir") }

  # Of the job's openings one: what is taken along is worked out page by page.
  before do
    book.openings.of(row.job_id).each { |one| book.openings.bin(one.id) unless one.id == row.id }
    session.visit("/jobs/#{row.job_id}")
    session.click_button("Take it along")
    expect(session).to have_css("[data-says]", text: /On this device as of \d\d:\d\d, \d+ pages/, wait: 30)
  end

  after do
    network.back
    network.close
    3.times do # what was kept on the device may answer once more before the network does
      session.visit("/account")
      break if session.has_css?("h1, button", text: /\ASign (in|out)\z/, wait: 5)
    end
    session.click_button("Sign out") if session.has_button?("Sign out", wait: 1)
    expect(session).to have_css("h1", text: "Sign in", wait: 45)
  end

  def now(key) = book.openings.find(row.id).document[key]

  # A reading is typed with nothing to reach.
  def typed_away(depth = "131")
    network.cut
    session.visit("/openings/#{row.id}/measure")
    type("survey-depth", depth)
    expect(session).to have_css("#field-survey-depth.queued")
  end

  def pictured
    Tempfile.create(["foot", ".png"]) do |file|
      system("convert", "-size", "8x6", "xc:gray", file.path)
      session.attach_file("picture", file.path)
      session.find("form[action*='/pictures'] button").click
      expect(session).to have_css("#along-bar", text: "6 not sent yet")
    end
  end

  def handed_over
    session.visit("/openings/#{row.id}/hand-over")
    session.fill_in("Name, for the house", with: "The house")
    session.fill_in("reason", with: "The floor is not laid.") if session.has_field?("reason", wait: 0)
    session.click_button("Hand it over")
    expect(session).to have_css("#along-bar", text: "7 not sent yet")
  end

  it "measures, ticks, reads gaps, remarks, pictures, hands over with nothing to reach, and sends each once in order" do
    typed_away
    expect(session).to have_css("#along-bar", text: /1 not sent yet, since \d\d:\d\d\. Numbers and drawings .* wait/)
    type("survey-depth", "132")
    session.visit("/openings/#{row.id}/hang")
    session.find("button[aria-label='Done: Run every panel from end to end']").click
    expect(session).to have_css("#step-trial.queued", text: /ticked \d\d:\d\d, not sent yet/)
    session.visit("/openings/#{row.id}/adjust?panel=B")
    gap = session.first("input[id^='hung-B-gaps']")["id"]
    type(gap, "4")
    session.visit("/openings/#{row.id}/log")
    session.fill_in("text", with: "Soft at the foot.")
    session.find("#adding button", text: "Write it down", match: :first).click
    expect(session).to have_css("#adding", text: "Soft at the foot. (not sent yet)")
    pictured
    handed_over
    expect(now("survey.depth")).not_to eq "132"
    session.visit("/openings/#{row.id}/measure")
    expect(session.find_field("survey-depth").value).to eq "132"
    network.back
    expect(session).to have_css("#along-bar", visible: :hidden, wait: 45)
    entries = book.log.of(row.id).last(7)
    expect(entries.map(&:kind)).to eq %w[reading reading step reading remark picture hand-over]
    expect([now("survey.depth"), entries.map(&:who).uniq]).to eq ["132", ["Runa"]]
  end

  it "tells a quarrel in the field that has the focus too, and brings it to a page where one press decides" do
    typed_away
    book.openings.change(row.id, "survey.depth", "125", seen: nil, who: "Odo")
    session.find_field("survey-depth").click
    network.back
    expect(session).to have_css("#along-bar", text: "1 of yours quarrels with what others wrote", wait: 45)
    expect(session).to have_css("#field-survey-depth.unsent", text: /Changed meanwhile from .* to 125.*You typed 131/)
    session.visit("/")
    expect(session).to have_css("#along-bar", text: "1 of yours quarrels")
    session.visit("/along")
    expect(session.all(".quarrel-value", count: 2).map(&:text)).to eq %w[125 131]
    expect(grave_faults).to eq []
    session.click_button("Keep yours")
    Timeout.timeout(20) { sleep 0.2 until now("survey.depth") == "131" }
    expect(session).to have_no_css(".quarrel")
  end

  it "shows what is here where a page is not, in a sentence, and clears nothing where no sign-out is answered" do
    typed_away
    session.visit("/openings/9/measure")
    expect(session).to have_css("[role=alert]", text: "This page is not on this device, and the server does not answer")
    expect(session).to have_css("[data-along-jobs]", text: "Osier Weir, as of")
    expect(session).to have_css("[data-along-waiting]", text: "survey.depth 131: not sent yet")
    out = "fetch('/account/sign-out', {method: 'POST'}).then(() => arguments[0]('sent'), () => arguments[0]('away'))"
    expect(session.evaluate_async_script(out)).to eq "away"
    allow(book.sent).to receive(:once).and_raise(Sequel::DatabaseError)
    network.back
    session.visit("/account")
    expect(session).to have_css("#along-bar", text: "1 not sent yet")
    network.cut
    session.accept_confirm(/1 not sent yet would be lost: survey.depth 131/) { session.click_button("Sign out") }
    expect(session).to have_css("#away", text: "you are still signed in, and nothing went from this device")
    session.visit("/along")
    expect(session).to have_css("[data-along-waiting]", text: "survey.depth 131: not sent yet")
    allow(book.sent).to receive(:once).and_call_original
    network.back
    expect(session).to have_css("#along-bar", visible: :hidden, wait: 20)
    expect(now("survey.depth")).to eq "131"
    lets_go
  end

  # Everything goes with a sign-out that is answered, once it is told what is lost.
  def lets_go
    typed_away("132")
    allow(book.sent).to receive(:once).and_raise(Sequel::DatabaseError)
    network.back
    session.visit("/account")
    session.dismiss_confirm(/1 not sent yet would be lost/) { session.click_button("Sign out") }
    session.accept_confirm(/1 not sent yet would be lost/) { session.click_button("Sign out") }
    expect(session).to have_css("h1", text: "Sign in")
    kept = "caches.keys().then(async (keys) => arguments[0]([keys, (await indexedDB.databases()).map((one) => " \
      "one.name), (await navigator.serviceWorker.getRegistrations()).length]))"
    names, _, workers = session.evaluate_async_script(kept)
    expect([names, workers, now("survey.depth")]).to eq [[], 0, "131"]
  end

  it "keeps what another wrote for him: it is neither shown nor sent nor cleared by whoever signs in" do
    typed_away
    Browser.app = YellowTrack::Web::App.on(book, secret: "c" * 64, by_itself: "Odo")
    network.back
    session.visit("/")
    expect(session).to have_css("#along-bar", text: "1 of another's wait on this device until he signs in", wait: 45)
    session.visit("/along")
    expect(session).to have_no_css("[data-along-waiting] p")
    expect(now("survey.depth")).not_to eq "131"
    Browser.app = YellowTrack::Web::App.on(book, secret: "d" * 64, by_itself: "Runa")
    session.visit("/")
    Timeout.timeout(20) { sleep 0.2 until now("survey.depth") == "131" }
    expect(book.log.of(row.id).last.who).to eq "Runa"
  end
end
