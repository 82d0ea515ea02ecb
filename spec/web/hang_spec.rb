# frozen_string_literal: true

RSpec.describe "Hanging" do
  include Site

  def tick(row, step, **rest) = send_form("/openings/#{row.id}/steps", {"step" => step, **rest.transform_keys(&:to_s)})

  def step(key) = page.at_css("#step-#{key.tr(".", "-")}")

  def wait(row, key, day) = send_form("/openings/#{row.id}/waits", {"step" => key, "day" => day})

  it "ticks a step with who and when, and takes it back by a new entry" do
    row = hang
    send_form("/who", {"who" => "Runa", "back" => "/openings/#{row.id}/hang"})
    tick(row, "line")
    look("/openings/#{row.id}/hang")
    expect(step("line").text).to include("Runa,")
    expect(step("line").at_css(".step-tick")["aria-pressed"]).to eq "true"
    expect(book.openings.find(row.id).stage).to eq "hang"
    tick(row, "line", undo: 1)
    look("/openings/#{row.id}/hang")
    expect(step("line").at_css(".step-tick")["aria-pressed"]).to eq "false"
    expect(book.log.of(row.id, kind: "step").map { |entry| [entry.key, entry.who, entry.after] })
      .to eq [["line", "Runa", true], ["line", "Runa", nil]]
  end

  it "warns where a step is done too early, and lets it be done" do
    row = hang
    tick(row, "guides")
    look("/openings/#{row.id}/hang")
    expect(step("guides").text).to include("Done before")
      .and include("Hang them again for good").and include("wrong place")
    expect(step("line").text).not_to include("Done before")
  end

  it "says until when a step waits for another trade, and asks for the day where there is none" do
    row = hang("survey.covering" => {"thickness" => 14, "laid" => false})
    look("/openings/#{row.id}/hang")
    expect(step("covering").text).to include("Waits for the floor layer. Ask for the day")
    wait(row, "covering", (Date.today + 3).iso8601)
    look("/openings/#{row.id}/hang")
    expect(step("covering").text).to include("Waits for the floor layer until")
    wait(row, "covering", (Date.today - 1).iso8601)
    look("/openings/#{row.id}/hang")
    expect(step("covering").text).to include("was promised for")
  end

  it "refuses what is no day, keeps what was typed and the day before" do
    row = hang("survey.covering" => {"thickness" => 14, "laid" => false})
    wait(row, "covering", "2027-03-01")
    wait(row, "covering", "in a week")
    expect(last_response.status).to eq 422
    expect(page.at_css("[role=alert]").text).to include("\"in a week\" is no day. Write it as")
    expect(page.at_css("input[name=day]")["value"]).to eq "in a week"
    expect(book.log.of(row.id, kind: "wait").last.after).to eq "2027-03-01"
  end

  it "has paint dry before the panels hang again" do
    row = hang
    tick(row, "paint")
    look("/openings/#{row.id}/hang")
    expect(step("rehang").text).to include("Not before").and include("16 hours to dry")
    dry = hang
    YellowTrack::Store::Clock.during(Time.now - 20 * 3600) { tick(dry, "paint") }
    look("/openings/#{dry.id}/hang")
    expect(step("rehang").text).not_to include("Not before")
  end

  it "does the trial hang over, once it is done" do
    row = hang
    send_form("/openings/#{row.id}/rounds", {})
    look("/openings/#{row.id}/hang")
    expect(step("trial.2")).to be_nil
    %w[trial off paint rehang].each { |key| tick(row, key) }
    send_form("/openings/#{row.id}/rounds", {})
    look("/openings/#{row.id}/hang")
    expect(step("trial.2").text).to include("Run every panel")
    expect(step("rehang").at_css(".step-tick")["aria-pressed"]).to eq "true"
  end

  it "comes to adjusting when all is done, and says what is next meanwhile" do
    row = hang
    look("/openings/#{row.id}/hang")
    expect(page.at_css(".next-sentence").text).to include("Check the kit")
    page.css("input[name=step]").map { |input| input["value"] }.each { |key| tick(row, key) }
    look("/openings/#{row.id}/hang")
    expect(page.at_css(".next-sentence").text).to eq "Read the gaps of A at the left jamb: top, middle, bottom."
    expect(page.at_css(".rail .current .done")).not_to be_nil
    expect(book.openings.find(row.id).stage).to eq "adjust"
  end

  it "does not take what was done for another set as done for this one" do
    row = hang
    %w[check track].each { |key| tick(row, key) }
    type(book.openings.find(row.id), "set.kit", "quad-42", stage: "size")
    look("/openings/#{row.id}/hang")
    expect(%w[check track].map { |key| step(key).at_css(".step-tick")["aria-pressed"] }).to eq %w[false false]
  end

  it "writes a tick down once, however often it is pressed" do
    row = hang
    2.times { tick(row, "line") }
    expect(book.log.of(row.id, kind: "step").length).to eq 1
  end

  it "knows no step but the set's own" do
    row = hang
    tick(row, "boards")
    expect(last_response.status).to eq 422
  end
end
