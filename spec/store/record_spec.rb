# frozen_string_literal: true

RSpec.describe YellowTrack::Store::Log do
  include Site

  let(:row) { hang }

  it "tells the log by kind, the latest of each key, and who was at work" do
    %w[Runa Odo Runa].each_with_index do |who, place|
      book.log.add(opening_id: row.id, version: 1, kind: "step", key: %w[line track line][place], before: nil,
        after: place.zero? ? nil : true,
        who:, at: "2026-11-0#{place + 1}T08:00:00Z")
    end
    expect(book.log.of(row.id).map(&:kind)).to eq %w[made step step step]
    told = book.log.told([row.id])
    expect(told.fetch(row.id).latest("step").transform_values(&:after)).to eq("line" => true, "track" => true)
    expect(told.fetch(row.id).of("step").map(&:after)).to eq [nil, true, true]
    expect(book.log.names_in(row.id)).to match_array %w[Runa Odo fitter]
    expect(book.log.find(0)).to be_nil
  end

  it "tells a page of it, and how many there are" do
    9.times { |place| book.openings.note(row.id, {kind: "remark", key: "remark", before: nil, after: place.to_s}) }
    expect(book.log.count(row.id, kind: "remark")).to eq 9
    expect(book.log.of(row.id, kind: "remark", most: 4, after: 4).map(&:after)).to eq %w[4 5 6 7]
  end

  it "tells of many openings in one question, and nothing of a set before the one that hangs" do
    other = hang
    [row, other].each { |one| book.openings.note(one.id, {kind: "step", key: "line", before: nil, after: true}) }
    book.openings.change(row.id, "set.kit", "quad-42", seen: 1)
    asked = queries { @told = book.log.told([row.id, other.id, 999]) }
    expect(asked.length).to eq 1
    expect(@told.transform_values { |one| one.of("step").length }).to eq(row.id => 0, other.id => 1, 999 => 0)
  end

  it "asks nothing twice of a log that has no new entry, and forgets what was taken back" do
    tick = ->(key) { book.openings.note(row.id, {kind: "step", key:, before: nil, after: true}) }
    told = -> { book.log.told_of(book.openings.find(row.id)).latest("step").keys }
    tick.call("line")
    expect(told.call).to eq %w[line]
    now = book.openings.find(row.id)
    expect(queries { book.log.told_of(now) && book.log.latest(now) && book.saw.cuts_of(now) }.length).to eq 2
    expect(queries { book.log.told_of(now) && book.log.latest(now) && book.saw.cuts_of(now) }).to be_empty
    book.transaction do
      tick.call("track")
      expect(told.call).to eq %w[line track]
      raise Sequel::Rollback
    end
    tick.call("hinges")
    expect(told.call).to eq %w[line hinges]
  end

  it "keeps a picture with its entry in the log, which nothing rewrites" do
    picture = YellowTrack::Store::Pictures::Picture
      .new(type: "image/png", width: 4, height: 3, data: "\x00\xFFdata".b, thumb: "\x89thumb".b)
    id = book.pictures.add(row, picture, caption: "The foot", who: "Odo")
    expect(book.pictures.find(id)).to have_attributes(data: "\x00\xFFdata".b, thumb: "\x89thumb".b, width: 4)
    expect(book.log.of(row.id, kind: "picture").last)
      .to have_attributes(who: "Odo", after: {"picture" => id, "caption" => "The foot", "width" => 4, "height" => 3})
    expect { book.db[:log_entries].where(kind: "picture").update(who: "nobody") }
      .to raise_error(Sequel::Error, /never rewritten/)
    expect { book.db[:log_entries].where(kind: "picture").delete }.to raise_error(Sequel::Error, /never rewritten/)
  end

  it "dates a record taken over from before at its own time, and nothing else" do
    then_ = Time.utc(2026, 1, 2, 3, 4, 5)
    YellowTrack::Store::Clock.during(then_) do
      book.openings.note(row.id, {kind: "remark", key: "remark", before: nil, after: "soft foot"})
    end
    expect(book.log.of(row.id).last.at).to eq "2026-01-02T03:04:05Z"
    expect(Time.iso8601(YellowTrack::Store::Clock.now)).to be_within(5).of(Time.now)
  end
end
