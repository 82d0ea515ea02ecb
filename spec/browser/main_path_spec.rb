# frozen_string_literal: true

require_relative "browser_helper"

RSpec.describe "From readings to panels, in the browser" do
  include_context "with the demo in the browser"

  readings = {"survey-widths-top" => "1806", "survey-widths-middle" => "1804", "survey-widths-bottom" => "1809",
              "survey-heights-left" => "2241", "survey-heights-middle" => "2238", "survey-heights-right" => "2243"}
  few = 40..150 # words that a page says to who has never seen it, before he opens anything

  it "types the readings, sees the panel width, slides a panel, reloads, and all is still there, in few words" do
    session.visit("/")
    session.click_link("All jobs") # the first page is the crew's day
    session.find(".job-row h2 a", text: "Osier Weir").click
    session.find("summary", text: "New opening").click
    session.fill_in("Where is it", with: "Bunk room 3, wardrobe")
    session.click_button("Hang it here")
    readings.each { |id, text| type(id, text) }
    expect(session).to have_css(".next", text: "Take a diagonal")
    type("survey-diagonals-rising", "2881")
    expect(session).to have_css(".next", text: "panels come to 919").and have_css(".decides").and have_css(".once-more")
    expect(few).to cover(words_to_read.length)

    session.find(".next a").click
    expect(session).to have_css(".way-mine")
    expect(few).to cover(words_to_read.length)
    session.find(".way-mine button", text: "Take it").click
    session.click_link("Size")
    expect(session).to have_css("#numbers-panels .row-figure", text: "919").and have_css("#spare-title")
    expect(few).to cover(words_to_read.length)
    session.execute_script("document.querySelector('[data-moved=A]').value = 300; " \
      "document.getElementById('moving').dispatchEvent(new Event('input'))")
    expect(session).to have_css(".clear-says", text: "Clear 300")

    session.refresh
    expect(session).to have_css("#numbers-panels .row-figure", text: "919")
    session.click_link("Measure")
    readings.each { |id, text| expect(session.find_field(id).value).to eq text }
  end

  it "drags a panel with the pointer, no farther than its travel" do
    session.visit("/openings/#{opening("B", "Osier Weir").id}/size")
    panel = session.find(".set [data-panel=A][role=slider] .face").native
    session.driver.browser.action.move_to(panel).click_and_hold.move_by(400, 0).release.perform
    expect(session).to have_css(".clear-says", text: "Clear 887")
    expect(session.find("[data-moved=A]", visible: :all).value.to_f).to eq 887
  end

  it "drags a panel where it stands in the front, and hatches what comes clear" do
    session.visit("/openings/#{opening("B", "Osier Weir").id}/size")
    session.driver.browser.action.move_to(session.all(".set [data-panel=A] .face").first.native).click_and_hold
      .move_by(60, 0).release.perform
    expect(session).to have_css(".set .hatch")
    expect(session).to have_css(".clear-says", text: /Clear \d+/)
  end

  it "slides a panel under a finger, on a phone" do
    Browser.size(session, Browser::PHONE, mobile: true)
    session.visit("/openings/#{opening("B", "Osier Weir").id}/size")
    session.execute_script("document.querySelector('.set [role=slider]').scrollIntoView({ block: 'center' })")
    x, y = session.evaluate_script("(() => { const box = document.querySelector('.set [data-panel=A][role=slider] " \
      ".face').getBoundingClientRect(); return [box.x + box.width / 2, box.y + box.height / 2] })()")
    Browser.swipe(session, [x, y], [x + 220, y])
    expect(session).to have_css(".clear-says", text: "Clear 887")
  end

  it "slides by keyboard alone, and opens a sum" do
    session.visit("/openings/#{opening("B", "Osier Weir").id}/size")
    session.execute_script("document.querySelector('[data-move=B]').focus()")
    before = session.find("[data-move=B]")["aria-valuenow"].to_f
    session.send_keys(:left)
    expect(session).to have_css("[data-move=B][aria-valuenow='#{(before - 10).to_i}']")
    session.send_keys([:shift, :left])
    expect(session).to have_css("[data-move=B][aria-valuenow='#{(before - 11).to_i}']")
    session.send_keys(:home)
    expect(session).to have_css(".clear-says", text: "Clear 887")
    session.find("#working-panels-width summary").send_keys(:enter)
    expect(session).to have_css(".sum-words", text: "down((run + laps × lap − meets × meet gap) ÷ panels, grain)")
  end

  it "keeps what stands open, and the field in hand, when another kit brings another page" do
    session.visit("/openings/#{opening("B", "Osier Weir").id}/size")
    session.find("#numbers-panels .row-take", match: :first).click
    session.find("#choosing-panels > summary").then { |one| session.scroll_to(one, align: :center) && one.click }
    session.select("Floor roller 36", from: "set-kit")
    expect(session).to have_css("#numbers-track-floor-rail, .row-name", text: "Floor rail")
    expect(session.find("#choosing-panels")[:open]).to be_truthy
    expect(session).to have_css("#set-kit:focus")
  end

  it "keeps what cannot be read beside its message, after a reload too" do
    session.visit("/openings/#{opening("B", "Osier Weir").id}/measure")
    type("survey-widths-top", "18o8")
    expect(session).to have_css("#says-survey-widths-top", text: '"18o8" is not a length')
    session.refresh
    expect(session.find_field("survey-widths-top").value).to eq "18o8"
    session.click_button("Keep 1808")
    expect(session).to have_no_css("#says-survey-widths-top p")
    expect(session.find_field("survey-widths-top").value).to eq "1808"
  end

  it "tells a second tab what changed, and keeps both values" do
    row = opening("B", "Osier Weir")
    path = "/openings/#{row.id}/measure"
    session.visit(path)
    first = session.current_window
    second = session.open_new_window
    session.within_window(second) do
      session.visit(path)
      Browser.size(session, Browser::DESK)
      type("survey-widths-top", "1806")
      expect(session).to have_css("#version[data-version='#{row.version + 1}']")
    end
    session.switch_to_window(first)
    type("survey-widths-top", "1810")
    expect(session).to have_css("#says-survey-widths-top", text: "Changed meanwhile from 1808 to 1806. You typed 1810.")
    session.click_button("Use mine")
    expect(session).to have_css("#version[data-version='#{row.version + 2}']")
    expect(session.find_field("survey-widths-top").value).to eq "1810"
  end

  it "shows which reading does not close, at its tape line" do
    session.visit("/openings/#{opening("A", "Tern House").id}/measure")
    expect(session).to have_css("#tally", text: "These readings do not close")
    expect(session).to have_css(".tape.suspect[data-reading='diagonals.rising']")
    expect(session).to have_css("#field-survey-diagonals-rising .says-suspect")
    type("survey-diagonals-rising", "101 5/8")
    expect(session).to have_no_css(".tape.suspect")
    expect(session).to have_no_css(".says-suspect")
  end

  it "goes from stage to stage by number keys" do
    session.visit("/openings/#{opening("B", "Osier Weir").id}/measure")
    session.find("body").send_keys("3")
    expect(session).to have_css("h1", text: "Size", visible: :all)
  end

  it "comes from the wall to a sized plan by the keyboard alone, in under 150 keys" do
    @keys = 0
    press = lambda do |*keys|
      keys.each { |key| @keys += key.is_a?(String) ? key.length : 1 }
      session.driver.browser.action.send_keys(*keys).perform
    end
    session.visit("/jobs/1")
    session.find("body").send_keys("n")
    expect(session).to have_css("#opening-name:focus")
    press.call("Loft 2", :enter)
    @keys += 1
    expect(session).to have_css("#survey-widths-top:focus")
    %w[1806 1804 1809 2241 2238 2243 2881].each { |reading| press.call(reading, :enter) }
    expect(session).to have_css(".next", text: "panels come to 919")
    press.call(:escape, "3")
    expect(session).to have_css("#numbers-panels .row-figure", text: "919")
    press.call("j", "w")
    expect(session).to have_css(".sum-words", minimum: 1)
    expect(@keys).to be < 150
  end

  it "lists its keys" do
    session.visit("/")
    session.find("body").send_keys("?")
    expect(session).to have_css("dialog[open]", text: "the working of the number")
    session.driver.browser.action.send_keys(:escape).perform
    expect(session).to have_no_css("dialog[open]")
  end
end
