# frozen_string_literal: true

require_relative "browser_helper"
require "support/share"

# One number in hand: row and place light each other up.
RSpec.describe "A number in hand" do
  include_context "with the demo in the browser"

  let(:size) { "/openings/#{opening("B", "Osier Weir").id}/size" }

  def held = session.all(".row-number.held").map { |row| row["data-row"] }

  def press(key) = session.driver.browser.action.send_keys(key).perform

  it "is taken by a press on its row: its field and its sum are there, its place is drawn with its figure" do
    session.visit(size)
    expect(session).to have_no_css(".part > .field")
    session.click_button("Lap")
    expect(held).to eq ["laps.lap"]
    expect(session).to have_field("set-lap")
    expect(session).to have_css(".held .sum", text: "Lap as it comes out")
    expect(session).to have_css(".set .lead.in-hand", text: "lap 34.0")
    press(:escape)
    expect(session).to have_no_css(".row-number.held")
    expect(session).to have_no_field("set-lap")
  end

  it "is taken from the bench too, and walked by keys, its row in sight above what is next" do
    session.visit(size)
    session.first(".set [data-place='panels.width'] .figure").click
    expect(held).to eq ["panels.width"]
    12.times { press("j") }
    row = session.find(".row-number.held")
    expect(session).to have_css(".held .sum")
    name, next_top = session.evaluate_script("[document.querySelector('.held .row-take').getBoundingClientRect(), " \
      "document.querySelector('.next').getBoundingClientRect().top]")
    expect([name["top"], name["bottom"]]).to match [be >= 0, be <= next_top]
    press("k")
    expect(session.find(".row-number.held")["data-row"]).not_to eq row["data-row"]
  end

  it "stays in hand when it is typed, and what was not taken stays in sight when it is let go" do
    session.visit(size)
    session.click_button("Lap")
    type("set-lap", "40")
    expect(session).to have_css(".held .row-figure", text: "40")
    expect(session).to have_css(".set .lead.in-hand", text: "lap")
    type("set-lap", "4o")
    expect(session).to have_css(".part > .field .says-fault", text: "\"4o\"")
    session.click_button("Floor gap")
    expect(session.find_field("set-lap").value).to eq "4o"
  end

  it "has the whole bench between rail and what is next, and it stays while the numbers pass" do
    Share.of(%w[A B C D F G H], 3).each do |letter|
      session.visit("/openings/#{opening(letter, "Osier Weir").id}/size")
      foot, next_top = session.evaluate_script("[document.querySelector('.clear-says').getBoundingClientRect()." \
        "bottom, document.querySelector('.next').getBoundingClientRect().top]")
      expect([letter, foot]).to match [letter, be <= next_top]
      session.execute_script("window.scrollTo(0, 700)")
      expect(session.evaluate_script("document.querySelector('.set').getBoundingClientRect().top")).to be >= 0
    end
  end

  it "comes near on a phone: the part of the drawing stands above its number" do
    Browser.size(session, Browser::PHONE, mobile: true)
    session.visit(size)
    whole = session.find(".set > svg")["viewBox"]
    session.click_button("Lap")
    expect(session).to have_css("figure.near > svg")
    expect(session.find(".set > svg")["viewBox"]).not_to eq whole
    top = session.evaluate_script("document.querySelector('figure.near').getBoundingClientRect().top")
    expect(top).to be_between(-1, 400)
    session.click_button("Lap")
    expect(session.find(".set > svg")["viewBox"]).to eq whole
  end

  it "is a reading too, of those that a slip would spoil the set by: it is drawn where the tape was held" do
    session.visit("/openings/#{opening("D", "Osier Weir").id}/size")
    session.find("#spare-each > summary", wait: 20).click # it asks whole plans
    row = session.first("#spare-each .row-number")
    row.find(".row-take").click
    expect(held).to eq [row["data-row"]]
    expect(session).to have_css(".set [data-place='#{row["data-row"]}'].in-hand .figure")
    press(:escape)
    expect(session).to have_no_css(".set [data-place='#{row["data-row"]}'] .figure")
  end

  it "lands in the first reading by m" do
    session.visit("/openings/#{opening("B", "Osier Weir").id}/measure")
    session.assert_selector("[data-keys]") # the keys are listened to
    Browser.front(session)
    session.driver.browser.action.move_to_location(3, 400).click.perform # the page is in hand, whatever was before it
    press("m")
    expect(session).to have_css("#survey-widths-top:focus")
  end
end
