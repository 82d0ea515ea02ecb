# frozen_string_literal: true

require_relative "browser_helper"

# A round by the keyboard alone, and a place slid along the opening on a phone.
RSpec.describe "Practice, in the browser" do
  include_context "with the demo in the browser"

  def keys(*pressed) = session.driver.browser.action.send_keys(*pressed).perform

  it "is answered by the keyboard alone, question after question" do
    session.visit("/practice")
    session.find("tr", text: "Tightest").click_button("A round")
    expect(session).to have_css(".tally", text: "Tightest, 1 of 10, level 1")
    keys("1", :enter)
    expect(session).to have_css(".says", text: "One more try")
    expect(session).to have_css("#part-0:focus")
    session.driver.browser.action.key_down(:control).send_keys("a").key_up(:control).perform
    keys("2", :enter)
    expect(session).to have_css(".marked-wrong", text: "the sum")
    session.find(".next a").send_keys(:enter)
    expect(session).to have_css(".tally", text: "2 of 10")
  end

  it "has a reading pressed on the drawing, and a guide slid along it, with one hand on a phone" do
    Browser.size(session, Browser::PHONE)
    session.visit("/practice/read-opening/3?level=3")
    session.find(".reading", text: "width, floor").click
    session.fill_in("part-1", with: "20")
    session.click_button("That is it")
    expect(session).to have_css(".marked-exact", text: "wrong reading")
    session.visit("/practice/guide-place/5?level=2")
    slider = session.find(".placing")
    slider.send_keys(:home, *[:right] * 3)
    expect(session.find_field("part-0").value).to eq "3"
    session.fill_in("part-0", with: "500")
    expect(slider.value).to eq "500"
    expect(sideways).to eq 0
    expect(grave_faults).to eq []
  end
end
