# frozen_string_literal: true

RSpec.describe YellowTrack::Mending::Checks do
  def door(**changes) = YellowTrack::Mending::State.new(undone: [], **changes)

  def codes(**changes) = found(**changes).to_h { |check| [check.code.delete_prefix("service."), check.level] }

  def found(**changes) = described_class.new(door(**changes), YellowTrack::Length::Printer.derived(:mm)).found

  def roller(old, new, carried: :floor, **readings)
    YellowTrack::Mending::Reroller.new(carried, {"wheel" => old.to_r}, {"wheel" => new.to_r}, readings:)
  end

  kit = YellowTrack::Files::Shelf.kits.fetch("roll-36")
  diagnosis = ->(findings, **rest) {
    Doors.diagnosis(["top-hung", %w[neighbour], ["track_loose"]], findings, **rest)
  }
  material = ->(weight) {
    YellowTrack::Mending::Material.new(YellowTrack::Working.new, weight.to_r, wheels: 2, damp: false)
  }
  money = ->(hours) { YellowTrack::Mending::Replacing.new("hours" => hours, "hands" => 1, "rate" => 1, "door" => 100) }

  behind = lambda { |state|
    known = YellowTrack::Files::Knowledge.of("top-hung")
    door = YellowTrack::Diagnosis::Door.of(knowledge: known, symptoms: ["fallen"],
      findings: (state == "clear") ? {"weight" => "light", "probe" => "hard", "stops_look" => "right"} : {})
    YellowTrack::Diagnosis::Behind.of(door, "fixing_torn")
  }

  # Each: what raises it, its level, and what does not.
  raised = {
    "safe" => [{falls: true}, :stop, {falls: true, propped: true}],
    "hold" => [{holder: 1, hands: 2}, :stop, {holder: 2, hands: 2}],
    "marks" => [{taken_down: true}, :watch, {taken_down: true, marked: true}],
    "while_off" => [{hung: true, undone: ["seal the underside"]}, :watch, {undone: ["seal the underside"]}],
    "pair" => [{one_only: true}, :watch, {}],
    "bar" => [{bar: 2.9r}, :stop, {bar: 3r}],
    "mortise" => [{thickness: 30r, body: 19r}, :watch, {thickness: 30r, body: 18r}],
    "rating" => [{material: material[50], rated: 20}, :stop, {material: material[34], rated: 20}],
    "damp" => [{damp: true, made_of: "steel"}, :watch, {damp: true, made_of: "brass"}],
    "oil" => [{oiled: true}, :watch, {}],
    "lip" => [{lip: "cracked"}, :stop, {lip: "bent"}],
    "fixing" => [{fixing: "board"}, :stop, {fixing: "bites"}],
    "step" => [{step: 0.6r}, :watch, {step: 0.5r}],
    "hole" => [{hole: {"from" => 11r, "screw" => 4r}}, :watch, {hole: {"from" => 12r, "screw" => 4r}}],
    "edge" => [{hung: true, bare: true}, :watch, {bare: true}],
    "wait" => [{waits: "until noon"}, :watch, {}],
    "insects" => [{pale_dust: true}, :watch, {}],
    "probe" => [{probe: 3.5r}, :stop, {probe: 3r}],
    "replace" => [{replacing: money[61]}, :note, {replacing: money[60]}],
    "pull" => [{pull_left: 16, weight: 30r}, :watch, {pull_left: 15, weight: 30r}],
    "readings" => [{closed: true}, :watch, {closed: true, left_read: true}],
    "behind" => [{hung: true, behind: behind["open"]}, :stop, {hung: true, behind: behind["clear"]}],
    "again" => [{again: "Back within six weeks."}, :note, {}],
    "offset" => [{air: {"room" => 2r, "closet" => 9r}, kit:}, :stop, {air: {"room" => 3r}, kit:}]
  }

  raised.each do |code, (bad, level, good)|
    it "raises service.#{code} as #{level}, and only where it belongs" do
      expect(codes(**bad)).to include(code => level)
      expect(codes(**good)).not_to include(code)
    end
  end

  it "has a line here for every check there is" do
    expect(raised.keys + %w[danger unsure proof gain quarrel]).to match_array(
      described_class.rules.map { |rule| rule.first.delete_prefix("service.") }
    )
  end

  it "stops a gain that no place of the adjusters takes up" do
    fits = {carried: :floor, kit:, reroller: roller(21.6, 24, gap: 5r, head: 13.8r, lift: 5.2r)}
    expect(codes(**fits)).not_to include("gain")
    expect(codes(**fits, reroller: roller(20, 44, gap: 5r, head: 13.8r, lift: 5r))).to include("gain" => :stop)
    expect(codes(**fits, kit: nil, reroller: roller(20, 60, lift: 1r))).not_to include("gain")
  end

  it "raises the level with what is at stake" do
    expect(codes(thickness: 30r, body: 23r)).to include("mortise" => :stop)
    expect(codes(material: material[36], rated: 20)).to include("rating" => :watch)
    expect(codes(replacing: money[121])).to include("replace" => :watch)
    expect(codes(pull_left: 14, pull_found: 10, weight: 30r)).to include("pull" => :watch)
  end

  it "watches what comes down unproved, or is left unsure, and stops at danger that nobody looked at" do
    asking = diagnosis[{}]
    expect(codes(diagnosis: asking).keys & %w[danger unsure]).to eq []
    ended = diagnosis[asking.fitting.first(4).to_h { |finding| [finding.key, nil] }]
    expect([ended.state, ended.ended]).to eq %w[few not_known]
    expect(codes(diagnosis: ended)).to include("danger" => :stop, "unsure" => :watch)
    expect(codes(diagnosis: ended, taken_down: true, marked: true)).to include("proof" => :watch)
  end
end
