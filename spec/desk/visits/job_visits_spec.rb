# frozen_string_literal: true

# The visits of a job from its openings: tried, kept, told.
RSpec.describe YellowTrack::Desk::JobVisits do
  include Site

  let!(:row) { hang("survey.covering" => {"thickness" => 8, "laid" => false}) }
  let(:monday) { Time.local(2027, 3, 1, 6, 0) }

  def changes(**typed)
    described_class::Changes.new(typed.transform_keys(&:to_s))
  end

  def desk(job = row.job_id) = YellowTrack::Desk::Job.new(book, book.jobs.find(job))

  def visiting(tried = changes, job: row.job_id, now: monday) = described_class.new(desk(job), tried, now:)

  def ends(visiting) = visiting.result["steps"].to_h { |step| [step["key"], step["end"][0, 10]] }

  it "plans what its openings have still to do" do
    expect(visiting.result["visits"]).not_to be_empty
    expect(visiting.result["steps"].map { |step| step["key"] }).to include("A-survey", "A-cover", "A-rehang", "A-over")
    expect(visiting.steps.find { |step| step["key"] == "A-survey" }["ended"]).not_to be_nil
  end

  it "keeps a plan, and has nothing to keep after that" do
    expect(visiting).to be_changed
    kept = visiting.keep!(seen: 0, who: "Odo")
    expect([kept.version, kept.who]).to eq [1, "Odo"]
    expect(visiting).not_to be_changed
    expect(visiting.result["moved"]).to eq []
  end

  it "says what a later covering moves, beside what was kept, and keeps the day" do
    visiting.keep!(seen: 0, who: "Odo")
    later = visiting(changes(put: {"A-cover" => "2027-03-15"}))
    moved = later.result["moved"].to_h { |one| [one["step"], one["now"]] }
    expect(moved["A-cover"]).to eq "2027-03-15"
    expect(moved.keys).to include("A-rehang", "A-over")
    expect(later.result["checks"].map { |check| check["code"] }).to include("visits.slip")
    later.keep!(seen: 1, who: "Odo")
    expect(ends(visiting)["A-cover"]).to eq "2027-03-15"
    expect(visiting).not_to be_changed
  end

  it "keeps nothing over a plan that was not seen, and loses neither" do
    mine = visiting(changes(put: {"A-cover" => "2027-03-10"}))
    visiting.keep!(seen: 0, who: "Runa")
    expect(mine.keep!(seen: 0, who: "Odo")).to be_nil
    expect(book.plans.find(row.job_id).who).to eq "Runa"
    again = visiting(changes(put: {"A-cover" => "2027-03-10"}))
    expect(again.keep!(seen: 1, who: "Odo").version).to eq 2
    expect(book.plans.before(row.job_id).who).to eq "Runa"
  end

  it "is in one place at a time: days of another job's plan are taken" do
    visiting.keep!(seen: 0, who: "Odo")
    other = book.jobs.add(name: "Tern House")
    book.openings.add(job_id: other.id, document: row.document, &YellowTrack::Desk::Listing.of(book))
    taken = book.plans.find(row.job_id).plan["days"]
    expect(visiting(job: other.id).result["days"] & taken).to eq []
  end

  it "keeps days off for every job, and takes them back" do
    visiting(changes(off: ["2027-03-02"])).keep!(seen: 0, who: "Odo")
    expect(visiting.result["days"]).not_to include("2027-03-02")
    expect(book.crew_days.all.map { |one| [one.day.iso8601, one.how] }).to eq [["2027-03-02", "off"]]
    visiting(changes(open: ["2027-03-02"])).keep!(seen: 1, who: "Odo")
    expect(book.crew_days.all).to eq []
  end

  it "says why a step is not on the day that it was put on" do
    says = visiting(changes(put: {"A-hang" => "2027-03-02"})).unmet
    expect(says.map(&:key)).to eq %w[A-hang]
    expect(says.first.says).to match(/\AA-(seal|track|cover), .+, is done on \d+ March/)
    closed = visiting(changes(put: {"A-order" => "2027-03-06"})).unmet.first
    expect(closed.says).to eq "6 March is no working day."
    expect(visiting(changes(put: {"A-order" => "2027-02-26"})).unmet.first.says).to include("before the plan begins")
  end

  it "refuses days that there are not, each with what was typed" do
    expect { changes(put: {"A-hang" => "2027-02-30"}, off: ["soon"], travel: "far") }
      .to raise_error(YellowTrack::Faults) { |faults|
        expect(faults.list.map(&:key)).to eq %w[A-hang off travel]
        expect(faults.list.first.words).to include("\"2027-02-30\"").and include("2027-03-01")
      }
  end

  it "names the step that is too long for a day" do
    says = visiting(changes(travel: "260")).faults
    expect(says.map(&:key)).to include("steps.A-track")
    expect(says.first.words).to include("do not fit in a day")
  end

  it "has what is ticked done, here or at its own stage, and waits for nobody who is done" do
    visiting.keep!(seen: 0, who: "Odo")
    visiting.tick!("A-order", true, who: "Odo")
    expect(visiting.steps.find { |step| step["key"] == "A-order" }["ended"]).not_to be_nil
    visiting.tick!("A-order", false, who: "Odo")
    expect(visiting.steps.find { |step| step["key"] == "A-order" }["ended"]).to be_nil
    expect(book.dues.of("wait").map { |due| due.says["key"] }).to eq %w[A-cover]
    opening = YellowTrack::Desk::KeptOpening.new(book, book.openings.find(row.id))
    opening.progress.tick!(opening.progress.find("covering"), true, who: "Odo")
    expect(visiting.steps.find { |step| step["key"] == "A-cover" }["ended"]).not_to be_nil
    expect(book.dues.of("wait")).to eq []
    expect { visiting.tick!("Z-order", true, who: "Odo") }.to raise_error(YellowTrack::Fault, /no step "Z-order"/)
  end

  it "leaves the first page its visits, with what to load" do
    visiting.keep!(seen: 0, who: "Odo")
    due = book.dues.of("visit").first
    expect(due.says["words"].join).to include("A")
    expect(due.says["load"]["tools"]).to include("tape and pencil")
    loads = book.dues.of("visit").flat_map { |one| one.says["load"]["parts"] }
    expect(loads).to include("2 panels for A", "1 track piece for A")
  end

  it "keeps the names that calendars know, and tells of what is off once" do
    visiting.keep!(seen: 0, who: "Odo")
    was = book.plans.find(row.job_id).plan["visits"].map { |visit| visit["uid"] }
    visiting(changes(put: {"A-track" => "2027-03-22"})).keep!(seen: 1, who: "Odo")
    kept = book.plans.find(row.job_id)
    names = kept.plan["visits"].map { |visit| visit["uid"] } + kept.gone.map { |visit| visit["uid"] }
    expect(was - names).to eq []
    expect(kept.plan["visits"].map { |visit| visit["sequence"] }.max).to be_positive
  end

  it "begins tomorrow once today is under way without a plan" do
    expect(visiting(now: Time.local(2027, 3, 1, 9, 0)).start).to eq Date.new(2027, 3, 2)
    expect(visiting.start).to eq Date.new(2027, 3, 1)
  end
end
