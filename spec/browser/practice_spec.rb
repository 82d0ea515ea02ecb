# frozen_string_literal: true

require_relative "browser_helper"
require "support/share"
require "support/network"

# A round by the keyboard alone, and a place slid along the opening on a phone.
RSpec.describe "Practice, in the browser" do
  include_context "with the demo in the browser"

  def keys(*pressed) = session.driver.browser.action.send_keys(*pressed).perform

  it "is answered by the keyboard alone, question after question" do
    session.visit("/practice")
    session.find(".drill", text: "Tightest").click_button("A round")
    expect(session).to have_css(".task", text: "Tightest, 1 of 10, level 1")
    keys("1", :enter)
    expect(session).to have_css(".says", text: "One more try")
    expect(session).to have_css("#part-0:focus")
    session.driver.browser.action.key_down(:control).send_keys("a").key_up(:control).perform
    keys("2", :enter)
    expect(session).to have_css(".marked-wrong", text: "the sum")
    session.find(".next a").send_keys(:enter)
    expect(session).to have_css(".task", text: "2 of 10")
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

  it "is played on the bench by keys alone: screws turned, gaps read again, until they are even" do
    left, right = YellowTrack::Desk::Practising.question("which-way", 2, 4).parts.first.answer.first
    session.visit("/practice/which-way/4?level=2")
    expect(session).to have_css("form[data-bench][data-ready]")
    before = session.all(".reading b").map(&:text)
    turn = lambda do |side, count|
      range = session.find(".screw[data-control=#{side}] .screw-range")
      range.send_keys(*([count.negative? ? :left : :right] * count.abs)) unless count.zero?
    end
    {"left" => -left, "right" => -right}.each { |side, count| turn.call(side, count) }
    expect(session.all(".screw-words").map(&:text).join).to match(/turns? (anti)?clockwise/)
    expect(session.all(".reading b").map(&:text)).to eq before
    session.click_button("I turned these")
    expect(session).to have_css(".so-far li", count: 1)
    expect(session.all(".reading b").map(&:text)).not_to eq before
    expect(session).to have_css("form[data-bench][data-ready]")
    {"left" => 2 * left, "right" => 2 * right}.each { |side, count| turn.call(side, count) }
    session.find("button[value=turn]").send_keys(:enter)
    expect(session).to have_css(".marked-good", text: "wrong way")
  end

  it "gives out findings one by one on a phone, and keeps what was chosen while the server is away" do
    Browser.size(session, Browser::PHONE)
    session.visit("/practice/what-ails/3?level=3")
    session.first(".ask-it").click
    expect(session).to have_css(".found-out dd", count: 1)
    cause = session.first(".loose input")
    cause.click
    network = Network.new(session)
    network.cut
    session.click_button("That is it")
    expect(session).to have_css("#away", text: "What you typed stands here")
    expect(cause).to be_checked
    network.back
    network.close
    session.click_button("That is it")
    expect(session).to have_css(".marked", text: "minutes")
    expect(sideways).to eq 0
    expect(grave_faults).to eq []
  end

  it "shows a lesson's sum as its number is moved by keys" do
    session.visit("/practice/panel-width/learn")
    expect(session).to have_css("[data-learn][data-ready]")
    expect(session.find("[data-learn-value]").text).to eq "46 mm"
    session.find("#at").send_keys(:right)
    expect(session.find("[data-learn-value]").text).to eq "50 mm"
    expect(session.find("[data-learn-sums]").text).to include("50")
    expect(grave_faults).to eq []
  end

  it "fits a phone and its reader, whatever is asked" do
    Browser.size(session, Browser::PHONE)
    Share.of(YellowTrack::Practice::Drills.all.keys, 4).each do |key|
      session.visit("/practice/#{key}/2?level=4")
      expect(session).to have_css("h1", visible: :all)
      expect([key, sideways, grave_faults]).to eq [key, 0, []]
    end
  end
end
