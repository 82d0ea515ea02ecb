# frozen_string_literal: true

# One thing fitted to doors that hang, without a survey.
RSpec.describe YellowTrack::Accessory do
  printer = YellowTrack::Length::Printer.derived(:mm)
  of = ->(what, **read) {
    exact = read.to_h { |key, value| [key.to_s, value.is_a?(Integer) ? value.to_r : value] }
    described_class.of(exact.merge("what" => what, "printer" => printer))
  }
  marks = ->(made) { made.marks.to_h { |mark| [mark.key.delete_prefix("fit."), mark.value] } }
  said = ->(list) { list.map { |one| one.says.tr("\u00a0", " ") } }
  wide = {width: 900, at: 0, travel: 880, rail: 1800, body: 330}

  it "asks for what it needs, and says nothing before" do
    made = of.call("soft_close", width: 900)
    expect([made.missing, made.marks, made.checks, made.steps]).to eq [%w[at travel rail body], [], [], []]
    expect(described_class.of({})).to be_nil
  end

  it "has one striker in the panel's middle where the travel lets one serve both dampers" do
    made = of.call("soft_close", **wide)
    expect(marks.call(made)).to eq("closing" => 450, "opening" => 1330, "striker.1" => 450)
    expect(made.checks).to eq []
    mirrored = of.call("soft_close", **wide, at: 900, closes: "right")
    expect(marks.call(mirrored)).to eq("closing" => 1350, "opening" => 470, "striker.1" => 450)
  end

  it "puts a damper hard against a spacer that is in its way, and moves the stop" do
    made = of.call("soft_close", **wide, width: 500, travel: 480, rail: 1000, spacer: 20)
    expect(made.stop_moves).to eq 100
    expect(marks.call(made)["closing"]).to eq 350
    expect(said.call(made.steps).join).to include("hard against the spacer and move the stop 100 mm toward the mid")
  end

  it "tells a screw of the rail under a damper, and one that is 9 mm from it" do
    made = of.call("soft_close", **wide, holes: [100r, 300r, 459r, 900r])
    expect(said.call(made.checks)).to eq ["The rail's screw at 300 mm lies under the closing damper.",
      "The rail's screw at 459 mm is 9 mm from the closing damper."]
  end

  it "bores a pull in the middle of its stile, and says what it stands in the way of" do
    made = of.call("pull", width: 900, gap: 10)
    expect(marks.call(made)).to eq("near" => 47.5r, "up" => 970)
    bad = of.call("pull", width: 900, gap: 10, stile: 60, bore: 52, depth: 32, thickness: 35, proud: 6, air: 8)
    expect(bad.checks.map(&:code)).to eq %w[fit.proud fit.through fit.narrow]
  end

  it "sets a stop at the hanger's face, and a guide at the middle of the lap" do
    stop = {width: 900, at: 5, inset: 60, hanger: 40}
    expect(marks.call(of.call("stop", **stop))).to eq("face" => 45)
    expect(marks.call(of.call("stop", **stop, at: 895, closes: "right"))).to eq("face" => 1755)
    expect(of.call("stop", **stop, length: 50).checks.map(&:code)).to eq %w[fit.rail]
    guide = of.call("guide", at: 880, lap: 40, slot: 45, thickness: 35)
    expect([marks.call(guide), guide.checks.map(&:code)]).to eq [{"middle" => 900}, %w[fit.slot]]
  end
end
