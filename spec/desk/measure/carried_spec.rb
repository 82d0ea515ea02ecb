# frozen_string_literal: true

# What is known of an opening by its log after a value was written is what the log tells, whoever wrote meanwhile.
RSpec.describe YellowTrack::Desk::Carried do
  include Site

  let!(:row) { hang }

  def found = YellowTrack::Desk::KeptOpening.new(book, book.openings.find(row.id))

  def write(key, typed, opening: found)
    YellowTrack::Desk::Writing.new(opening, who: "runa", owner: "runa")
      .write(YellowTrack::Desk::Fields[key], typed, seen: opening.version).opening
  end

  # What is known of it, and what the log tells when it is asked.
  def told(opening)
    known = [opening.record, book.log.told_of(opening.row)].map { |record| ticks(record) }
    [*known, ticks(book.log.told([row.id]).fetch(row.id))]
  end

  def ticks(record) = record.of("step").map(&:key)

  def tick(key) = found.note({kind: "step", key:, before: nil, after: true}, who: "odo")

  it "asks nothing of the log and the cuts again where a value tells nothing of them" do
    write("survey.depth", "126")
    asked = queries(//) do
      write("survey.depth", "127").then { |opening| [opening.record, opening.cuts, latest(opening)] }
    end
    expect(asked.grep(/log_of_one|log_latest|FROM `cuts`|house_rules|drafts/)).to eq []
  end

  def latest(opening) = book.log.latest(opening.row)

  it "has what was logged last at hand, as the log has it" do
    opening = write("survey.floor.new", %w[300 2])
    expect(latest(opening)).to eq book.log.of(row.id).last
    expect(latest(found)).to have_attributes(kind: "reading", key: "survey.floor.i3", after: %w[300 2])
  end

  it "knows what another ticked before, and between the page and the write" do
    tick("track")
    opening = found
    expect(ticks(opening.record)).to eq %w[track]
    tick("panels")
    expect(told(write("survey.depth", "126", opening:))).to eq [%w[track panels]] * 3
    expect(told(found)).to eq [%w[track panels]] * 3
  end

  it "asks anew once a value is of the set" do
    expect(found.record).not_to be_chosen
    write("survey.depth", "126")
    expect(write("set.lap", "36").record).to be_chosen
    expect(found.record).to be_chosen
  end

  it "keeps nothing of what is taken back" do
    book.db.transaction(rollback: :always) { write("survey.depth", "126") }
    tick("track")
    expect(latest(found)).to have_attributes(kind: "step", key: "track")
    expect(told(found)).to eq [%w[track]] * 3
  end

  it "shows a draft that clashes, though none was typed before" do
    opening = found
    write("survey.depth", "126")
    result = YellowTrack::Desk::Writing.new(opening, who: "odo", owner: "odo")
      .write(YellowTrack::Desk::Fields["survey.depth"], "128", seen: opening.version)
    expect([result.outcome, result.opening.row.drafted]).to eq [:conflict, 1]
    write("survey.depth", "129")
    expect(found.row.drafted).to eq 1
  end
end
