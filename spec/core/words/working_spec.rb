# frozen_string_literal: true

RSpec.describe YellowTrack::Working do
  subject(:work) { described_class.new(%w[panels.width a]) }

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

  it "takes a number for a declared place alone, and raises where another is asked for" do
    plain = described_class.new
    %w[panels.widht panels.A.width track.pieces. share.a.b.c].each do |place|
      expect { plain.given(place, "Width", 1r, from: :kit, why: "") }.to raise_error(KeyError, /no place "#{place}"/)
      expect { plain[place] }.to raise_error(KeyError)
    end
    expect([plain["track.pieces.12"], plain.find("panels.widht")]).to eq [nil, nil]
  end

  it "has, in a whole plan, a working for each number that its formula gives again" do
    plan.working.entries.each { |entry| expect(entry.again).to eq(entry.value), entry.key }
  end
end
