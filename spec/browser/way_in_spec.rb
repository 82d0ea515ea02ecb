# frozen_string_literal: true

require "bcrypt"
require_relative "browser_helper"

# A link that lets someone in, on his phone.
RSpec.describe "The way in, in the browser" do
  include_context "with the demo in the browser"

  around do |example|
    cost, BCrypt::Engine.cost = BCrypt::Engine.cost, BCrypt::Engine::MIN_COST
    example.run
    BCrypt::Engine.cost = cost
  end

  def sound = expect(grave_faults).to(eq([])) && expect(sideways).to(eq(0))

  it "is made by one, opened by another with one hand, and done by the keyboard alone the next time" do
    session.visit("/crew")
    session.fill_in("For whom", with: "the new one")
    session.select("learner", from: "As")
    session.click_button("Make a link")
    link = session.find("input[data-copied]").value
    sound
    session.visit("/account")
    sound
    session.find("form[data-way-out] button").click
    expect(session).to have_css("h1", text: "Sign in")
    Browser.size(session, Browser::PHONE)
    sound
    session.visit(link)
    expect(session).to have_css("p", text: "Runa asks you in as learner.")
    sound
    session.fill_in("name", with: "Tern")
    session.fill_in("password", with: "a tape read from the left")
    session.click_button("show")
    expect(session.find_field("password")["type"]).to eq "text"
    session.click_button("Come in")
    expect(session).to have_css(".job-row h2", text: "Osier Weir")
    session.visit("/openings/2/measure")
    expect(session.all("main form[method=post] input:not([type=hidden])", visible: :all)).to all be_disabled
    ground = "getComputedStyle(document.getElementById('survey-widths-top')).backgroundColor"
    expect(session.evaluate_script(ground)).to eq "rgb(233, 236, 239)" # seen to be so, by night too
    Browser.theme(session, "dark")
    expect(session.evaluate_script(ground)).to eq "rgb(38, 54, 56)"
    Browser.theme(session, "light")
    session.visit("/account")
    session.find("form[data-way-out] button").click
    expect(session).to have_css("h1", text: "Sign in")
    keys = ["tern", :tab, "a tape read from the left", :enter]
    session.driver.browser.action.send_keys(*keys).perform
    expect(session).to have_css(".job-row h2", text: "Osier Weir")
  end
end
