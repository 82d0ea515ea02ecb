# frozen_string_literal: true

RSpec.describe YellowTrack::Adjust do
  worked = JSON.parse(File.read("#{Cases::FOLDER}/moves.json"))

  worked.values.flatten.each do |one|
    it "agrees with #{one["name"]}" do
      made = YellowTrack::Files::MoveFile.move(one["in"]).to_h
      answer = one["answer"]
      expect(made["codes"].sort).to eq answer["codes"].sort
      expect(Cases.departures(answer.except("codes"), made)).to eq []
    end
  end

  describe YellowTrack::Adjust::Slider do
    let(:random) { Random.new(RSpec.configuration.seed) }
    let(:kits) { %w[twin-42 bar-1 tri-38 pocket-90].map { |id| YellowTrack::Files::Shelf.kits.fetch(id) } }

    def gaps_of(taper, bow = 0) = {"top" => [taper, 0].max, "middle" => taper.abs/2r + bow, "bottom" => [-taper, 0].max}

    def random_panel
      kit = kits.sample(random:)
      at = %w[left right].to_h { |side| [side, random.rand(-8..8)/8r * kit["adjust.down"]] }
      {kit:, jamb: %w[left right].sample(random:), gaps: gaps_of(random.rand(-16..16)/2r),
       width: random.rand(600..1100).to_r, height: random.rand(1900..2400).to_r,
       at:, floor: {"left" => random.rand(4..14).to_r, "right" => random.rand(4..14).to_r}}
    end

    def limits(panel)
      inset = panel[:kit]["inset.design"]
      YellowTrack::Adjust::Limits.new(panel[:kit], panel[:at], spacing: panel[:width] - 2 * inset, inset:,
        width: panel[:width], floor: panel[:floor], engagement: nil)
    end

    it "closes the taper, breaks no limit, and moves no more hangers than it must" do
      seen = Hash.new(0)
      600.times do
        panel = random_panel
        made = slider(**panel)
        next seen[:none] += 1 unless made.move

        seen[made.move.which] += 1
        after = made.gaps_after(made.move.left, made.move.right)
        expect(after["top"] - after["bottom"]).to be_within(0.001).of(0)
        expect(limits(panel).stops(made.move.left, made.move.right)).to eq []
        single = [[-made.move.turn, 0], [0, made.move.turn]].any? do |left, right|
          limits(panel).stops(left, right).empty?
        end
        expect(made.move.which == "both").to be !single
      end
      expect(seen.keys).to include("jamb", "far", "both", :none)
    end

    def left_over(made, left, right) = made.gaps_after(left, right).then { |gaps| (gaps["top"] - gaps["bottom"]).abs }

    it "rounds quarter turns the way that leaves the least taper" do
      200.times do
        made = slider(**random_panel)
        next unless made.move && !made.slot?

        expect(described_class::SIDES.map { |side| (made.turns(side) * 4) % 1 }).to all eq 0
        quarter = made.per_turn / 4
        left, right = described_class::SIDES.map { |side| made.done(side) }
        expect([made.move.left - left, made.move.right - right].map(&:abs)).to all be <= quarter
        others = [-1, 0, 1].product([-1, 0, 1]).map do |more, further|
          left_over(made, left + more * quarter, right + further * quarter)
        end
        expect(left_over(made, left, right)).to be <= others.min + 1e-9
      end
    end

    it "takes a cover as a gap below nothing: the same move, and what is expected turns about the middle" do
      200.times do
        panel = random_panel
        covers = panel[:gaps].transform_values { |gap| 30 - gap }
        gap, cover, meet = slider(**panel), slider(**panel, gaps: covers, read: "cover"),
          slider(**panel, read: "meet")
        expect([cover, meet].map { |one| [one.codes, one.taper, one.bow, one.move&.to_a] })
          .to all eq [gap.codes, gap.taper, gap.bow, gap.move&.to_a]
        next unless gap.move

        expect(cover.expected["middle"]).to eq covers["middle"]
        expect(meet.expected["middle"]).to eq panel[:gaps]["middle"]
        expect(cover.expected["top"] + meet.expected["top"]).to be_within(1e-9).of(30)
        expect((meet.expected["top"] - meet.expected["bottom"]).abs).to be_within(1e-9)
          .of((gap.expected["top"] - gap.expected["bottom"]).abs)
      end
    end

    it "gives no move where the taper is more than all adjusters have, and lists no limit" do
      200.times do
        panel = random_panel
        kit = panel[:kit]
        most = 2 * (kit["adjust.up"] + kit["adjust.down"])
        spacing = panel[:width] - 2 * kit["inset.design"]
        taper = most * panel[:height] / spacing * random.rand(80..120) / 100
        made = slider(**panel, gaps: gaps_of(taper))
        off = taper * spacing / panel[:height] > most
        expect(made.codes.include?("adjust.off")).to be off
        expect([made.move, made.part, made.codes]).to eq [nil, nil, ["adjust.off"]] if off
      end
    end

    it "turns a pocket's front adjuster alone wherever that will do, and says where the rear one is needed" do
      kit = YellowTrack::Files::Shelf.kits.fetch("pocket-90")
      200.times do
        panel = random_panel.merge(kit:, tops: {"left" => random.rand(-3..3).to_r, "right" => random.rand(-3..3).to_r})
        made = slider(**panel)
        next unless made.move

        front = (panel[:jamb] == "right") ? [0, made.move.turn] : [-made.move.turn, 0]
        expect(made.move.which == "jamb").to be limits(panel).stops(*front).empty?
        expect(made.codes.include?("adjust.rear")).to be made.which != "jamb"
      end
    end

    it "gives the mirrored panel the mirrored move" do
      other = {"left" => "right", "right" => "left"}
      200.times do
        panel = random_panel
        mirrored = panel.merge(jamb: other[panel[:jamb]], at: panel[:at].transform_keys(other),
          floor: panel[:floor].transform_keys(other))
        made, turned = slider(**panel), slider(**mirrored)
        expect(turned.codes).to eq made.codes
        expect(turned.move&.to_a).to eq(made.move && [made.move.which, made.move.right, made.move.left])
      end
    end
  end
end
