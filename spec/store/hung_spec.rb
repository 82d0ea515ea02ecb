# frozen_string_literal: true

require "tmpdir"

RSpec.describe YellowTrack::Store do
  around do |example|
    Dir.mktmpdir do |folder|
      @book = described_class::Book.open("#{folder}/book.sqlite3")
      @job = @book.jobs.add(name: "Osier Weir", units: "mm")
      @row = @book.openings.add(job_id: @job.id, document: described_class::Document.new(document))
      example.run
      @book.close
    end
  end

  attr_reader :book, :row

  def adjust(seen:, state: {"at" => {"left" => "1.25"}}) = book.openings.adjust(row.id, "B", state, made: {"turned" => {}}, seen:, who: "Runa") { {worst: nil, stage: "adjust"} }

  it "keeps a move and the panel's state after it in one act" do
    change = adjust(seen: 1)
    expect(change).to have_attributes(outcome: :saved)
    expect(change.opening).to have_attributes(version: 2, stage: "adjust")
    expect(change.opening.document["hung.B.at.left"]).to eq "1.25"
    expect(book.log.of(row.id, kind: "move").map { |entry| [entry.key, entry.who, entry.version, entry.before] }).to eq [["hung.B", "Runa", 2, nil]]
  end

  it "refuses a move on readings that someone changed meanwhile, and keeps a change elsewhere" do
    book.openings.change(row.id, "hung.B.gaps.top", "2", seen: 1) { {} }
    expect(adjust(seen: 1)).to have_attributes(outcome: :conflict)
    expect(book.openings.find(row.id).document["hung.B"]).to eq("gaps" => {"top" => "2"})
    expect(adjust(seen: 2)).to have_attributes(outcome: :saved)
    book.openings.change(row.id, "survey.depth", "130", seen: 3) { {} }
    expect(adjust(seen: 3, state: {"at" => {"left" => "2.5"}})).to have_attributes(outcome: :saved)
    expect(book.openings.find(row.id).document["survey.depth"]).to eq "130"
  end

  it "tells the log by kind, the latest of each key, and who was at work" do
    %w[Runa Odo Runa].each_with_index do |who, place|
      book.log.add(opening_id: row.id, version: 1, kind: "step", key: %w[line track line][place], before: nil, after: place, who:, at: "2026-11-0#{place + 1}T08:00:00Z")
    end
    expect(book.log.of(row.id).map(&:kind)).to eq %w[made step step step]
    told = book.log.told([row.id])
    expect(told.fetch(row.id).latest("step").transform_values(&:after)).to eq("line" => 2, "track" => 1)
    expect(told.fetch(row.id).of("step").map(&:after)).to eq [0, 1, 2]
    expect(book.log.names).to eq %w[Runa Odo fitter]
    expect(book.log.find(0)).to be_nil
  end

  it "tells of many openings in one question, and nothing of a set before the one that hangs" do
    other = book.openings.add(job_id: @job.id, document: described_class::Document.new(document))
    [row, other].each { |one| book.log.add(opening_id: one.id, version: 1, kind: "step", key: "line", before: nil, after: true, who: "Odo", at: "2026-11-01T08:00:00Z") }
    book.openings.change(row.id, "set.kit", "quad-42", seen: 1) { {} }
    asked = []
    book.db.loggers << Object.new.tap { |logger| %i[info debug warn error].each { |level| logger.define_singleton_method(level) { |sql| asked << sql if sql.include?("SELECT") } } }
    told = book.log.told([row.id, other.id, 999])
    expect(asked.length).to eq 1
    expect(told.transform_values { |one| one.of("step").length }).to eq(row.id => 0, other.id => 1, 999 => 0)
  end

  it "takes a move back in one act: the reading before it stands again, and a correction points at it" do
    book.openings.change(row.id, "hung.B", {"gaps" => {"top" => "6"}}, seen: 1) { {} }
    adjust(seen: 2)
    move = book.log.of(row.id, kind: "move").last
    expect(book.openings.take_back(row.id, move, says: "not turned", seen: 1) { {} }).to have_attributes(outcome: :conflict)
    expect(book.log.of(row.id, kind: "correction")).to eq []
    change = book.openings.take_back(row.id, move, says: "not turned", seen: 3, who: "Odo") { {} }
    expect(change.opening.document["hung.B"]).to eq("gaps" => {"top" => "6"})
    expect(book.log.of(row.id, kind: "correction").last).to have_attributes(key: "entry.#{move.id}", who: "Odo", version: change.opening.version)
  end

  it "keeps a picture with its entry in the log, which nothing rewrites" do
    picture = described_class::Pictures::Picture.new(type: "image/png", width: 4, height: 3, data: "\x00\xFFdata".b, thumb: "\x89thumb".b)
    id = book.pictures.add(row, picture, caption: "The foot", who: "Odo")
    expect(book.pictures.find(id)).to have_attributes(data: "\x00\xFFdata".b, thumb: "\x89thumb".b, width: 4)
    expect(book.log.of(row.id, kind: "picture").last).to have_attributes(who: "Odo", after: {"picture" => id, "caption" => "The foot", "width" => 4, "height" => 3})
    expect { book.db[:log_entries].where(kind: "picture").update(who: "nobody") }.to raise_error(Sequel::Error, /never rewritten/)
    expect { book.db[:log_entries].where(kind: "picture").delete }.to raise_error(Sequel::Error, /never rewritten/)
  end

  it "dates a record taken over from before at its own time, and nothing else" do
    then_ = Time.utc(2026, 1, 2, 3, 4, 5)
    described_class::Clock.during(then_) { book.openings.note(row.id, "soft foot") }
    expect(book.log.of(row.id).last.at).to eq "2026-01-02T03:04:05Z"
    expect(Time.iso8601(described_class::Clock.now)).to be_within(5).of(Time.now)
  end
end
