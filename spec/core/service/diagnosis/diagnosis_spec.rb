# frozen_string_literal: true

require "support/share"

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
        expect(made.values_at("state", "ended", "mends")).to eq worked.values_at("state", "ended", "mends")
        expect(made["excluded"]).to match_array worked["excluded"]
        expect(made["behind"]).to match_array worked["behind"]
        %w[next quarrel].each { |key| expect(plain(made[key])).to eq plain(worked[key]) }
        numbers = ->(file) { [*file["next"]&.values_at("drop", "per_minute"), *file["quarrel"]&.fetch("bits")] }
        expect(numbers.call(made)).to match(numbers.call(worked).map { |number| be_within(near).of(number) })
        expect(made["causes"].map { |cause| cause.except("share") })
          .to eq(worked["causes"].map { |cause| cause.except("share") })
        expect(made["causes"].map { |cause| cause["share"] })
          .to match(worked["causes"].map { |cause| be_within(near).of(cause["share"]) })
      end
    end
  end

  # A part of a file without its numbers.
  def plain(part) = part&.reject { |_, value| value.is_a?(Numeric) }

  it "follows the worked door: top-hung, it rattles, the set not known, to loose glass" do
    known = YellowTrack::Files::Knowledge.of("top-hung")
    found, things = {}, {}
    made = -> { described_class.new(known, symptoms: ["rattles"], findings: found, things:) }
    expect([made.call.entropy.round(3), made.call.causes.length]).to eq [3.264, 11]
    steps = [["sound", "rattle"], ["grip", "yes"], ["infill", true], ["buzz", "yes"], ["guide_look", "right"],
      ["where", "all_along"]]
    shares = steps.map do |key, answer|
      asked = made.call.next
      expect((asked.finding || asked.thing).key).to eq key
      asked.thing ? things[key] = answer : found[key] = answer
      made.call.causes.find { |one| one.cause.key == "loose_glass" }.share.round(3)
    end
    expect(shares.values_at(3, 4, 5)).to eq [0.79, 0.865, 0.922]
    expect([made.call.state, made.call.minutes.to_f]).to eq ["proving", 1.6] # and 0.1 for the glass
  end

  it "names nothing before anything is found, though one cause alone is known" do
    known = YellowTrack::Files::Knowledge.of("pocket")
    made = ->(found, out) { described_class.new(known, symptoms: ["insects"], findings: found, mended: out) }
    left = made.call({}, ["insects_old"])
    expect([left.causes.length, left.first.share, left.state]).to eq [2, 0.95, "proving"]
    question = left.next.finding
    states = left.answers(question).map { |answer| made.call({question.key => answer}, ["insects_old"]).state }
    expect(states).to include("named").and include(/asking|none|few/)
    expect(made.call({question.key => nil}, ["insects_old"]).ended).not_to eq "named" # nobody knew
  end

  it "keeps shares that sum to 1, of causes of the family alone, whatever was found" do
    100.times do
      door = Doors.any(random)
      made = Doors.diagnosis(door, Doors.answered(door, random))
      expect(made.belief.shares.sum).to be_within(1e-9).of(1)
      known = made.causes.map(&:cause).reject(&:none?)
      expect(known.map(&:for)).to all include(door.first)
      expect(known.map { |cause| door[1][cause.if] }).not_to include(false)
      expect(made.state).to eq("none") if known.empty?
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
    rules = described_class::Questions
    60.times do
      door = Doors.any(random)
      door = [door.first, door[1].transform_values { |there| there || false }, door.last]
      made = Doors.diagnosis(door, Doors.answered(door, random, count: random.rand(0..3)), down: random.rand < 0.3)
      next if made.next.nil? || made.named?

      open = made.askable.to_h { |finding| [finding, by_looking(made, finding)] }
      told = open.select do |finding, drop|
        drop > ((finding.door_off? && !made.down?) ? rules::SPARES : rules::TELLS) + 1e-9
      end
      if !made.down? && told.any? { |finding, drop| !finding.door_off? && drop > rules::SPARES }
        told = told.reject { |finding, _| finding.door_off? }
      end
      best = told.map { |finding, drop| drop / finding.cost(made.down?) }.max
      expect(made.next.per_minute).to be_within(2e-6).of(best)
    end
  end

  it "brings no door down to prove what is named, and asks on while something dangerous stands" do
    seen = Hash.new(0)
    Share.count(600).times do
      door = Doors.any(random)
      made = Doors.diagnosis(door, Doors.answered(door, random, count: random.rand(1..8)))
      seen[made.state] += 1
      next unless made.named?

      expect(made.next&.door_off?).not_to be(true) unless made.down?
      danger = made.causes.any? { |one| one != made.first && one.cause.danger && one.share >= 0.05 }
      proved = made.first.share >= 0.95 || !made.first.cause.door_off
      expect([made.next, made.ended]).to eq [nil, "named"] if proved && !danger
    end
    expect(seen.keys).to include("asking", "named")
  end

  it "takes a thing's chance of 0 or 1 as knowing that it is lacking, or there" do
    known = YellowTrack::Files::Knowledge
    data = known.read
    60.times do
      door = Doors.any(random)
      thing = data["things"].keys.sample(random:)
      sure = random.rand(0..1)
      things = data["things"].merge(thing => data.dig("things", thing).merge("chance" => sure, "but" => {}))
      by_chance = described_class.new(described_class::Knowledge.new(data.merge("things" => things), door.first),
        symptoms: door.last, things: door[1].merge(thing => nil), passed: [thing])
      next if by_chance.symptoms.any? { |key| by_chance.knowledge.symptoms[key].if == thing }

      shares = Doors.diagnosis([door.first, door[1].merge(thing => sure == 1), door.last]).causes
        .to_h { |one| [one.cause.key, one.share] }
      by_chance.causes.each { |one| expect(one.share).to be_within(1e-9).of(shares.fetch(one.cause.key, 0)) }
    end
  end

  it "answers as it did without softening and none of these" do
    data = YellowTrack::Files::Knowledge.read
    plain = described_class::Knowledge.new(data.merge("soften" => {"door" => 0, "phone" => 0},
      "none" => data["none"].merge("share" => 0)), "bottom-rolling")
    made = described_class.new(plain, symptoms: ["scrapes"], things: Doors.all_things(%w[neighbour]),
      findings: {"came" => "slowly", "edge_look" => "raw", "house" => "no", "low" => "both_ends", "old_wheels" => "yes",
                 "before" => "nothing", "damp" => "dry", "track_gives" => "no", "taper" => 1})
    expect(made.first.cause.key).to eq "wheel_worn"
    expect([made.first.share, made.minutes.to_f]).to match [be_within(0.0005).of(0.979), 3.7]
  end

  it "minds an answer by telephone less than the same at the door, and asks only what a customer can find" do
    found = {"came" => "slowly", "old_wheels" => "yes"}
    door = ["bottom-rolling", [], ["scrapes"]]
    by = ->(**rest) { Doors.diagnosis(door, found, **rest).first.share }
    expect(by.call(told: found.keys)).to be < by.call
    made = Doors.diagnosis(door, found, phone: true)
    expect(made.askable.map { |one| [one.how, one.needs] }.uniq - [%w[ask nothing], %w[look nothing]]).to eq []
  end

  it "keeps a firm's counts within a third and three times, and shares that sum to 1" do
    door = ["top-hung", [], ["scrapes"]]
    before = Doors.diagnosis(door).start
    [{"scrapes" => {"wheel_worn" => 5000}}, {"scrapes" => {"none" => 3, "swollen" => 2}}, {"stiff" => {"debris" => 9}}]
      .each do |counts|
        made = Doors.diagnosis(door, counts:)
        shifts = made.prior.causes.map { |cause| made.prior.shift(cause) }
        expect(shifts).to all be_between(1 / 3.0, 3)
        expect(made.start.shares.sum).to be_within(1e-9).of(1)
        expect(made.start.shares == before.shares).to eq counts.key?("stiff")
      end
  end

  it "says that it cannot tell: after so many not known, so many put, or where nothing more tells" do
    door = ["top-hung", [], ["scrapes"]]
    asked = Doors.diagnosis(door).fitting.map(&:key)
    expect(Doors.diagnosis(door, asked.first(4).to_h { |key| [key, nil] }).ended).to eq "not_known"
    ended = {}
    200.times do
      any = Doors.any(random)
      made = Doors.diagnosis(any, Doors.answered(any, random, count: 13))
      ended[made.ended] = made.state
      expect(made.mends.empty?).to eq(made.state == "none") if made.ended
    end
    expect(ended.keys).to include("long")
  end

  it "leaves a door down that was taken down for a finding" do
    door = ["bottom-rolling", [], ["scrapes"]]
    made = Doors.diagnosis(door, {"wheel_wear" => "worn", "wheel_spin" => "free"})
    costs = %w[wheel_wear wheel_spin].map { |key| made.knowledge.findings[key] }
    expect([made.down?, made.minutes]).to eq [true, costs[0].minutes + costs[1].minutes_down]
    expect(made.askable.map(&:not_with).compact.flatten).not_to include("fallen")
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
