# frozen_string_literal: true

RSpec.describe YellowTrack::Length do
  def mm(written, unit: :mm, **rest) = described_class.parse(written, unit:, **rest).mm

  inch = described_class::MM_PER_INCH

  it "reads every form a fitter writes" do
    forms = {
      "1487" => 1487, "1487 mm" => 1487, "148.7cm" => 1487, "1.487m" => 1487, "58.5625 in" => 58.5625r * inch,
      "4' 10 9/16\"" => (58r + 9r / 16) * inch, "4 ft 10 1/2 in" => 58.5r * inch,
      "4’ 10 9⁄16”" => (58r + 9r / 16) * inch,
      "58-9/16\"" => (58r + 9r / 16) * inch, "78 11/16″" => (78r + 11r / 16) * inch, "4'" => 48 * inch,
      " 1487mm " => 1487
    }
    forms.each { |written, value| expect(mm(written)).to eq(value), written }
  end

  it "takes a bare number in the job's own unit" do
    expect(mm("58 9/16", unit: :in)).to eq((58r + 9r / 16) * inch)
    expect(mm("9/16", unit: :in)).to eq 9r / 16 * inch
    expect(mm("½", unit: :in)).to eq inch / 2
    expect(mm("58½", unit: :in)).to eq 58.5r * inch
    expect(mm("843/32", unit: :in)).to eq 843r / 32 * inch
    expect(mm(59.3125, unit: :in)).to eq 59.3125r * inch
    expect(mm("1487 mm", unit: :in)).to eq 1487
  end

  it "tells grouping from a decimal comma" do
    {"1 806" => 1806, "1\u202F806" => 1806, "1,806" => 1806, "0,125" => 0.125r, "1,5" => 1.5r, "1 806,5" => 1806.5r,
     "1,806.5" => 1806.5r, "12,5" => 12.5r, "1,8065" => 1.8065r}
      .each { |written, value| expect(mm(written)).to eq(value), written }
  end

  it "refuses what it cannot read, naming it and two forms that work" do
    ["58 9/", "", "abc", "1/0", "1..2", "1e3", "5 5", "4' 5' 6", "--5", "\xFF"].each do |written|
      expect { mm(written) }.to raise_error(YellowTrack::Fault, /is not a length.*Try .+ or .+/), written.inspect
    end
    expect { mm("58 9/", unit: :in) }
      .to raise_error(YellowTrack::Fault, '"58 9/" is not a length. Try 58 9/16 or 1487 mm.')
  end

  it "refuses a slip, a pasted kilobyte, and a sign where none belongs" do
    expect { mm("25 m") }.to raise_error(YellowTrack::Fault, /"25 m" is more than 20 m/)
    expect { mm("9" * 1024) }.to raise_error(YellowTrack::Fault, /1024 characters/)
    expect { mm("-5") }.to raise_error(YellowTrack::Fault, /"-5" is under nothing/)
    expect(mm("20 m")).to eq 20_000
  end

  it "takes a sign where it has a meaning" do
    expect(mm("-1/16", unit: :in, signed: true)).to eq(-inch / 16)
    expect(mm("−2", signed: true)).to eq(-2)
    expect(mm("+2", signed: true)).to eq 2
  end

  it "gives back what was typed, exactly" do
    random = Random.new(RSpec.configuration.seed)
    200.times do
      length = described_class.new(random.rand(1..3000) * inch / 16)
      expect(described_class.parse(length.show(unit: :in), unit: :in)).to eq length
    end
  end

  it "holds an inch one way and back" do
    expect(described_class.new(254).show(unit: :in)).to eq "10"
    expect(described_class.in_unit(described_class.parse("1 in").mm, :in)).to eq 1
  end

  it "rounds to the grain, never over it downward" do
    expect(described_class.down(919.9r, 1r)).to eq 919
    expect(described_class.down(919.9r, 0.5r)).to eq 919.5r
    expect(described_class.up(919.1r, 1r)).to eq 920
    expect(described_class.down(654.9r, inch / 32)).to be_between(654.9r - inch / 32, 654.9r)
  end

  it "shows metric to the tenth and inches to the sixteenth, reduced" do
    expect(described_class.new(1806).show.tr("\u00A0", " ")).to eq "1 806.0"
    expect(described_class.new(1806).show(grain: 1r).tr("\u00A0", " ")).to eq "1 806"
    expect(described_class.new(1499r * inch / 16).show(unit: :in)).to eq "93 11/16"
    expect(described_class.new(8r * inch / 16).show(unit: :in)).to eq "1/2"
    expect(described_class.new(-inch / 16).show(unit: :in)).to eq "−1/16"
  end

  it "is a value: equal lengths are one key" do
    expect(described_class.parse("1 in")).to eql described_class.parse("25.4 mm")
    expect({described_class.new(5) => :here}[described_class.parse("5")]).to eq :here
    expect(described_class.new(4)).to be < described_class.new(5)
    expect { described_class.new(1.5) }.to raise_error(TypeError)
  end
end
