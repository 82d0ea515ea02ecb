# frozen_string_literal: true

require "icalendar"

# Kept plans as calendars read them (handbook 14, "iCalendar").
RSpec.describe YellowTrack::Files::CalendarFile do
  let(:plan) do
    {"visits" => [{"date" => "2027-03-04", "leave" => "2027-03-04T07:30", "arrive" => "2027-03-04T08:10",
                   "depart" => "2027-03-04T12:00", "back" => "2027-03-04T12:40", "steps" => %w[D-track B-hang],
                   "hands" => 3, "uid" => "visit.B-hang.osier-weir-1@yellow-track", "sequence" => 2}],
     "steps" => [{"key" => "B-hang", "start" => "2027-03-04T08:10", "end" => "2027-03-04T08:40"},
       {"key" => "D-track", "start" => "2027-03-04T08:40", "end" => "2027-03-04T12:00"}],
     "checks" => [{"level" => "watch", "date" => "2027-03-04", "says" => "3 hands, and the crew has 2.",
                   "do" => "A helper for that day."}]}
  end
  let(:job) do
    described_class::Job.new(name: "Osier Weir; loft, old", place: "Lock Island 2", plan:, at: "2027-03-01T09:00:00Z",
      gone: [plan["visits"][0].merge("uid" => "visit.A-track.osier-weir-1@yellow-track", "sequence" => 4)],
      steps: {"B-hang" => {"what" => "hang, run; take off", "hands" => 3},
              "D-track" => {"what" => "track", "hands" => 1}},
      looks: [{"uid" => "look-back.B-over.osier-weir-1@yellow-track", "date" => "2027-04-20", "sequence" => 0,
               "openings" => %w[B]}])
  end

  def events(text = described_class.of([job])) = Icalendar::Calendar.parse(text).first.events

  it "has one event a visit, at the site's own clock, that reads back the same" do
    visit = events.first
    expect(visit.dtstart.strftime("%F %R")).to eq "2027-03-04 07:30"
    expect(visit.dtend.strftime("%F %R")).to eq "2027-03-04 12:40"
    expect(visit.uid).to eq "visit.B-hang.osier-weir-1@yellow-track"
    expect(visit.sequence).to eq 2
    expect(visit.summary).to eq "Osier Weir; loft, old: track D; hang, run; take off B"
    expect(events.map { |event| event.location.to_s }.uniq).to eq ["Lock Island 2"]
    expect(visit.description.lines(chomp: true)).to eq ["08:40–12:00 D: track",
      "08:10–08:40 B: hang, run; take off, 3 hands", "watch: 3 hands, and the crew has 2. A helper for that day."]
    expect(described_class.of([job])).to match(/^DTSTART:20270304T073000\r$/)
  end

  it "tells once of a visit that is off, under the next number" do
    off = events.find { |event| event.status == "CANCELLED" }
    expect([off.uid, off.sequence]).to eq ["visit.A-track.osier-weir-1@yellow-track", 4]
    expect(events.count { |event| event.status == "CANCELLED" }).to eq 1
  end

  it "has a look back as a whole day" do
    look = events.last
    expect(described_class.of([job])).to match(/^DTSTART;VALUE=DATE:20270420\r$/)
    expect(look.uid).to start_with("look-back.B-over.")
  end

  it "folds its lines and ends them as calendars want them" do
    text = described_class.of([job])
    expect(text.lines).to all end_with("\r\n")
    expect(text.lines.map { |line| line.chomp.bytesize }.max).to be <= 75
  end

  it "is a calendar without a job too" do
    expect(Icalendar::Calendar.parse(described_class.of([])).first.events).to eq []
  end
end
