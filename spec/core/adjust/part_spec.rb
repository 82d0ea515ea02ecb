# frozen_string_literal: true

RSpec.describe YellowTrack::Adjust::Slider do
  let(:random) { Random.new(RSpec.configuration.seed) }
  let(:kits) { %w[twin-42 bar-1 pocket-90].map { |id| YellowTrack::Files::Shelf.kits.fetch(id) } }

  def tight_panel
    kit = kits.sample(random:)
    at = %w[left right].to_h { |side| [side, random.rand(-8..8)/8r * kit["adjust.down"]] }
    taper = random.rand(-24..24)/2r
    gaps = {"top" => [taper, 0].max, "middle" => taper.abs / 2, "bottom" => [-taper, 0].max}
    {kit:, jamb: %w[left right].sample(random:), gaps:, width: random.rand(600..1100).to_r,
     height: random.rand(1900..2400).to_r, at:,
     floor: {"left" => random.rand(4..8).to_r, "right" => random.rand(4..8).to_r}}
  end

  # Every pair of quarter turns that breaks nothing.
  def allowed(panel, made)
    step = panel[:kit]["adjust.per_turn"] / 4
    ranges = %w[left right].map do |side|
      down, up = [-panel[:kit]["adjust.down"], panel[:kit]["adjust.up"]].map do |end_of_it|
        (end_of_it - panel[:at][side]) / step
      end
      (down.ceil..up.floor)
    end
    ranges.first.flat_map { |left| ranges.last.map { |right| [left * step, right * step] } }.select do |left, right|
      made.stops(left, right).empty?
    end
  end

  it "closes the most of the taper that whole quarter turns can where no move closes all of it" do
    met = 0
    until met == 25
      panel = tight_panel
      made = slider(**panel)
      next if made.move || made.codes.include?("adjust.done")

      met += 1
      wanted = (panel[:jamb] == "right") ? -made.taper : made.taper
      most = allowed(panel, made).map { |left, right| (right - left) * (wanted <=> 0) }
        .select { |turned| turned <= wanted.abs * (panel[:width] - 2 * panel[:kit]["inset.design"]) / panel[:height] }
        .max || 0
      expect(made.part ? (made.part.turn * (wanted <=> 0)) : 0).to eq [most, 0].max
      expect(made.stops(made.part.left, made.part.right)).to eq [] if made.part
    end
  end

  it "says by how much each limit is broken by one hanger alone" do
    kit = YellowTrack::Files::Shelf.kits.fetch("twin-42")
    made = slider(kit:, jamb: "right", gaps: {"top" => 0r, "middle" => 6r, "bottom" => 12r}, width: 900r,
      height: 2200r, at: {"left" => 0r, "right" => 5r}, floor: {"left" => 6r, "right" => 9r})
    expect(made.move).to be_nil
    rise = 12r * (900 - 2 * 62) / 2200
    expect(made.lacking).to include("adjust.range" => rise - 1)
    expect(made.lacking["adjust.floor"]).to be_positive
    expect(made.advice).to eq made.part
  end

  it "settles in three rounds at most in 95 of 100 cases, with noise in the readings and a pitch a fifth off" do
    rounds = YellowTrack::Bench::Settling.new(RSpec.configuration.seed).rounds
    expect(rounds.count { |count| count && count <= 3 }).to be >= 950
  end
end
