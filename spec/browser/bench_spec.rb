# frozen_string_literal: true

require_relative "browser_helper"
require "support/hung_panel"

RSpec.describe "The bench, in the browser" do
  include_context "with the demo in the browser"

  def adjust(letter = "B") = session.visit("/openings/#{opening(letter, "Osier Weir").id}/adjust")

  def advice = session.find(".next-sentence").text

  def read(panel, gaps)
    gaps.each do |gap, mm|
      id = "hung-#{panel}-gaps-#{gap}"
      version = session.find("#version", visible: :all)["data-version"]
      type(id, mm.to_s)
      expect(session).to have_no_css("#version[data-version='#{version}']", visible: :all)
    end
  end

  def ready = expect(session).to(have_css("[data-bench][data-ready]"))

  def text_of(output) = session.find("[data-output='#{output}']").text

  def layer(name) = session.find("[data-layer='#{name}']")["transform"]

  it "brings the demo's opening B to even by the screen's advice alone" do
    adjust
    panel = HungPanel.new("right", -6.0, 921, 2177)
    rounds = 0
    until session.has_css?(".settled", wait: 0.2)
      expect(rounds += 1).to be <= 3
      panel.follow(advice)
      session.click_button("I turned it")
      expect(session).to have_css(".told", text: "read the gaps")
      read("B", panel.gaps)
    end
    expect(session).to have_css(".settled", text: "Hand it over")
    expect(session).to have_css(".so-far li", minimum: 2)
    expect(panel.gaps.values.max - panel.gaps.values.min).to be <= 1
  end

  it "answers a turn at once, by button, key and finger, as Ruby worked it out" do
    adjust
    ready
    before = layer("lean")
    session.find("[data-control='right'] [data-by='1']").click
    expect(text_of("turned-right")).to eq "¼ turn clockwise"
    expect(layer("lean")).not_to eq before
    session.find("[data-control='right'] .screw-range").send_keys(:up, :up)
    expect(text_of("turned-right")).to eq "¾ turn clockwise"
    dial = session.find("[data-control='left'] .screw-dial")
    session.driver.browser.action.move_to(dial.native, 0, -20).click_and_hold.move_to(dial.native, 20, 0)
      .move_to(dial.native, 0, 20).release.perform
    expect(text_of("turned-left")).to eq "½ turn clockwise"
    expect(shown_by_ruby("left" => 2, "right" => 3)).to eq(shown)
  end

  def shown
    [*%w[then-top then-middle then-bottom at-left at-right turned-left turned-right].map { |output| text_of(output) },
      layer("rise"), layer("lean")]
  end

  # The same turning, drawn and written by the server.
  def shown_by_ruby(counts)
    session.within_window(session.open_new_window) do
      turned = counts.map { |name, count| "turn[#{name}]=#{count}" }.join("&")
      session.visit("/openings/#{opening("B", "Osier Weir").id}/adjust?panel=B&#{turned}")
      shown
    end
  end

  it "saves the last gap by Enter too, and says what a folding pair wants, meeting its neighbour" do
    adjust("D")
    read("A", "top" => 7, "bottom" => 5, "pivot" => 5, "lead" => 8)
    expect(session).to have_css(".told", text: "top pivot")
    session.click_link("Pair at D")
    read("D", "top" => 6, "bottom" => 6, "pivot" => 5, "lead" => 5)
    expect(session).to have_css(".row-name", text: "Meet")
  end

  it "writes down what was turned on the bench, by keys alone" do
    adjust
    ready
    session.find("[data-control='right'] .screw-range").send_keys(:up, :up, :up, :up, :up)
    expect(text_of("turned-right")).to eq "1¼ turns clockwise"
    session.find_button("I turned these").send_keys(:enter)
    expect(session).to have_css(".so-far li", count: 2)
    expect(session).to have_css(".so-far li:first-child", text: "right hanger 1¼ turns clockwise")
    expect(book.log.of(opening("B", "Osier Weir").id, kind: "move").last.after["turns"]).to eq 1.25
  end
end
