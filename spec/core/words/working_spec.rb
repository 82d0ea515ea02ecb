# frozen_string_literal: true

RSpec.describe YellowTrack::Working do
  subject(:work) { described_class.new }

  it "gives the number and its explanation in one act" do
    width = work.sum("panels.width", "Panel width, P", "down((run + lap) ÷ panels, grain)", run: 1805r, lap: 34r,
      panels: 2, grain: 1r,
      why: "Rounded down.")
    expect(width).to eq 919
    expect(work["panels.width"].to_h)
      .to include("name" => "Panel width", "symbol" => "P", "value" => 919, "unit" => "mm",
        "sum" => "down((1\u00A0805 + 34) ÷ 2, 1)", "from" => "handbook")
  end

  it "writes an inch job's lengths in inches, and its counts as they are" do
    work.sum("a", "A", "n × lap", n: 2, lap: 25.4r, why: "")
    expect(work["a"].sum(YellowTrack::Length::Printer.derived(:in))).to eq "2 × 1"
  end

  it "has, in a whole plan, a working for each number that its formula gives again" do
    plan.working.entries.each { |entry| expect(entry.again).to eq(entry.value), entry.key }
  end
end
