# frozen_string_literal: true

require "mini_magick"
require_relative "browser_helper"

RSpec.describe "Hanging and its log, in the browser" do
  include_context "with the demo in the browser"

  def path(letter, screen) = "/openings/#{opening(letter, "Osier Weir").id}/#{screen}"

  it "ticks the next step under the name of the account, and keeps the place on the page" do
    session.visit(path("B", "hang"))
    session.find("button[aria-label='Done: Run every panel from end to end']").click
    expect(session).to have_css(".next-sentence", text: "Take the panels off for paint")
    expect(session.current_url).to end_with("#step-trial")
    expect(session).to have_css("#step-trial", text: "Runa,")
    session.find("button[aria-label='Done, take back: Run every panel from end to end']").click
    expect(session).to have_css(".next-sentence", text: "Run every panel")
  end

  it "opens the sum behind a step's number" do
    session.visit(path("F", "hang"))
    session.find("#step-boards .working summary").click
    expect(session).to have_css("#step-boards .sum-name", text: "Longest screw")
  end

  it "writes the day of another trade down, and refuses none" do
    session.visit(path("F", "hang"))
    session.execute_script("document.querySelector('#step-boards input[type=date]').value = '2031-05-02'")
    session.within("#step-boards") { session.click_button("Write it down") }
    expect(session).to have_css("#step-boards", text: "until Friday 2 May")
  end

  it "keeps a picture with its caption, and a correction beside what it corrects" do
    Dir.mktmpdir do |folder|
      MiniMagick.convert { |tool| tool.merge!(["-size", "600x400", "xc:gray", "#{folder}/foot.png"]) }
      session.visit(path("B", "log"))
      session.attach_file("picture", "#{folder}/foot.png")
      session.fill_in("What it shows", with: "Left jamb, foot")
      session.click_button("Keep it")
      expect(session).to have_css("img[alt='Left jamb, foot']")
      wide = session.evaluate_async_script("const img = document.querySelector('.log-entry img'); " \
        "img.decode().then(() => arguments[0](img.naturalWidth))")
      expect(wide).to eq 320
      session.find(".log-entry:last-child summary").click
      session.within(".log-entry:last-child") do
        session.fill_in("What is right", with: "It is the right jamb")
        session.click_button("Write the correction")
      end
      expect(session).to have_css(".log-corrected", text: "It is the right jamb")
    end
  end

  it "shows only what is asked for" do
    session.visit(path("B", "log"))
    session.click_link("moves")
    expect(session).to have_css(".log-entry", count: 1, text: "right hanger 1 turn clockwise")
    session.click_link("by Odo")
    expect(session).to have_css(".log-entry", minimum: 4)
    expect(session).to have_no_css(".log-entry", text: "Runa")
  end
end
