# frozen_string_literal: true

RSpec.describe YellowTrack::Track do
  def track(*pieces)
    described_class.new(YellowTrack::Brief.new(opening), start: 0r, pieces:, mount_height: 0r, packing: 0r)
  end

  it "drills from the factory end, nothing near the cut end, one more where the last is far from it" do
    expect(track(1525r).holes).to eq [*(50..1400).step(150)]
    expect(track(1510r).holes.last).to eq 1400
    expect(track(515r).holes).to eq [50, 200, 350, 475]
    expect(track(60r).holes).to eq []
  end

  it "gives the places of a joined track from its left end" do
    joined = track(400r, 300r)
    expect(joined.joints).to eq [400]
    expect(joined.holes).to eq [50, 200, 350, 450, 600]
  end

  it "begins from where the set is sized, with what packs the jamb, whatever leans" do
    start = ->(**changes) { plan(**changes).set.track.start }
    expect(start.call("set.packing" => {"left" => 12}) - start.call).to eq 12
    leaning = {"set.fit" => "plumb", "survey.leans" => {"left" => 9, "right" => -2}}
    expect(start.call(**leaning, "set.packing" => {"left" => 12}) - start.call(**leaning)).to eq 12
    made = plan(**leaning)
    expect(made.set.track.start).to eq made.set.sizing.jambs.first + made.opening.kit.fetch("track.end_clearance")
  end

  describe YellowTrack::Track::Joints do
    def pieces(length, stock:, rollers: [])
      described_class.new(length.to_r, stock: stock.to_r, rollers: rollers.map(&:to_r), grain: 1r).pieces
    end

    it "joins as evenly as can be" do
      expect(pieces(5000, stock: 3600)).to eq [2500, 2500]
      expect(pieces(5001, stock: 3600)).to eq [2500, 2501]
    end

    it "moves a joint off a roller by the least distance, of two as near to the left" do
      expect(pieces(5000, stock: 3600, rollers: [2500])).to eq [2400, 2600]
      expect(pieces(5000, stock: 3600, rollers: [2450])).to eq [2550, 2450]
    end

    it "takes one more piece where the stock leaves no place clear" do
      expect(pieces(5000, stock: 2510, rollers: [2500]).length).to eq 3
    end

    it "always adds up, within the stock" do
      random = Random.new(RSpec.configuration.seed)
      100.times do
        length = random.rand(3601..9000)
        found = pieces(length, stock: 3600, rollers: Array.new(4) { random.rand(0..length) })
        expect(found.sum).to eq length
        expect(found.max).to be <= 3600
      end
    end
  end
end
