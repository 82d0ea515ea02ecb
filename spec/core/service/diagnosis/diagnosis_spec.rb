# frozen_string_literal: true

RSpec.describe YellowTrack::Diagnosis do
  folder = "#{Cases::FOLDER}/service"
  near = 0.0001
  let(:random) { Random.new(RSpec.configuration.seed) }

  Dir["#{folder}/*.service.json"].sort.each do |file|
    worked = JSON.parse(File.read(file.sub(".service.", ".diagnosis.")))
    given = JSON.parse(File.read(file))
    name = File.basename(file, ".service.json")

    if worked["faults"]
      it "names what is at fault in #{name}" do
        expect { YellowTrack::Files::ServiceFile.diagnosis(given) }.to raise_error(YellowTrack::Faults) { |faults|
          expect(faults.list.map(&:key)).to match_array(worked["faults"].map { |line| line[/\A[\w.]+/] })
        }
      end
    else
      it "agrees with #{name}" do
        made = YellowTrack::Files::ServiceFile.diagnosis(given).to_h
        expect(made.values_at("entropy", "minutes")).to match [be_within(near).of(worked["entropy"]),
          be_within(1e-6).of(worked["minutes"])]
        expect(made["state"]).to eq worked["state"]
        expect(made["next"]&.fetch("finding")).to eq worked["next"]&.fetch("finding")
        expect(made["causes"].map { |cause| cause.except("share") })
          .to eq(worked["causes"].map { |cause| cause.except("share") })
        expect(made["causes"].map { |cause| cause["share"] })
          .to match(worked["causes"].map { |cause| be_within(near).of(cause["share"]) })
      end
    end
  end

  it "follows the worked door: a bottom-rolling pair that scrapes, to a worn wheel named and proved" do
    door = ["bottom-rolling", %w[neighbour], ["scrapes"]]
    answers = {"came" => "slowly", "edge_look" => "raw", "house" => "no", "low" => "both_ends", "old_wheels" => "yes",
               "before" => "nothing", "damp" => "dry", "track_gives" => "no", "taper" => 1}
    found = {}
    answers.each do |key, answer|
      expect(Doors.diagnosis(door, found).next.finding.key).to eq key
      found[key] = answer
      expect(Doors.diagnosis(door, found).first.cause.key).to eq "wheel_worn" if found.length > 3
    end
    made = Doors.diagnosis(door, found)
    expect([made.first.share, made.state, made.minutes]).to match [be_within(0.0005).of(0.979), "named", 3.7]
  end

  it "keeps shares that sum to 1, of causes of the family alone, whatever was found" do
    100.times do
      door = Doors.any(random)
      made = Doors.diagnosis(door, Doors.answered(door, random))
      next expect(made.state).to eq("open") if made.causes.empty?

      expect(made.belief.shares.sum).to be_within(1e-9).of(1)
      expect(made.causes.map { |one| one.cause.for }).to all include(door.first)
      expect(made.causes.map { |one| one.cause.if }.compact - door[1]).to eq []
    end
  end

  it "does not mind the order of the answers, nor one that is not known" do
    100.times do
      door = Doors.any(random)
      found = Doors.answered(door, random)
      made, shuffled = Doors.diagnosis(door, found), Doors.diagnosis(door, found.to_a.shuffle(random:).to_h)
      made.belief.shares.zip(shuffled.belief.shares) { |one, other| expect(other).to be_within(1e-9).of(one) }
      open = made.fitting.map(&:key) - found.keys
      unknown = Doors.diagnosis(door, found.merge(open.sample(3, random:).to_h { |key| [key, nil] }))
      expect(unknown.belief.shares).to eq made.belief.shares
      expect(unknown.minutes).to be >= made.minutes
    end
  end

  it "never lowers a cause that an answer speaks for, beside one that it speaks against" do
    100.times do
      door = Doors.any(random)
      before = Doors.diagnosis(door, Doors.answered(door, random, count: 2))
      finding = before.fitting.reject { |one| before.taken.map(&:finding).include?(one) }.sample(random:) or next
      answer = before.answers(finding).sample(random:)
      says, after = before.belief.says(finding, answer), before.belief.after(finding, answer)
      raised = before.belief.shares.zip(after.shares).map { |one, other| other / one }
      says.each_index.to_a.combination(2) do |one, other|
        next unless says[one] > 0 && says[other] < 0

        expect(raised[one]).to be > raised[other]
      end
    end
  end

  # The best question by looking at all: what it is expected to leave, answer by
  # answer.
  def by_looking(made, finding)
    made.entropy - made.answers(finding).sum do |answer|
      chance = made.belief.chance(finding, answer)
      chance.zero? ? 0 : chance * made.belief.after(finding, answer).entropy
    end
  end

  it "asks what drops most for its minutes, by looking at every answer of every question" do
    60.times do
      door = Doors.any(random)
      down = random.rand < 0.3
      made = Doors.diagnosis(door, Doors.answered(door, random, count: random.rand(0..3)), down:)
      next if made.next.nil? || made.named?

      open = (made.fitting - made.taken.map(&:finding)).to_h { |finding| [finding, by_looking(made, finding)] }
      told = open.select { |_, drop| drop > described_class::TELLS + 1e-9 }
      if !made.down? && told.any? { |finding, drop| !finding.door_off? && drop > described_class::SPARES }
        told = told.reject { |finding, _| finding.door_off? }
      end
      best = told.map { |finding, drop| drop / finding.cost(made.down?) }.max
      expect(made.next.per_minute).to be_within(2e-6).of(best)
    end
  end

  it "brings no door down to prove what is named, and asks on while something dangerous stands" do
    seen = Hash.new(0)
    300.times do
      door = Doors.any(random)
      made = Doors.diagnosis(door, Doors.answered(door, random, count: 6))
      seen[made.state] += 1
      next unless made.named?

      expect(made.next&.finding&.door_off?).not_to be(true) unless made.down?
      danger = made.causes.drop(1).any? { |one| one.cause.danger && one.share >= 0.1 }
      proved = made.first.share >= 0.95 || !made.first.cause.door_off
      expect(made.next).to be_nil if proved && !danger
    end
    expect(seen.keys).to include("asking", "named", "proving")
  end

  it "takes a length by the band that it lies in, up to and with its end" do
    taper = YellowTrack::Files::Knowledge.of("top-hung").findings.fetch("taper")
    expect([0, 1, 1.01r, 4, 4.5, 1000].map { |mm| taper.answer(mm) }).to eq %w[even even some some much much]
    expect([taper.answer(-1), taper.answer(1000.1), taper.answer("odd")]).to eq [nil, nil, nil]
    expect(YellowTrack::Files::Knowledge.of("top-hung").findings.fetch("came").answer(3)).to be_nil
  end

  it "leaves out what was mended" do
    door = ["pocket", %w[neighbour], ["end_low"]]
    expect(Doors.diagnosis(door, mended: ["rear_roller_off"]).causes.map { |one| one.cause.key })
      .to eq(Doors.diagnosis(door).causes.map { |one| one.cause.key } - ["rear_roller_off"])
  end
end
