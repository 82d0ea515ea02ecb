# frozen_string_literal: true

RSpec.describe YellowTrack::Formula do
  def value(text, **values) = described_class.of(text).value(values)

  it "works a sum out exactly" do
    expect(value("(run + laps × lap − meets × meet gap) ÷ panels", run: 1806r, laps: 1, lap: 32r, meets: 0,
      meet_gap: 3r, panels: 2)).to eq 919
    expect(value("1 ÷ 3")).to eq 1r / 3
    expect(value("2 + 3 × 4 − 6 ÷ 2")).to eq 11
    expect(value("−(2 + 3)²")).to eq 25
  end

  it "knows the functions that a handbook needs" do
    expect(value("least(list) + most(4, b)", list: [3r, 2r], b: 7)).to eq 9
    expect(value("down(a, grain)", a: 919.7r, grain: 0.5r)).to eq 919.5r
    expect(value("up(a, grain)", a: 919.1r, grain: 1r)).to eq 920
    expect(value("root(i² + (T ÷ 2)²) − i", i: 3r, T: 8r)).to eq 2
    expect(value("whole(a) + fit(b, 4) + size(c)", a: 1.2r, b: 9r, c: -1)).to eq 5
    expect(value("sin(30)")).to be_within(1e-12).of(0.5)
  end

  it "puts the numbers in where the names stand" do
    formula = described_class.of("down((run + lap) ÷ panels, grain)")
    expect(formula.with({run: 1806r, lap: 32r, panels: 2, grain: 1r}) { |number| number.to_i.to_s })
      .to eq "down((1806 + 32) ÷ 2, 1)"
  end

  it "refuses a text that is no formula, and a name without a value" do
    ["2 +", "(2", "2 2", "", "a ** b"].each do |text|
      expect { described_class.of(text) }.to raise_error(ArgumentError), text
    end
    expect { value("a + b", a: 1) }.to raise_error(KeyError)
  end
end
