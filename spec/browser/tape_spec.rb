# frozen_string_literal: true

require_relative "browser_helper"

RSpec.describe "A tape that types" do
  include_context "with the demo in the browser"

  readings = ["1.806m", "71 1/16in", "1809"]
  fields = %w[survey-widths-top survey-widths-middle survey-widths-bottom]

  let(:row) do
    job = book.jobs.add(name: "Tern House", units: "mm")
    blank = YellowTrack::Store::Document.blank(name: "Hall", units: "mm", grain: "1 mm",
      set: {"family" => "bypass", "kit" => "twin-42"})
    book.openings.add(job_id: job.id, document: blank)
  end

  # What bin/tape does, in this process: the page's stream reads the same table.
  def play(readings)
    file = book.db.opts.fetch(:database)
    ENV.store("YELLOW_TRACK_DB", file)
    YellowTrack::Web::PlayTape.new(["--every", "0.3", *readings], output: StringIO.new).run
  ensure
    ENV.delete("YELLOW_TRACK_DB")
  end

  def listen(rules = {"tape" => "listen"})
    rules.each { |key, value| book.house_rules.set(key, value) }
    session.visit("/openings/#{row.id}/measure")
    session.find_field("survey-widths-top")
  end

  def saved(key) = book.openings.find(row.id).document["survey.#{key}"]

  it "fills reading after reading, in their order, each saved with the unit it came in" do
    listen
    expect(session).to have_css("[data-tape=listening]")
    play(readings)
    fields.zip(readings) { |id, text| expect(session).to have_field(id, with: text) }
    expect(session).to have_css("#survey-heights-left:focus")
    expect(session).to have_css(".next", text: "Read the height")
    expect([saved("widths.top"), saved("widths.middle"), saved("widths.bottom")]).to eq readings
  end

  it "takes what is typed while no field is in hand, and leaves the keys of the page alone without a digit" do
    listen
    session.execute_script("document.activeElement.blur()")
    session.driver.browser.action.send_keys("1.806m", :enter).perform
    expect(session).to have_field("survey-widths-top", with: "1.806m")
    expect(session).to have_css("#survey-widths-middle:focus")
    session.driver.browser.action.send_keys("180x", :enter).perform
    expect(session).to have_css("#says-survey-widths-middle", text: '"180x" is not a length')
  end

  it "goes to the page that was touched last" do
    listen
    expect(session).to have_css("[data-tape=listening]")
    other = session.open_new_window
    session.within_window(other) do
      session.visit("/openings/#{row.id}/measure")
      expect(session).to have_css("[data-tape=listening]")
      play(["1806"])
      expect(session).to have_field("survey-widths-top", with: "1806")
    end
    other.close
    expect(saved("widths.top")).to eq "1806"
    expect(saved("widths.middle")).to be_nil
  end

  it "is not listened to unless the house wants it" do
    listen("tape" => "")
    session.execute_script("document.activeElement.blur()")
    session.driver.browser.action.send_keys("3").perform
    expect(session).to have_current_path("/openings/#{row.id}/size")
  end
end
