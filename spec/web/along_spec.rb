# frozen_string_literal: true

require "json"
require "open3"
require "securerandom"

# What devices write away from the server, and send on.
RSpec.describe "A job that was taken along" do
  include Site

  let!(:row) { YellowTrack::Store::Clock.during(Time.now - 90 * 86_400) { hang } }

  # Sends on what was written; what came of it.
  def sent_on(path, form, at: Time.now, uid: SecureRandom.uuid, clock: Time.now)
    send_form("/along", {"uid" => uid, "at" => at.utc.iso8601, "now" => clock.utc.iso8601, "path" => path,
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

  it "dates nothing after now, nor long ago" do
    value("survey.depth", "131", at: Time.now + 3600)
    expect(Time.iso8601(last.at)).to be_within(5).of(Time.now)
    value("survey.depth", "132", seen: 9, at: Time.now - 80 * 86_400)
    expect(Time.iso8601(last.at)).to be_within(86_400).of(Time.now - 60 * 86_400)
    send_form("/along", {"uid" => SecureRandom.uuid, "at" => "noon", "path" => "/openings/#{row.id}/remarks",
                         "form" => "text=a"})
    expect(Time.iso8601(last.at)).to be_within(5).of(Time.now)
  end

  it "keeps what has a time that cannot be with both times, and takes it in once it is said which" do
    before = saved(row, "survey.depth")
    {Time.now - 91 * 86_400 => Time.now, Time.now - 3600 => Time.now - 40 * 86_400,
     Time.now + 2 * 86_400 => Time.now + 2 * 86_400}.each_with_index do |(at, clock), place|
      expect(value("survey.depth", "13#{place}", at:, clock:)).to include("how" => "asked")
    end
    expect(saved(row, "survey.depth")).to eq before
    look("/")
    expect(page.at_css("#along-bar")["data-quarrels"]).to eq "3"
    look("/along")
    expect(page.css(".quarrel").map { |one| one.text.gsub(/\s+/, " ") })
      .to all(match(/as this device says.*when it came in/))
    ids = page.css("form[action='/along/times'] input[name=id]").map { |one| one["value"] }.uniq
    send_form("/along/times", {"id" => ids[1], "when" => "told"})
    expect([saved(row, "survey.depth"), Time.iso8601(last.at)]).to match ["131", be_within(5).of(Time.now - 3600)]
    send_form("/along/times", {"id" => ids[0], "when" => "came"})
    expect([saved(row, "survey.depth"), Time.iso8601(last.at)]).to match ["130", be_within(5).of(Time.now)]
    send_form("/along/times", {"id" => ids[1], "when" => "told"})
    look("/along")
    expect(page.css(".quarrel").length).to eq 1
  end

  it "keeps what is refused once it is said when it was, until it is given up" do
    sent_on("/openings/#{row.id}/steps", {"step" => "gone"}, at: Time.now - 91 * 86_400)
    id = book.asked_times.of(1).first.id
    send_form("/along/times", {"id" => id, "when" => "told"})
    look("/along")
    expect(page.text).to include("There is no such step for this set any more", "gone")
    expect(book.asked_times.of(1).length).to eq 1
    send_form("/along/times", {"id" => id, "when" => "never"})
    expect(book.asked_times.of(1)).to eq []
  end

  it "takes pictures, turns and hand-overs in, each once, after what was read before them" do
    YellowTrack::Demo::Loader.new("").fill(book)
    opening = book.jobs.all.flat_map { |job| book.openings.of(job.id) }.find { |one|
      look("/openings/#{one.id}/adjust")
      page.at_css("form[action$='/moves']")
    }
    move = page.css("form[action$='/moves'] input[type=hidden]").to_h { |one| [one["name"], one["value"]] }
    path, uid = "/openings/#{opening.id}/moves", SecureRandom.uuid
    2.times { expect(sent_on(path, move.merge("suggested" => "1"), uid:)).to include("how" => "kept") }
    made = book.log.of(opening.id, kind: "move").count { |one| one.who == Site::FITTER }
    expect(sent_on(path, move.merge("suggested" => "1"))).to include("how" => "refused", "says" => /turned meanwhile/)
    expect(book.log.of(opening.id, kind: "move").count { |one| one.who == Site::FITTER }).to eq made
    over = {"seen" => "0", "reason" => "The floor is not laid.", "customer" => "the house", "was" => {"handed" => ""}}
    book.openings.note(opening.id, {kind: "remark", key: "remark", before: nil, after: "x"}, who: Site::FITTER)
    version = book.openings.find(opening.id).version.to_s
    told = sent_on("/openings/#{opening.id}/hand-over", over.merge("seen" => version))
    expect(told).to include("how" => "kept")
    expect(sent_on("/openings/#{opening.id}/hand-over", over)).to include("how" => "refused", "says" => /handed over/)
  end

  it "takes a picture in with its caption, once" do
    png, = Open3.capture2("convert", "-size", "8x6", "xc:gray", "png:-", binmode: true)
    dot = Rack::Test::UploadedFile.new(StringIO.new(png), "image/png", true, original_filename: "dot.png")
    values = {"uid" => SecureRandom.uuid, "at" => Time.now.utc.iso8601, "now" => Time.now.utc.iso8601,
              "path" => "/openings/#{row.id}/pictures", "form" => "caption=The+foot"}
    2.times { send_form("/along/pictures", values.merge("picture" => dot)) }
    expect(JSON.parse(last_response.body)).to include("how" => "kept")
    expect(book.log.of(row.id, kind: "picture").map { |one| one.after["caption"] }).to eq ["The foot"]
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
