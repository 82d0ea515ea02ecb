# frozen_string_literal: true

require_relative "browser_helper"

RSpec.describe "Once more, in a browser" do
  include_context "with the demo in the browser"

  it "goes on from the last card to what is read once more, without the first reading, and takes it by Enter" do
    Browser.size(session, Browser::PHONE, mobile: true)
    session.visit("/openings/#{opening("D", "Osier Weir").id}/measure")
    session.assert_selector(".once-more summary", text: /\A3 readings\z/)
    next_one = session.find(".one-by-one [data-step='1']")
    20.times do
      break if session.evaluate_script("document.activeElement.closest('.once-more') !== null")

      next_one.click
      session.assert_selector("body")
    end
    expect(session.evaluate_script("document.activeElement.value")).to eq ""
    field = session.find("#survey-widths-top", visible: :all)
    expect(session.evaluate_script("getComputedStyle(arguments[0]).color", field)).to eq "rgba(0, 0, 0, 0)"
    session.driver.browser.action.send_keys("1638", :enter).perform
    expect(session.find(".once-more .says").text).to eq "Width at the head: the same. Sure."
    session.refresh
    session.find(".once-more summary", text: "readings").click
    expect(session).to have_css(".once-more form summary")
    expect(session).not_to have_css(".once-more form summary", text: "Width at the head")
  end
end
