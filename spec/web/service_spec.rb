# frozen_string_literal: true

# Doors that already hang: said, asked, named.
RSpec.describe "A door that hangs badly" do
  include Served

  it "is taken in without a reading, its kit not known, on a rail of its own" do
    look("/openings/#{id}")
    follow_redirect!
    expect(page.css(".rail li").map { |one| plain(one.text)[/[A-Z][a-z ]+/].strip })
      .to eq ["Look", "Take down", "Mend", "Rehang", "Hand over"]
    expect(saved(row, "set.kit")["id"]).to eq "not-known"
    expect(page.text).to include("Press the place that troubles")
    look("/jobs/#{job.id}")
    expect(page.css(".hung li").text).to include("Press where it troubles")
    send_form("/jobs/#{job.id}/service", {"name" => "", "family" => "pocket"})
    expect(last_response.status).to eq 422
    send_form("/jobs/#{job.id}/service", {"name" => "Hall", "family" => "curtain"})
    expect(plain(page.text)).to include("Say how it hangs")
    expect(page.at_css("#served-name")["value"]).to eq "Hall"
  end

  it "says no symptom of what a door does not have, and has it back once it is told otherwise" do
    say("service.symptoms", "two_heights")
    say("service.has.neighbour", "no")
    expect(service.symptoms).to eq []
    say("service.has.neighbour", "yes")
    expect(service.symptoms).to eq %w[two_heights]
    expect(service.sayable?(nil)).to be false
  end

  it "asks one question at a time, and says why each cause stands where it does" do
    say("service.symptoms", "scrapes")
    asked = 0
    until service.diagnosis.next.nil? || asked > 12
      question = service.diagnosis.next
      finding = question.finding or next say("service.has.#{question.thing.key}", "no")
      look("/openings/#{id}/look")
      expect(page.at_css("#answer-#{finding.key.tr("_", "-")} label").text).to eq question.ask
      answer = {"came" => "slowly", "low" => "both_ends", "old_wheels" => "yes"}[finding.key]
      say("service.findings.#{finding.key}", answer || finding.answers.last)
      asked += 1
    end
    learnt = queries { look("/openings/#{id}/look") }.grep(/'service\.wrong'/)
    expect([learnt.length, page.css(".cause").length]).to match [1, be > 1] # asked once for all of them
    bar = page.at_css(".cause")
    expect(plain(bar.text)).to include(service.diagnosis.first.cause.label).and include("for: ")
    look("/openings/#{id}/service/sums/#{service.diagnosis.first.cause.key}")
    expect(page.css(".sum").length).to eq service.diagnosis.taken.length + 1
  end

  it "keeps a length as it was typed, in its unit, and refuses one past its bands" do
    say("service.symptoms", "scrapes")
    type(row, "service.findings.taper", "1/8", stage: "look", unit: "in")
    expect(saved(row, "service.findings.taper")).to eq "1/8 in"
    expect(service.findings["taper"]).to eq 3.175r
    say("service.findings.taper", "not known")
    expect(service.findings).to eq("taper" => nil)
    say("service.findings.taper", "2000")
    look("/openings/#{id}/look")
    expect(plain(page.text)).to include("2000 mm is no such length. From 0 to 1000 mm works.")
    expect(saved(row, "service.findings.taper")).to eq "unknown"
  end

  it "keeps what is not known apart from what was not asked, and lets an answer be changed" do
    say("service.symptoms", "scrapes")
    say("service.findings.came", "unknown")
    expect(service.diagnosis.next.finding.key).not_to eq "came"
    say("service.findings.came", "slowly")
    expect(service.findings).to eq("came" => "slowly")
    say("service.findings.came", "")
    expect(service.findings).to eq({})
  end

  it "tells a symptom that was said on another screen meanwhile" do
    say("service.symptoms", "scrapes")
    say("service.symptoms", "stiff", seen: row.version - 1)
    expect(saved(row, "service.symptoms")).to eq ["scrapes"]
    expect(book.db[:drafts].count).to eq 1
  end

  it "names no cause of another family, whatever the set turns into" do
    named
    tick("fix.wheel_worn.1")
    say("set.kit", "roll-36", stage: "look")
    expect(service.tick(service.fix.first)).not_to be_nil
    known = service.diagnosis.causes.map(&:cause).reject(&:none?)
    expect(known.map(&:for)).to all include("bottom-rolling")
    expect(service["cause"]).to eq "wheel_worn"
  end

  it "says which answers hardly ever come together, and which to ask again" do
    say("service.symptoms", "scrapes")
    {"came" => "from_new", "old_wheels" => "yes", "wheels_on" => "no", "wheels_turn" => "no", "rolls" => "yes",
     "track_look" => "dent"}.each { |key, answer| say("service.findings.#{key}", answer) }
    look("/openings/#{id}/look")
    expect(plain(page.text)).to include("These answers go ill together").and include("Ask again:")
  end

  it "tells in the log what was said, found, taken up and done, in words" do
    named
    tick("fix.wheel_worn.1")
    look("/openings/#{id}/log")
    told = plain(page.css(".log-says").text)
    expect(told).to include("said: nothing → It scrapes the floor or the rail")
      .and include("cause taken up: nothing → Wheel worn down or grooved").and include("Done: Measure the floor gap")
    tick("fix.wheel_worn.1", undo: 1)
    expect(service.tick(service.fix.first)).to be_nil
    tick("fix.nothing.1")
    expect(last_response.status).to eq 422
  end

  it "serves an opening of ours too, each rail a press from the other" do
    measured = hang("set" => {"family" => "pocket", "kit" => "pocket-90", "leaves" => 2, "thickness" => 35})
    send_form("/openings/#{measured.id}/service", {})
    look("/openings/#{measured.id}/look")
    expect(page.at_css(".other-rail").text).to include("as an opening")
    expect(page.css(".spot").length).to eq 6
    look("/openings/#{measured.id}/measure")
    expect(page.at_css(".other-rail a")["href"]).to end_with("/look")
    expect(page.css(".rail li").length).to eq 8
  end
end
