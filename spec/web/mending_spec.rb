# frozen_string_literal: true

# Doors that already hang: taken down, mended, hung again.
RSpec.describe "A door that is mended" do
  include Served

  it "takes it down in the order of its track, with the hands of its weight" do
    named
    {"set.width" => "866", "set.height" => "2223", "set.thickness" => "24", "set.weighed" => "32"}
      .each { |key, value| say(key, value) }
    look("/openings/#{id}/take-down")
    expect(plain(page.text)).to include("2 people, 32.0 kg a panel").and include("Say which it is")
    say("service.track", "no lift", stage: "take-down")
    say("service.holder", "1", stage: "take-down")
    look("/openings/#{id}/take-down")
    expect(plain(page.text)).to include("Score the paint line").and include("1 to hold it; it takes 2")
    service.freeing.each { |step| tick(step.key, stage: "take-down") }
    look("/openings/#{id}/take-down")
    expect(plain(page.text)).to include("It is down without its marks")
    expect(service.reached).to eq "mend"
  end

  it "marks Mend done once every step of its cause is ticked, and not before" do
    named
    mark = -> {
      look("/openings/#{id}/mend")
      page.css(".rail li").find { |one| one.text.include?("Mend") }.at_css(".done")
    }
    expect(service.fix).not_to be_empty
    service.fix[..-2].each { |step| tick(step.key, stage: "mend") }
    expect(mark.call).to be_nil
    tick(service.fix.last.key, stage: "mend")
    expect(mark.call).not_to be_nil
  end

  it "works out new rollers: gain, shift, what they do, and what will not go back in" do
    named
    {"set.width" => "866", "set.height" => "2223", "set.weighed" => "36"}.each { |key, value| say(key, value) }
    {"found.floor_left" => "5", "found.head" => "13.8", "found.lift" => "5.2", "old.wheel" => "21.6",
     "old.room" => "6", "old.closet" => "5", "new.wheel" => "24", "new.room" => "7.5", "new.closet" => "4.5",
     "new.material" => "steel", "new.bar" => "2"}.each { |key, value| say("service.#{key}", value, stage: "mend") }
    look("/openings/#{id}/mend")
    expect(plain(page.text)).to include("1.2 in height").and include("engagement then 15.0")
      .and include("lift room then 4.0")
      .and include("1 mm to the room or, turned round, 2 mm to the closet").and include("brass 18.0 kg on a wheel")
    expect(page.css(".check").map { |check| plain(check.text) }).to include(match(/2 mm of metal beyond the hole/))
  end

  it "sets mending beside new, with the cause's own minutes where nothing is typed" do
    named
    book.prices.set("rate", 40r)
    look("/openings/#{id}/mend")
    expect(plain(page.text)).to include("Mending100").or include("Mending 100") # two, while nobody weighed it
    {"parts" => "58", "door" => "60"}.each { |key, value| say("service.figures.#{key}", value, stage: "mend") }
    look("/openings/#{id}/mend")
    expect(plain(page.text)).to match(/158 against 60 new: 263 %/).and include("The customer decides")
  end

  it "asks what is left after a mend: what was asked stays, what was looked at is taken anew" do
    named
    send_form("/openings/#{id}/service/mended", {"seen" => row.version})
    expect(row.document["service"]).to include("mended" => ["wheel_worn"])
    expect(row.document["service"]).not_to include("cause")
    expect(service.findings.keys).to match_array %w[came old_wheels house]
    expect(service.diagnosis.causes.map { |one| one.cause.key }).not_to include("wheel_worn")
  end

  it "says beside the ranking how often a cause was named before, in the house and wrongly, and never by weight" do
    named
    send_form("/openings/#{id}/service/wrong", {"seen" => row.version})
    send_form("/jobs/#{job.id}/service", {"name" => "The other", "family" => "bottom-rolling"})
    other = last_response["location"][%r{/openings/(\d+)}, 1].to_i
    before = service.diagnosis
    type(book.openings.find(other), "service.symptoms", "scrapes", stage: "look")
    type(book.openings.find(other), "service.cause", "wheel_worn", stage: "look")
    look("/openings/#{other}/look")
    expect(plain(page.css(".look-causes").text)).to include("proved wrong 1")
    say("service.cause", "off_height")
    look("/openings/#{other}/look")
    expect(plain(page.css(".look-causes").text)).not_to include("in this house") # told from the second that held
    shares = YellowTrack::Desk::KeptOpening.new(book, book.openings.find(other)).service.diagnosis.causes.to_h { |one|
      [one.cause.key, one.share]
    }
    expect(shares["off_height"]).to be > 0
    expect(before).not_to be_nil
  end

  it "hangs it again: gaps into turns without a kit sheet, as found beside as left" do
    named
    look("/openings/#{id}/rehang")
    expect(plain(page.text)).to include("How wide and how high is a panel?")
    {"set.width" => "866", "set.height" => "2223"}.each { |key, value| say(key, value, stage: "rehang") }
    {"found.top" => "0", "left.top" => "2", "found.pull" => "24", "left.pull" => "30"}
      .each { |key, value| say("service.#{key}", value, stage: "rehang") }
    {"top" => "0", "middle" => "3", "bottom" => "6"}.each { |gap, mm| say("hung.B.gaps.#{gap}", mm, stage: "rehang") }
    look("/openings/#{id}/rehang?panel=B")
    expect(plain(page.text)).to include("The kit is not known").and include("right roller up")
      .and include("It takes 30.0 N to move")
    send_form("/openings/#{id}/moves", {"suggested" => "1", "stage" => "rehang", "panel" => "B", "seen" => row.version})
    expect(last_response["location"]).to end_with("/rehang?panel=B")
  end

  it "has one store of gaps: as found is what the bench reads until something is done, as left what it reads then" do
    named
    {"set.panels" => "2", "set.width" => "866", "set.height" => "2223", "service.leaf" => "2"}
      .each { |key, value| say(key, value) }
    say("service.found.top", "2")
    expect(row.document["hung.B.gaps.top"]).to eq "2"
    {"middle" => "3", "bottom" => "6"}.each { |gap, mm| say("hung.B.gaps.#{gap}", mm, stage: "rehang") }
    expect(row.document["service.found"]).to eq("top" => "2", "middle" => "3", "bottom" => "6")
    say("hung.A.gaps.top", "9", stage: "rehang")
    expect(row.document["service.found.top"]).to eq "2"
    service.fix.each { |step| tick(step.key) }
    say("hung.B.gaps.top", "0", stage: "rehang")
    look("/openings/#{id}/rehang?panel=B")
    expect(row.document["service.found.top"]).to eq "2"
    expect(plain(page.css(".readings-table").text)).to include("−2")
  end

  it "is handed over as what was done, once its gaps are even, and no check of a survey that it never had reaches it" do
    named
    sheet = -> { look("/openings/#{id}/hand-over/sheet") && plain(page.text) }
    expect(sheet.call).to include("Mended: ").and not_include("Fitted:").and not_include("Done:")
    say("service.findings.weight", "light", stage: "mend")
    service.fix.each { |step| tick(step.key, stage: "mend") }
    {"top" => "0", "middle" => "3", "bottom" => "6"}.each { |gap, mm| say("service.left.#{gap}", mm, stage: "rehang") }
    send_form("/openings/#{id}/hand-over", {"seen" => row.version.to_s, "fitter" => "Runa"})
    expect(page.text).to include("Gaps are not settled. Settle them")
    {"middle" => "0.5", "bottom" => "0.5"}.each { |gap, mm| say("service.left.#{gap}", mm, stage: "rehang") }
    send_form("/openings/#{id}/hand-over", {"seen" => row.version.to_s, "fitter" => "Runa"})
    expect(service).to be_closed
    expect(sheet.call).to include("Done: #{service.fix.first.says.delete_suffix(".")}")
    codes = YellowTrack::Desk::KeptOpening.new(book, row).all_checks.map(&:code)
    expect(codes.grep_v(/\Aservice\./)).to eq []
    look("/jobs/#{job.id}")
    expect(page.css(".hung .mark-stop")).to be_empty
  end

  it "feeds the job's price with hours and parts of the mend, and buys no new set for it" do
    named
    book.prices.set("rate", 40r)
    priced = -> { YellowTrack::Desk::Job.new(book, book.jobs.find(job.id)).price }
    expect(priced.call.materials.map(&:name)).to eq ["rollers, a pair", "screws"]
    stages = -> { YellowTrack::Desk::Job.new(book, book.jobs.find(job.id)).bill.stages }
    expect(stages.call["mend"]).to eq 2 * (1.25r + 10/60r) # and taking it down; two, for nobody weighed it
    expect(priced.call.labour.values.sum).to be > stages.call.values.sum # the road is in it
    look("/jobs/#{job.id}/price")
    expect(plain(page.text)).to include("rollers, a pair 1 piece").and include("mend 2.83 h")
    look("/jobs/#{job.id}/cut")
    expect(last_response).to be_ok
    say("service.cause", "")
    expect(stages.call["mend"]).to eq 2 * 45/60r # until its cause is named
  end

  it "is handed over, and says that a symptom is back when it troubles again within six weeks" do
    named
    send_form("/openings/#{id}/hand-over", {"seen" => row.version.to_s, "reason" => "The house was locked."})
    expect(plain(page.text)).to include("It would fall again: panel too heavy for its hardware.")
    say("service.findings.weight", "light", stage: "mend")
    send_form("/openings/#{id}/hand-over", {"seen" => row.version.to_s})
    expect(page.text).to include("Gaps are not read. Read them, or say why")
    send_form("/openings/#{id}/hand-over", {"seen" => row.version.to_s, "reason" => "The house was locked."})
    expect(service).to be_closed
    look("/openings/#{id}/rehang")
    expect(plain(page.text)).to include("Closed without readings as it was left").and include("It troubles again")
    send_form("/openings/#{id}/service", {})
    expect(row.document["service"]).to eq("symptoms" => [])
    say("service.symptoms", "scrapes")
    look("/openings/#{id}/look")
    expect(plain(page.text)).to include("It scrapes the floor or the rail: back within six weeks.")
  end

  it "trims a foot that the house came down on, at each end" do
    say("service.symptoms", "scrapes")
    say("service.cause", "house_moved")
    {"left" => "2", "right" => "1"}.each { |side, mm| say("service.found.floor_#{side}", mm) }
    say("set.gap", "9")
    look("/openings/#{id}/mend")
    expect(plain(page.text)).to include("Off the foot 7.0 left 8.0 right")
  end

  it "learns a kit's turn from the first move where nobody knows it" do
    learnt = YellowTrack::Adjust::Learnt
    move = learnt::Made.new(turns: 2r, taper: -6r, found: 0r, spacing: 766r, height: 2223r)
    unknown = YellowTrack::Files::Shelf.kit(YellowTrack::Files::Shelf.unknown_kit("bottom-rolling"))
    expect(learnt.new(unknown, [move]).used.to_f.round(2)).to eq 1.03
    expect(learnt.new(YellowTrack::Files::Shelf.kits["roll-36"], [move]).used).to be_nil
  end
end
