# frozen_string_literal: true

RSpec.describe YellowTrack::Adjust::Fold do
  let(:random) { Random.new(RSpec.configuration.seed) }
  let(:kit) { YellowTrack::Files::Shelf.kits.fetch("fold-34") }
  let(:endless) { YellowTrack::Kit.new(kit.to_h.except("slide")) }

  def fold(gt, gb, hp, hl, kit: endless, **rest)
    said = rest.slice(:school, :even)
    pair = YellowTrack::Adjust::Fold::Hanging.new(kit:, width: 404r, height: 2120r, side_gap: 5.5r, top_gap: 5r,
      hinge: 2r,
      **rest.except(*said.keys))
    YellowTrack::Adjust::Fold.new(pair, gaps: {"gt" => gt, "gb" => gb, "hp" => hp, "hl" => hl}, **said)
  end

  it "leaves the gaps that its school looks at even, at what they are to be, for any reading" do
    200.times do
      readings = Array.new(4) { random.rand(2..20)/2r }
      {"even top" => %w[hp hl], "even side" => %w[gt gb]}.each do |school, even|
        then_ = fold(*readings, school:).expected
        expect(then_.values_at(*even).uniq.length).to eq 1
        expect(then_.values_at("hp", "hl").min).to eq 5
        expect(then_.values_at("gt", "gb").min).to eq 5.5
      end
    end
  end

  it "stops a slide at its end, says by how much it falls short, and expects what that comes to" do
    200.times do
      readings = Array.new(4) { random.rand(0..40)/2r }
      at = {"top" => random.rand(-20..20)/2r, "bottom" => random.rand(-20..20)/2r}
      free, held = [endless, kit].map do |one|
        fold(*readings, kit: one, at:, school: %w[top side].map { |name| "even #{name}" }.sample(random:))
      end
      expect([[at["top"], held.top_slide], [at["bottom"], held.bottom_slide]].map { |from, by| from + by })
        .to all be_between(-12, 12)
      next unless free.school == held.school

      expect(held.short).to eq("top" => (free.top_slide - held.top_slide).abs,
        "bottom" => (free.bottom_slide - held.bottom_slide).abs)
      expect(held.codes.include?("adjust.slide")).to eq held.short.values.any?(&:positive?)
      expect(held.expected).to eq held.gaps_after(held.top_slide, held.bottom_slide, held.jack)
      expect(held.expected.values_at("hp", "hl").min).to eq 5
    end
  end

  it "is even once it was set so, and not before" do
    made = fold(7r, 4r, 5r, 8r, school: "even side")
    expect(made.even?).to be false
    expect(fold(*made.expected.values, school: "even side").even?).to be true
    expect(fold(7r, 4r, 5r, 5.8r, school: "even top").even?).to be false # too near the jamb below
  end

  it "sets slides by halves of a millimetre and the jack by quarter turns, the kit's way" do
    steps = {"top" => 1r / 2, "bottom" => 1r / 2, "jack" => YellowTrack::Adjust.step(kit)}
    {[5.5r, 5.5r, 8r, 8r] => [0, 0, 8], [5.5r, 5.5r, 3r, 3r] => [0, 0, -5], [4.2r, 6.3r, 5r, 5r] => [3, -2, 0]}
      .each do |readings, counts|
      expect(fold(*readings, school: "even side").counts(steps).values_at("top", "bottom")).to eq counts.first(2)
      expect(fold(*readings, school: "even top").counts(steps).fetch("jack")).to eq counts.last
    end
    expect([8, -5].map { |count| YellowTrack::Adjust::Words.turned(kit, Rational(count.abs, 4), count) })
      .to eq ["2 turns anticlockwise", "1¼ turns clockwise"]
  end

  describe YellowTrack::Adjust::Meet do
    it "has both meeting stiles at one height, or says which pair to raise further" do
      level, low = fold(5.5r, 5.5r, 5r, 5r), fold(5.5r, 5.5r, 5r, 8r, school: "even side")
      expect(described_class.new(level, level).raise_further).to be_nil
      expect(described_class.new(low, level).raise_further).to eq [:left, 3r]
      expect(described_class.new(level, low).raise_further).to eq [:right, 3r]
    end

    it "closes the gap between them by what their pivots go out" do
      one, other = fold(4r, 5.5r, 5r, 5r, school: "even side"), fold(5.5r, 3.5r, 5r, 5r, school: "even side")
      meet = described_class.new(one, other, top: 6r, bottom: 5r)
      expect(meet.expected).to eq("top" => 4.5r, "bottom" => 3r)
      expect(meet.even?).to be true
      expect(described_class.new(one, other, top: 6r, bottom: 4r).even?).to be false
      expect(described_class.new(one, other).expected).to be_nil
    end
  end

  it "has no sign before what is told as nothing, in either unit" do
    fine = ->(unit) { YellowTrack::Length::Printer.fine(unit) }
    signed = ->(mm, unit) { YellowTrack::Adjust::Words.signed(Rational(mm.to_s), fine.call(unit)) }
    expect([0.04, -0.04, 1.5, -2].map { |mm| signed.call(mm, :mm) }).to eq %w[0 0 +1.5 −2]
    expect([0.15, -0.15, 3.175].map { |mm| signed.call(mm, :in) }).to eq %w[0 0 +1/8]
  end
end
