# frozen_string_literal: true

require "json"
require "securerandom"

# What devices write away from the server, and send on.
RSpec.describe "A job that was taken along" do
  include Site

  let!(:row) { hang }

  # Sends on what was written; what came of it.
  def sent_on(path, form, at: Time.now, uid: SecureRandom.uuid)
    send_form("/along", {"uid" => uid, "at" => at.utc.iso8601, "path" => path,
                         "form" => Rack::Utils.build_nested_query(form)})
    JSON.parse(last_response.body)
  end

  def value(key, text, seen: row.version, **rest)
    sent_on("/openings/#{row.id}/values", {"key" => key, "value" => text, "seen" => seen.to_s, "unit" => "mm"}, **rest)
  end

  # Another writes meanwhile.
  def another(key, text, at: Time.now)
    YellowTrack::Store::Clock.during(at) { book.openings.change(row.id, key, text, seen: nil, who: "Odo") }
  end

  def last = book.log.of(row.id).last

  it "tells every page of it that there is, and every file that pages stand on" do
    look("/jobs/#{row.job_id}/along.json")
    told = JSON.parse(last_response.body)
    expect(told).to include("job" => row.job_id, "name" => "Osier Weir", "openings" => [row.id], "left" => 0)
    [*told["pages"], *told["files"]].each do |path|
      look(path)
      expect([path, last_response.status]).to eq [path, 200]
    end
    expect(told["pages"]).to include("/openings/#{row.id}/hang", "/openings/#{row.id}/sheet")
  end

  it "is taken in under its own time, by whoever wrote it, once however often it comes" do
    uid, at = SecureRandom.uuid, Time.now - 3600
    2.times { expect(value("survey.depth", "131", uid:, at:)).to include("how" => "kept") }
    expect(book.log.of(row.id, kind: "reading").map { |one| [one.after, one.who, one.at] })
      .to eq [["131", "Runa", at.utc.iso8601]]
  end

  it "takes several in their order: what one wrote himself before is no quarrel" do
    %w[131 132 133].each_with_index do |text, place|
      expect(value("survey.depth", text, at: Time.now - 100 + place)).to include("how" => "kept")
    end
    expect(saved(row, "survey.depth")).to eq "133"
  end

  it "dates nothing after now, nor long ago, whatever the device's clock says" do
    value("survey.depth", "131", at: Time.now + 86_400)
    expect(Time.iso8601(last.at)).to be_within(5).of(Time.now)
    value("survey.depth", "132", seen: 9, at: Time.at(0))
    expect(Time.iso8601(last.at)).to be_within(86_400).of(Time.now - 60 * 86_400)
    send_form("/along", {"uid" => SecureRandom.uuid, "at" => "noon", "path" => "/openings/#{row.id}/remarks",
                         "form" => "text=a"})
    expect(Time.iso8601(last.at)).to be_within(5).of(Time.now)
  end

  it "sets what both wrote side by side, and takes what is decided by one press" do
    another("survey.depth", "125")
    expect(value("survey.depth", "131", at: Time.now - 600)).to include("how" => "quarrel")
    expect(saved(row, "survey.depth")).to eq "125"
    look("/along")
    expect(page.css(".quarrel-value").map { |one| one.text.strip }).to eq %w[125 131]
    expect(page.at_css(".quarrel").text).to match(/depth.*Odo.*Keep this.*You.*Keep yours/m)
    send_form("/along/decide", {"opening" => row.id, "key" => "survey.depth", "keep" => "mine"})
    expect(saved(row, "survey.depth")).to eq "131"
    look("/along")
    expect(page.css(".quarrel")).to be_empty
  end

  it "lets what the other wrote stand where that is decided" do
    another("survey.depth", "125")
    value("survey.depth", "131", at: Time.now - 600)
    send_form("/along/decide", {"opening" => row.id, "key" => "survey.depth", "keep" => "theirs"})
    expect(saved(row, "survey.depth")).to eq "125"
    expect(book.drafts.by("account-1")).to eq []
  end

  it "holds what one typed elsewhere later against what he typed here" do
    type(row, "survey.depth", "126")
    expect(value("survey.depth", "131", at: Time.now - 600)).to include("how" => "quarrel")
  end

  it "keeps what cannot be read where it is seen" do
    expect(value("survey.depth", "13x")).to include("how" => "unread", "says" => /13x/)
    look("/along")
    expect(page.text).to include("Could not be read").and include("13x")
  end

  it "ticks steps, and lets another's later word on one be decided" do
    path = "/openings/#{row.id}/steps"
    expect(sent_on(path, {"step" => "line"})).to include("how" => "kept")
    sent_on(path, {"step" => "track"}, at: Time.now - 900)
    book.openings.note(row.id, {kind: "step", key: "track", before: true, after: nil}, who: "Odo")
    expect(sent_on(path, {"step" => "track"}, at: Time.now - 600)).to include("how" => "quarrel", "says" => /Odo took/)
    look("/along")
    expect(page.css(".quarrel-value").map { |one| one.text.strip }).to eq ["not done", "done"]
    send_form("/along/decide", {"opening" => row.id, "key" => "tick:track", "keep" => "mine"})
    expect(book.log.last(row.id, "track")).to have_attributes(after: true, who: "Runa")
  end

  it "refuses, with a reason, what has no place any more, and keeps the rest" do
    expect(sent_on("/openings/99/remarks", {"text" => "a"}))
      .to include("how" => "refused", "says" => /not in this book/)
    expect(sent_on("/openings/#{row.id}/steps", {"step" => "boards"})).to include("how" => "refused")
    expect(sent_on("/openings/#{row.id}/remarks", {"text" => " "})).to include("how" => "refused")
    expect(sent_on("/openings/#{row.id}/values", {"key" => "no.such", "value" => "1"})).to include("how" => "refused")
    expect(sent_on("/openings/#{row.id}/bin", {})).to include("how" => "refused", "says" => /takes nothing/)
    expect(sent_on("/openings/#{row.id}/remarks", {"text" => "Soft at the foot."})).to include("how" => "kept")
    expect(last).to have_attributes(kind: "remark", after: "Soft at the foot.")
  end

  it "lets nobody write away what he may not write here" do
    book.accounts.add("Odo", role: "office")
    serve(by_itself: "Odo")
    expect(sent_on("/openings/#{row.id}/steps", {"step" => "line"})).to include("how" => "refused", "says" => /office/)
    expect(value("survey.depth", "131")).to include("how" => "kept")
  end
end
