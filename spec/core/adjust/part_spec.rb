# frozen_string_literal: true

RSpec.describe YellowTrack::Adjust::Slider do
  let(:random) { Random.new(RSpec.configuration.seed) }
  let(:kits) { %w[twin-42 bar-1 pocket-90].map { |id| YellowTrack::Data::Shelf.kits.fetch(id) } }

  def tight_panel
    kit = kits.sample(random:)
    at = %w[left right].to_h { |side| [side, random.rand(-8..8)/8r * kit["adjust.down"]] }
    taper = random.rand(-24..24)/2r
    gaps = {"top" => [taper, 0].max, "middle" => taper.abs / 2, "bottom" => [-taper, 0].max}
    {kit:, jamb: %w[left right].sample(random:), gaps:, width: random.rand(600..1100).to_r, height: random.rand(1900..2400).to_r, at:,
     floor: {"left" => random.rand(4..8).to_r, "right" => random.rand(4..8).to_r}}
  end

  # Every pair of quarter turns that breaks nothing.
  def allowed(panel, made)
    step = panel[:kit]["adjust.per_turn"] / 4
    ranges = %w[left right].map do |side|
      ((-panel[:kit]["adjust.down"] - panel[:at][side]) / step).ceil..((panel[:kit]["adjust.up"] - panel[:at][side]) / step).floor
    end
    ranges.first.flat_map { |left| ranges.last.map { |right| [left * step, right * step] } }.select { |left, right| made.stops(left, right).empty? }
  end

  it "closes the most of the taper that whole quarter turns can where no move closes all of it" do
    met = 0
    until met == 25
      panel = tight_panel
      made = described_class.new(**panel)
      next if made.move || made.codes.include?("adjust.done")

      met += 1
      wanted = (panel[:jamb] == "right") ? -made.taper : made.taper
      most = allowed(panel, made).map { |left, right| (right - left) * (wanted <=> 0) }
        .select { |turned| turned <= wanted.abs * (panel[:width] - 2 * panel[:kit]["inset.design"]) / panel[:height] }.max || 0
      expect(made.part ? (made.part.turn * (wanted <=> 0)) : 0).to eq [most, 0].max
      expect(made.stops(made.part.left, made.part.right)).to eq [] if made.part
    end
  end

  it "says by how much each limit is broken by one hanger alone" do
    kit = YellowTrack::Data::Shelf.kits.fetch("twin-42")
    made = described_class.new(kit:, jamb: "right", gaps: {"top" => 0r, "middle" => 6r, "bottom" => 12r}, width: 900r, height: 2200r, at: {"left" => 0r, "right" => 5r}, floor: {"left" => 6r, "right" => 9r})
    expect(made.move).to be_nil
    rise = 12r * (900 - 2 * 62) / 2200
    expect(made.lacking).to include("adjust.range" => rise - 1)
    expect(made.lacking["adjust.floor"]).to be_positive
    expect(made.advice).to eq made.part
  end

  # A panel whose gaps are read with 0.5 mm of noise, and whose screws have a
  # pitch a fifth off the sheet's.
  def rounds_of(kit, taper)
    real = kit["adjust.per_turn"] * [0.8r, 1.2r].sample(random:)
    width, height, jamb = random.rand(600..1100).to_r, random.rand(1900..2400).to_r, %w[left right].sample(random:)
    spacing, sign = width - 2 * kit["inset.design"], (jamb == "right") ? 1 : -1
    at, moves, last = {"left" => 0r, "right" => 0r}, [], nil
    (0..9).find do
      gaps = read(taper)
      moves << YellowTrack::Adjust::Learnt::Made.new(**last, found: sign * (gaps["top"] - gaps["bottom"])) if last
      made = described_class.new(kit:, jamb:, gaps:, width:, height:, at:, per_turn: YellowTrack::Adjust::Learnt.new(kit, moves).used)
      next true if made.codes.include?("adjust.done")

      turns = at.keys.to_h { |side| [side, made.turns(side) * (made.advice.by(side) <=> 0)] }
      at = at.to_h { |side, place| [side, place + turns[side] * kit["adjust.per_turn"]] }
      turned = turns["right"] - turns["left"]
      last = {turns: turned, taper: made.taper_at_right, spacing:, height:}
      taper += sign * turned * real * height / spacing
      false
    end
  end

  def read(taper)
    true_gaps = {"top" => taper, "middle" => taper / 2, "bottom" => 0r}
    true_gaps.transform_values { |gap| [((gap - true_gaps.values.min + random.rand(-0.5..0.5)) * 2).round/2r, 0r].max }
  end

  it "settles in three rounds at most in 95 of 100 cases, with noise in the readings and a pitch a fifth off" do
    rounds = Array.new(1_000) { rounds_of(kits.sample(random:), random.rand(2.0..8.0).rationalize(0.01r) * [-1, 1].sample(random:)) }
    expect(rounds.count { |count| count && count <= 3 }).to be >= 950
  end
end
