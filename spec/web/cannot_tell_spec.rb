# frozen_string_literal: true

# A diagnosis that knows when it does not know: by telephone, a few left, none of these, the firm's own book, what
# stands behind a mend, what held at the look-back.
RSpec.describe "A door whose cause is not told" do
  include Served

  # A bifold's pair that does not come flush, as nothing known explains it.
  def unexplained
    send_form("/jobs/#{job.id}/service", {"name" => "Odd pair", "family" => "bifold"})
    other = last_response["location"][%r{/openings/(\d+)/look}, 1].to_i
    allow(self).to receive(:id).and_return(other)
    say("service.symptoms", "not_flush")
    {"neighbour" => "yes", "half_jamb" => "no", "infill" => "no"}.each { |key, there| say("service.has.#{key}", there) }
    {"aligners" => "yes", "joint_moves" => "no", "pins_spring" => "yes"}
      .each { |key, is| say("service.findings.#{key}", is) }
    say("service.phone", "1")
    {"came" => "from_new", "marks" => "head",
     "damp" => "washed", "before" => "nothing", "wheels_on" => "yes"}
      .each { |key, is| say("service.findings.#{key}", is) }
  end

  it "is asked by telephone: what a customer can find alone, and what is brought" do
    say("service.symptoms", "scrapes")
    say("service.phone", "1")
    say("service.findings.came", "slowly")
    look("/openings/#{id}/look")
    expect(plain(page.css(".to-bring").text)).to include("Bring:").and include("Send:")
    expect(page.css(".asked").text).to include("by telephone")
    expect(saved(row, "service.told")).to eq ["came"]
    expect(service.diagnosis.askable.map(&:needs).uniq).to eq ["nothing"]
    say("service.phone", "0")
    say("service.findings.came", "at_once")
    expect(saved(row, "service.told")).to be_nil
  end

  it "asks at the door what nobody knew by telephone, and once more counts what is not known there" do
    say("service.symptoms", "scrapes")
    say("service.phone", "1")
    %w[came low damp house].each { |key| say("service.findings.#{key}", "unknown") }
    expect(service.diagnosis.state).to eq "none"
    say("service.phone", "0")
    expect(service.findings).to eq({})
    expect(book.log.latest(book.openings.find(id))).to have_attributes(key: "service.findings", after: nil)
    expect(service.diagnosis.next).not_to be_nil
    say("service.findings.came", "unknown")
    expect(service.findings).to eq("came" => nil)
    expect(saved(row, "service.told")).to be_nil
  end

  it "names the only cause that is left once something speaks for it, not before" do
    say("service.symptoms", "insects")
    book.openings.change(id, "service.mended", ["insects_old"], seen: nil)
    look("/openings/#{id}/look")
    expect(page.text).to include("Likeliest by far: Insects at work in the wood. Nothing is found yet that speaks")
    question = service.diagnosis.next.finding
    named = question.answers.map { |answer|
      say("service.findings.#{question.key}", answer)
      look("/openings/#{id}/look")
      page.text.include?("Named: Insects at work in the wood.")
    }
    expect(named).to include(true).and include(false)
  end

  it "has its things pressed three ways, and puts one that nobody knows of once" do
    say("service.symptoms", "rattles")
    stands = -> {
      look("/openings/#{id}/look")
      page.at_css("#has-infill button").then { |one| [plain(one.text), one["value"]] }
    }
    expect(stands.call).to eq ["glass, loose infill?", "yes"]
    say("service.has.infill", "yes")
    expect(stands.call).to eq ["glass, loose infill", "no"]
    say("service.has.infill", "no")
    expect(stands.call).to eq ["no glass", "unknown"]
    expect(service.diagnosis.causes.map { |one| one.cause.key }).not_to include("loose_glass")
    say("service.has.infill", "unknown")
    expect(stands.call.first).to eq "glass, loose infill?"
    expect(service.diagnosis.door.open_things.map(&:key)).not_to include("infill")
    expect(service.diagnosis.causes.map { |one| one.cause.key }).to include("loose_glass")
  end

  it "says that none fits, what is excluded and what to look at, and mends what is found by hand" do
    unexplained
    look("/openings/#{id}/look")
    expect(plain(page.at_css(".ended").text)).to include("None of these fits. Look by hand.").and include("Excluded")
      .and include("Hinge loose, or its holes torn joint moves: no").and include("Look at it by hand")
    expect(plain(page.css(".ill-together").text)).to include("marks: head 31 %")
    say("service.was", "A toy behind the lower pivot")
    say("service.cause", "none")
    look("/openings/#{id}/mend")
    expect(plain(page.text)).to include("Mend it: A toy behind the lower pivot").and include("45 minutes")
  end

  it "takes what it was into the firm's own book, where an answer tells it from the others" do
    unexplained
    say("service.was", "A toy behind the lower pivot")
    say("service.cause", "none")
    keep = ->(told) {
      send_form("/openings/#{id}/service/own", {"label" => "Toy behind the pivot", "symptoms" => ["not_flush"],
        "told" => told, "minutes" => "20", "fix" => "Take it out.\nTry it."})
    }
    keep.call(["wheels_on"])
    expect(plain(page.css(".own-cause .check").text)).to include("No answer tells it from “Panel warped”")
    expect(page.at_css("#own-label")["value"]).to eq "Toy behind the pivot"
    keep.call(%w[aligners came marks damp pins_spring joint_moves])
    expect(row.document["service.cause"]).to eq "own_toy_behind_the_pivot"
    look("/openings/#{id}/look")
    expect(plain(page.css(".look-causes").text)).to include("Toy behind the pivot").and include("the firm's own")
    look("/causes?family=bifold")
    expect(plain(page.css(".own-row").text)).to include("20 min").and include("marks: head")
    send_form("/causes/own_toy_behind_the_pivot/drop", {})
    expect(book.own_causes.all).to eq({})
    look("/openings/#{id}/look")
    expect(last_response).to be_ok
  end

  it "counts a mend at its look-back, and shifts what is likely first by it, never an answer" do
    named
    say("service.findings.weight", "light", stage: "mend")
    %w[top middle bottom].each { |gap| say("service.left.#{gap}", "0", stage: "rehang") }
    send_form("/openings/#{id}/hand-over", {"seen" => row.version.to_s, "fitter" => "Runa"})
    look("/openings/#{id}/hand-over")
    expect(plain(page.css("label[for=mend-held]").text)).to include("Wheel worn down or grooved. Did it hold?")
    send_form("/openings/#{id}/look-back", {"mend" => "curtain"})
    expect(page.text).to include("is no cause of such a door")
    send_form("/openings/#{id}/look-back", {"mend" => "held"})
    expect(book.held_mends.counts).to eq("scrapes" => {"wheel_worn" => 1})
    look("/openings/#{id}/log")
    expect(plain(page.text)).to include("The mend held: Wheel worn down or grooved")
    look("/practice")
    look(page.at_css(".noted a[href*='/practice/own/']")["href"])

    found = YellowTrack::Desk::OwnDoors.new(book)
    expect([found.find(id)&.id, found.find(id + 1)]).to eq [id, nil]
    expect(page.css(".own-asking a").length).to eq 5
    look(page.css(".own-asking a").find { |one| one.text.include?("ten years") }["href"])
    expect(plain(page.css(".own-door dl").text)).to include("yes")
    look("#{last_request.path}?asked=came,old_wheels&said=off_height")
    expect(plain(page.css(".check").text)).to include("No. It was Wheel worn down or grooved,").and include("% by that")
    look("/causes?family=bottom-rolling")
    expect(plain(page.css("table").text)).to include("Wheel worn down or grooved1 of 1")
    made = service.diagnosis
    worn = made.prior.causes.find { |cause| cause.key == "wheel_worn" }
    expect(made.prior.shift(worn)).to be_between(1, 3)
  end

  it "bars what would fall again until somebody looked, or says why it hangs all the same" do
    say("service.symptoms", "fallen")
    say("service.findings.probe", "0.5")
    say("service.cause", "fixing_torn")
    look("/openings/#{id}/mend")
    expect(plain(page.css(".behind-row").text)).to include("Panel too heavy for its hardware")
      .and include("not looked at yet: it would fall again").and include("it is not that")
    say("service.findings.stops_look", "missing", stage: "mend")
    look("/openings/#{id}/mend")
    expect(plain(page.text)).to include("Behind it: End stop missing, loose or moved")
    service.fix.each { |step| tick(step.key) }
    look("/openings/#{id}/rehang")
    expect(plain(page.text)).to include("Hang it all the same, with a reason").and include("It would fall again.")
    expect(plain(page.css(".next").text)).to include("Before it hangs: Work out the panel's weight")
    say("service.findings.weight", "over", stage: "mend")
    service.fix.each { |step| tick(step.key) unless service.tick(step) }
    look("/openings/#{id}/rehang")
    expect(plain(page.css(".next").text)).to include("Before it hangs: mend that too: panel too heavy")
    send_form("/openings/#{id}/override/service.behind", {"reason" => "It is a light door of ours."})
    expect(last_response["location"]).to include("/rehang")
    expect(service).to be_may_hang
  end

  it "says on Take down what is read while it still hangs, and that slots may bring it down" do
    say("service.symptoms", "scrapes")
    say("service.cause", "off_height")
    look("/openings/#{id}/take-down")
    expect(plain(page.text)).to include("Nothing comes down for it.")
    send_form("/jobs/#{job.id}/service", {"name" => "Flat bar", "family" => "wall-hung"})
    other = last_response["location"][%r{/openings/(\d+)/look}, 1].to_i
    allow(self).to receive(:id).and_return(other)
    slot = YellowTrack::Files::Shelf.kits.values.find { |kit| YellowTrack::Adjust.slot?(kit) }
    say("set.kit", slot.id)
    say("service.symptoms", "scrapes")
    say("service.cause", "off_height")
    look("/openings/#{id}/take-down")
    expect(plain(page.text)).to include("Its hangers go by slots").and include("Read before it comes down")
    expect(service).to be_comes_down
    say("service.reached", "yes", stage: "take-down")
    expect(service).not_to be_comes_down
    expect(service.reached).to eq "mend"
  end
end
