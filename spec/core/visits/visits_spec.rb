# frozen_string_literal: true

require "support/share"

RSpec.describe YellowTrack::Visits do
  let(:random) { Random.new(RSpec.configuration.seed) }

  def planned(work) = YellowTrack::Files::WorkFile.visits(work)

  # What of a plan is as the worked one has it, whatever else is as good.
  def settled(plan)
    late = checks(plan).select { |code, _, _| code == "visits.late" }
    plan.slice("end", "proved", "days").merge("dates" => plan["visits"].map { |visit| visit["date"] }, "late" => late)
  end

  def checks(plan) = plan["checks"].map { |check| check.values_at("code", "level", "date") }.sort

  alike = %w[02 05 06] # their worked plans have steps of a day in another order
  Dir["#{Cases::FOLDER}/visits/*.work.json"].sort.each do |file|
    work, worked = [file, file.sub(".work.", ".visits.")].map { |path| JSON.parse(File.read(path)) }
    name = File.basename(file, ".work.json")
    next if worked["faults"]

    it "agrees with #{name}" do
      made = planned(work).to_h
      expect(settled(made)).to eq settled(worked)
      expect(Crews.broken({"travel" => 0, "off" => [], "away" => []}.merge(work), made)).to eq []
      next if alike.any? { |number| name.include?("-#{number}-") }

      expect(made.except("checks", "waits")).to eq worked.except("checks", "waits")
      expect(made["waits"]).to match_array worked["waits"]
      expect(checks(made)).to eq checks(worked)
    end
  end

  # Every plan of six steps takes two seconds to look at, of five a tenth of that.
  it "finds what looking at every plan finds, of a few steps" do
    Share.count(12).times do
      plan = planned(Crews.any(random, random.rand(3..(Share::WHOLE ? 6 : 5))))
      next if plan.model.crew.empty?

      trips = plan.rows.select(&:trip).map(&:day)
      expect([plan.end_day, trips.length, plan.rows.length, trips]).to eq Crews.exhausted(plan.model)
    end
  end

  it "keeps to hours, waits, one trip a day and one step at a time, however many steps" do
    Share.of([5, 9, 12, 20, 40, 90], 3).each do |count|
      work = Crews.any(random, count)
      expect(Crews.broken(work, planned(work).to_h)).to eq []
    end
  end

  # How near is no promise: on the same made-up jobs each time.
  it "comes near the best where it does not prove it, and never under its bound" do
    same = Random.new(1)
    30.times do
      model = planned(Crews.any(same, 9)).model
      next if model.crew.empty?

      best, good = [described_class::Search, described_class::Greedy].map do |way|
        rows = way.new(model).best
        [model.last_day(rows.last.ends), rows.count(&:trip)]
      end
      expect(good <=> best).to be >= 0
      expect(good.first).to be <= best.first + 2
      load = described_class::Load.new(model)
      expect(load.day(model.beginning, 0)).to be <= best.first
      expect(load.trips(model.beginning)).to be <= best.last
      expect(described_class::Apart.new(model).visits(model.beginning)).to be <= best.last
    end
  end

  it "looks on past a dozen steps, and finds what a look at every plan finds" do
    [15, 18, 23].each do |count|
      plan = planned(Crews.any(Random.new(200 + count), count))
      rows = described_class::Search.new(plan.model).best
      best, good = [rows, plan.rows].map { |all| [plan.model.last_day(all.last.ends), all.count(&:trip), all.length] }
      expect([plan.model.crew.length > 12, good]).to eq [true, best]
    end
  end

  it "is patient by the clock, or by counted looks, however long they take" do
    patience = YellowTrack::Visits::Patience
    looks = ->(made) { (1..).find { made.over? } }
    made = [patience.counted(0.01), patience.counted(1).part(0.5, most: 0.01)].map(&looks)
    expect(made).to eq [151, 151]
    expect(patience.new(0).over?).to be true
    by_clock = patience.new(60)
    expect(by_clock.over?).to be false
    allow(Process).to receive(:clock_gettime).and_wrap_original { |clock, *id| clock.call(*id) + 61 }
    expect([by_clock.over?, patience.counted(1).over?]).to eq [true, false]
  end

  it "holds to the plan before, of many steps, where none is better; and not to one that cannot be done any more" do
    same = Random.new(4)
    work = Crews.any(same, 60)
    kept = planned(work).to_h
    none = YellowTrack::Visits::Patience.new(0)
    again = YellowTrack::Files::WorkFile.visits(work.merge("was" => kept), patience: none).to_h
    expect(again["moved"]).to eq []
    expect(again["visits"].map { |visit| visit.slice("date", "steps", "sequence") })
      .to eq(kept["visits"].map { |visit| visit.slice("date", "steps", "sequence") })
    late = {**work, "was" => kept, "steps" => work["steps"].map { |step|
      (step["key"] == kept["visits"].first["steps"].first) ? step.merge("not_before" => "2027-03-22") : step
    }}
    expect(Crews.broken(late, planned(late).to_h)).to eq []
    expect(planned(late).to_h["moved"]).not_to eq []
  end

  it "says by how much a date of others may slip" do
    steps = [{"key" => "A-cover", "place" => "other", "done" => "2027-03-02"},
      {"key" => "A-hang", "place" => "site", "minutes" => 60, "after" => [{"step" => "A-cover"}]},
      {"key" => "B-order", "place" => "other", "days" => 6}]
    slack = ->(list) { planned(work_of(list)).to_h["steps"].to_h { |step| [step["key"], step["slack"]] } }
    expect(slack[steps]).to include("A-cover" => 3, "B-order" => 0) # the order is over on the 8th
    expect(slack[steps.first(2)]["A-cover"]).to eq 0
  end

  def work_of(steps)
    {"format" => "yellow-track/work", "version" => 1, "start" => "2027-03-01", "steps" => steps}
  end

  it "says so where it is not proved" do
    plan = planned(Crews.any(Random.new(4), 70))
    day, visits = plan.bound
    expect(plan.proved?).to be false
    expect([day <= plan.end_day, visits <= plan.visits.length]).to eq [true, true]
    expect(plan.checks.map { |found| found.check.code }).to include "visits.bound"
  end

  it "ends without a step, and with none of the crew's" do
    work = {"format" => "yellow-track/work", "version" => 1, "start" => "2027-03-01", "steps" => []}
    expect(planned(work).to_h).to include("visits" => [], "days" => [], "chain" => [])
    others = [{"key" => "D-paint", "place" => "other", "days" => 2}]
    expect(planned(work.merge("steps" => others)).to_h).to include("visits" => [], "end" => "2027-03-02")
  end

  it "keeps a visit's name when it moves, counts that, and says what moved" do
    work = JSON.parse(File.read("#{Cases::FOLDER}/visits/visits-03-covering-by-date.work.json")).except("was")
    first = planned(work).to_h
    expect(planned(work.merge("was" => first)).to_h["visits"]).to eq first["visits"]
    expect(planned(work.merge("was" => first)).to_h["moved"]).to eq []

    week_on = ->(day) { (Date.parse(day) + 7).to_s }
    later = work.merge("start" => week_on.call(work["start"]), "was" => first)
    later["steps"] = work["steps"].map { |step| step.merge(step.slice("done").transform_values(&week_on)) }
    moved = planned(later).to_h
    expect(moved["visits"].map { |visit| visit["uid"] }).to eq(first["visits"].map { |visit| visit["uid"] })
    expect(moved["visits"].map { |visit| visit["sequence"] }).to all(eq(1))
    expect(moved["moved"].map { |row| row["days"] }).to all(be_positive)
    expect(moved["checks"].map { |check| check["code"] }).to include "visits.slip"
  end
end
