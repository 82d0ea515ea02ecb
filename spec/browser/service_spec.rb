# frozen_string_literal: true

require_relative "browser_helper"

RSpec.describe "A door that hangs badly, in the browser" do
  include_context "with the demo in the browser"

  let(:slider) { book.openings.of(book.jobs.all.find { |job| job.name == "Tern House" }.id).last }

  def press(name) = session.find(".answers button", text: name, match: :first).click

  def bars = session.all(".cause-name").map(&:text)

  it "goes from “it scrapes” to a named cause by keyboard alone, the next question at hand" do
    session.visit("/openings/#{slider.id}/look")
    expect(session).to have_css(".ask label", text: "Does the next panel, pair or leaf do it too?")
    session.execute_script("document.querySelector('.ask .answers button').focus()")
    session.send_keys(:enter)
    expect(session).to have_css(".ask label", text: "What do you hear")
    expect(session).to have_css(".answers button:focus", text: "quiet")
    3.times { session.send_keys(:tab) }
    expect(session).to have_css(".answers button:focus", text: "scrape")
    session.send_keys(:enter)
    expect(session).to have_css(".cause-name", text: /stands too high\s*9\d %/)
    expect(book.openings.find(slider.id).document["service.findings"].length).to be <= 5
  end

  it "is said where it is pressed, with one hand on a phone" do
    Browser.size(session, Browser::PHONE, mobile: true)
    session.visit("/openings/#{slider.id}/look")
    session.find(".spot-track").click
    session.find("#said-stiff button").click
    expect(session).to have_css("#said-stiff button[aria-pressed=true]")
    expect(book.openings.find(slider.id).document["service.symptoms"]).to eq %w[scrapes floor_changed stiff]
    small = session.evaluate_script("[...document.querySelectorAll('.spot, .symptom button, .answers button')]" \
      ".filter((one) => one.checkVisibility() && one.getBoundingClientRect().height < 37.5).length")
    expect(small).to eq 0
    expect(sideways).to eq 0
  end

  it "opens a share to its sum, and takes a cause up" do
    session.visit("/openings/#{slider.id}/look")
    session.find(".cause summary", match: :first).click
    expect(session).to have_css(".cause .sum-words", text: "weight ÷ all weights")
    session.find(".cause button", text: "Take it up", match: :first).click
    expect(session).to have_css(".cause-taken")
    expect(session).to have_css(".next", text: "On to")
  end
end
