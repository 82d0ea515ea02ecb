# frozen_string_literal: true

# What was typed for a question of practice, read by its part's kind.
RSpec.describe YellowTrack::Desk::Answering do
  def question(key, level: 2, seed: 3) = YellowTrack::Desk::Practising.question(key, level, seed)

  def marks(question, typed) = described_class.new(question, typed).marks

  def says(question, typed)
    marks(question, typed)
    nil
  rescue YellowTrack::Faults => e
    e.list.to_h { |fault| [fault.key, fault.words] }
  end

  it "takes a length in either unit, whatever the question is in" do
    asked = question("panel-width")
    part = asked.parts.first
    inches = (part.answer/25.4r).to_f.round(4)
    expect(marks(asked, part.key => "#{inches} in").first.grade).to eq :exact
    expect(marks(asked, part.key => part.answer.to_i.to_s).first.grade).to eq :exact
    inch = question("panel-width", level: 4)
    expect(marks(inch, part.key => "#{inch.parts.first.answer.to_f} mm").first.grade).to eq :exact
  end

  it "says of every part what was typed, what is wrong and what would work" do
    expect(says(question("pocket-frame"), "pocket.wall" => "12x").length).to eq 3
    expect(says(question("holds-up"), "wait" => "Z", "visits" => "-1"))
      .to match("wait" => /Nothing was chosen. Press one: A: /, "visits" => /"-1" is no number of them/)
    expect(says(question("build-up"), "layers" => "")["layers"]).to include("such as 25 + 9")
    expect(says(question("build-up"), "layers" => "25 + 1/0")["layers"]).to include("\"1/0\" is not in stock")
    expect(says(question("cut-from"), "bars" => "0 1 9")["bars"]).to match(/No bar was chosen for A-3, .*offcut 1/)
  end

  it "reads layers however they are put, and never as inches" do
    asked = question("build-up")
    right = asked.parts.first.answer.map { |layer| layer.to_i.to_s }
    [right.join(" + "), right.join(" "), right.join("+"), right.map { |one| "#{one}mm" }.join("; ")].each do |text|
      expect(marks(asked, "layers" => text).first.grade).to eq :exact
    end
    inch = question("build-up", level: 4)
    layers = inch.parts.first.answer.map { |layer| layer.to_i.to_s }.join(" + ")
    expect(marks(inch, "layers" => layers).first.grade).to eq :exact
  end

  it "reads moves and findings from the steps that were kept" do
    asked = question("which-way")
    steps = asked.parts.first.answer.map { |move| move.join(",") }.join(" ")
    expect(marks(asked, "steps" => steps).first.given).to eq asked.parts.first.answer
    door = question("what-ails")
    best = door.parts.first.answer
    given = marks(door, "cause" => best.cause, "steps" => best.asked.join(" ")).first.given
    expect(given).to eq best
  end
end
