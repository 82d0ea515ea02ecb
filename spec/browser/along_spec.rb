# frozen_string_literal: true

require_relative "browser_helper"
require "support/network"

# A job taken along, and the network cut.
RSpec.describe "Without a network, in the browser" do
  include_context "with the demo in the browser"

  let(:network) { Network.new(session) }
  let(:row) { opening("B", "Osier Weir") }

  before do
    session.visit("/jobs/#{row.job_id}")
    session.click_button("Take it along")
    expect(session).to have_css("[data-says]", text: /On this device as of \d\d:\d\d, \d+ pages/, wait: 30)
  end

  after do
    network.back
    network.close
    session.visit("/account")
    session.click_button("Sign out") if session.has_button?("Sign out", wait: 1)
    expect(session).to have_css("h1", text: "Sign in")
  end

  def now(key) = book.openings.find(row.id).document[key]

  it "measures, ticks, reads gaps and remarks with nothing to reach, and sends all in order once it is back" do
    network.cut
    session.visit("/openings/#{row.id}/measure")
    type("survey-depth", "131")
    expect(session).to have_css("#along-bar", text: /1 not sent yet, since \d\d:\d\d\. Numbers and drawings .* wait/)
    expect(session).to have_css("#field-survey-depth.queued")
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
    expect(now("survey.depth")).not_to eq "132"
    session.visit("/openings/#{row.id}/measure")
    expect(session.find_field("survey-depth").value).to eq "132"
    network.back
    expect(session).to have_css("#along-bar", visible: :hidden, wait: 15)
    entries = book.log.of(row.id).last(5)
    expect(entries.map(&:kind)).to eq %w[reading reading step reading remark]
    expect([now("survey.depth"), entries.map(&:who).uniq]).to eq ["132", ["Runa"]]
  end

  it "brings what quarrels to a page where both stand, and one press decides" do
    network.cut
    session.visit("/openings/#{row.id}/measure")
    type("survey-depth", "131")
    expect(session).to have_css("#field-survey-depth.queued")
    book.openings.change(row.id, "survey.depth", "125", seen: nil, who: "Odo")
    network.back
    session.visit("/along")
    expect(session).to have_no_css("[data-along-waiting] p", wait: 15)
    session.visit("/along")
    expect(session.all(".quarrel-value").map(&:text)).to eq %w[125 131]
    expect(grave_faults).to eq []
    session.click_button("Keep yours")
    expect(session).to have_no_css(".quarrel")
    expect(now("survey.depth")).to eq "131"
  end

  it "shows what is here where a page is not, and lets everything go with sign-out, once it is told what is lost" do
    network.cut
    session.visit("/openings/9/measure")
    expect(session).to have_css("[data-along-jobs]", text: "Osier Weir, as of")
    session.visit("/openings/#{row.id}/measure")
    type("survey-depth", "131")
    expect(session).to have_css("#field-survey-depth.queued")
    allow(book.sent).to receive(:once).and_raise(Sequel::DatabaseError)
    network.back
    session.visit("/account")
    session.dismiss_confirm(/1 not sent yet would be lost/) { session.click_button("Sign out") }
    session.accept_confirm(/1 not sent yet would be lost/) { session.click_button("Sign out") }
    expect(session).to have_css("h1", text: "Sign in")
    kept = "caches.keys().then(async (keys) => arguments[0]([keys, (await indexedDB.databases()).map((one) => " \
      "one.name), (await navigator.serviceWorker.getRegistrations()).length]))"
    names, _, workers = session.evaluate_async_script(kept)
    expect([names, workers]).to eq [[], 0]
  end
end
