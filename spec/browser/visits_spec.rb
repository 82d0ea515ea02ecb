# frozen_string_literal: true

require_relative "browser_helper"

RSpec.describe "Visits, in the browser" do
  include_context "with the demo in the browser"

  let(:job) { book.jobs.all.find { |one| one.name == "Osier Weir" } }

  def kept = book.plans.find(job.id)

  def visits = session.all("[data-visit]", minimum: 2)

  # The day that is so many columns after a visit's.
  def day_after(visit, columns)
    days = session.all("[data-column]", visible: :all).map { |one| one["data-column"] }
    days[days.index(visit["data-day"]) + columns]
  end

  it "puts the covering off by a week, reads what moves beside the old, and keeps it, by keyboard alone" do
    session.visit("/jobs/#{job.id}/visits")
    was = kept.plan["end"]
    session.find(".visit-try summary").send_keys(:enter)
    session.find("#try-step").send_keys("B-cover")
    later = Date.iso8601(kept.plan["steps"].find { |step| step["key"] == "B-cover" }["end"][0, 10]) + 7
    session.find("#try-day").send_keys(later.strftime("%m%d%Y"))
    session.find("#try-day").send_keys(:enter)
    expect(session).to have_css("#keep", text: "Osier Weir: covering B put on")
    expect(session).to have_css("#keep th", text: "ended")
    expect(kept.plan["end"]).to eq was
    session.find("#keep .btn-ink").send_keys(:enter)
    expect(session).to have_no_css("#keep")
    expect(book.boards.last.asked["put"]).to eq("#{job.name.downcase.tr(" ", "-")}-#{job.id}:B-cover" => later.iso8601)
    expect(kept.plan["end"]).to be >= was
  end

  it "moves a visit under the arrow keys, and hangs it there with Enter" do
    session.visit("/jobs/#{job.id}/visits")
    visit = visits.last
    to = day_after(visit, -1)
    uid = visit["data-visit"]
    session.execute_script("arguments[0].focus()", visit)
    session.send_keys(:left)
    expect(visit["aria-description"]).to eq "to #{to}, Enter"
    session.send_keys(:enter)
    expect(session).to have_css("#keep")
    expect(session.current_url).to include(to)
    expect(session).to have_css("#keep", text: "put on #{Date.iso8601(to).strftime("%-d %B")}")
    expect(uid).to start_with("visit.")
  end

  it "moves a visit under the pointer to the day it is let go over" do
    session.visit("/jobs/#{job.id}/visits")
    visit = visits.first
    to = day_after(visit, 3)
    column = session.find("[data-column='#{to}']", visible: :all)
    by = session.evaluate_script("((a, b) => { const [x, y] = [a, b].map((one) => one.getBoundingClientRect()); " \
      "return [y.left + y.width / 2 - (x.left + x.width / 2), 0] })(arguments[0], arguments[1])", visit, column)
    session.driver.browser.action.move_to(visit.native).pointer_down.move_by(*by.map(&:round)).pointer_up.perform
    expect(session).to have_css("#keep", text: /moves|Keep/)
    expect(session.current_url).to include(to)
  end

  it "gives a house to another crew: dragged to its rail, or by the arrow keys" do
    session.visit("/visits")
    visit = visits.first
    from, to = session.all("[data-rail]", visible: :all).map { |rail| rail["data-rail"] }
      .then { |keys| [visit["data-crew"], (keys - [visit["data-crew"]]).first] }
    session.execute_script("arguments[0].focus()", visit)
    way = session.all("[data-rail]", visible: :all).map { |rail| rail["data-rail"] }.index(from).zero? ? :down : :up
    session.send_keys(way, :enter)
    expect(session).to have_css("#keep", text: "for #{book.crews.all.find { |crew| crew.key == to }.name}")
    expect(session).to have_no_css("#keep", text: "put on")
    session.visit("/visits")
    rail = session.find("[data-rail='#{to}']", visible: :all)
    by = session.evaluate_script("arguments[1].getBoundingClientRect().top + 30 - " \
      "arguments[0].getBoundingClientRect().top", visits.first, rail)
    session.driver.browser.action.move_to(visits.first.native).pointer_down.move_by(0, by.round).pointer_up.perform
    expect(session).to have_css("#keep", text: "for #{book.crews.all.find { |crew| crew.key == to }.name}")
  end

  it "opens a visit at a press, by finger on a phone, with nothing sideways but the track" do
    Browser.size(session, Browser::PHONE, mobile: true)
    session.visit("/jobs/#{job.id}/visits")
    expect(sideways).to eq 0
    session.execute_script("arguments[0].scrollIntoView({inline: 'center'})", visits[1])
    visits[1].click
    expect(session).to have_css("#open-visit-name", text: /\A2 /)
  end

  it "goes to the visits by g and v, and hands a door over with a drawn line" do
    session.visit("/")
    session.find("body").send_keys("g", "v")
    expect(session).to have_css("h1", text: /\AVisits: 2 crews/)
    session.first("[data-visit]").click
    expect(session).to have_css("#open-visit-name", text: /leave at/)
    row = opening("B", "Osier Weir")
    session.visit("/openings/#{row.id}/hand-over")
    session.fill_in("reason", with: "The floor layer is not done.")
    session.fill_in("customer", with: "Runa")
    picture = session.first(".sign svg")
    session.driver.browser.action.move_to(picture.native).pointer_down.move_by(40, 10).move_by(30,
      -20).pointer_up.perform
    expect(session.first(".sign path")["d"]).to match(/\AM\d+ \d+ L\d+ \d+/)
    session.click_button("Hand it over")
    expect(session).to have_css(".empty-first", text: "Handed over.")
    expect(session).to have_css(".signed svg path")
    expect(book.dues.of("look-back").map(&:opening_id)).to include(row.id)
  end
end
