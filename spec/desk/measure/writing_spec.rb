# frozen_string_literal: true

RSpec.describe YellowTrack::Desk::Writing do
  include Site

  let(:row) { hang("survey.floor" => nil) }

  # What a device types on a field, on the version that it saw.
  def write(key, posted, owner: "phone", seen: nil, who: owner, from: book, **rest)
    now = YellowTrack::Desk::KeptOpening.new(from, from.openings.find(row.id))
    described_class.new(now, who:, owner:)
      .write(YellowTrack::Desk::Fields[key], posted, seen: seen || now.version, **rest)
  end

  def floor = book.openings.find(row.id).document["survey.floor"]

  describe "a list that two look at" do
    before { [%w[0 0], %w[900 3], %w[1812 4]].each { |station| write("survey.floor.new", station) } }

    it "changes the station that was meant, though another is gone meanwhile" do
      seen = book.openings.find(row.id).version
      write("survey.floor.i0", ["", ""], owner: "bench")
      result = write("survey.floor.i1", %w[900 5], seen:)
      expect(result.outcome).to eq :saved
      expect(floor).to eq [%w[900 5], %w[1812 4]]
    end

    it "tells a change of a station that was taken out meanwhile, and keeps what was typed" do
      seen = book.openings.find(row.id).version
      write("survey.floor.i1", ["", ""], owner: "bench")
      result = write("survey.floor.i1", %w[900 5], seen:)
      expect(result).to have_attributes(outcome: :conflict,
        note: "Changed meanwhile from 900 – 3 to nothing. You typed 900 – 5.")
      expect(floor).to eq [%w[0 0], %w[1812 4]]
      expect(book.drafts.of(row.id, "phone")["survey.floor.i1"].typed).to eq %w[900 5]
      write("survey.floor.i1", %w[900 5], seen:, overrule: true)
      expect(floor).to eq [%w[0 0], %w[900 5], %w[1812 4]]
    end

    it "puts an emptied station back where it stood" do
      write("survey.floor.i0", ["", ""])
      now = YellowTrack::Desk::KeptOpening.new(book, book.openings.find(row.id))
      described_class.new(now, who: "Odo", owner: "phone")
        .put_back(YellowTrack::Desk::Fields["survey.floor.i0"], seen: now.version)
      expect(floor).to eq [%w[0 0], %w[900 3], %w[1812 4]]
    end
  end

  describe "drafts" do
    it "stay with whoever typed them, whatever others save" do
      write("set.lap", "3x", owner: "phone")
      write("set.lap", "40", owner: "bench")
      expect(book.drafts.of(row.id, "phone")["set.lap"]).to have_attributes(typed: "3x", seen: 1)
      expect(book.drafts.of(row.id, "bench")).to be_empty
      write("set.lap", "41", owner: "phone", overrule: true)
      expect(book.drafts.of(row.id, "phone")).to be_empty
    end

    it "go when they are given up, and only then one's own" do
      %w[phone bench].each { |owner| write("set.lap", "3x", owner:) }
      now = YellowTrack::Desk::KeptOpening.new(book, book.openings.find(row.id))
      described_class.new(now, who: "Odo", owner: "phone").forget(YellowTrack::Desk::Fields["set.lap"])
      expect(book.drafts.of(row.id, "phone")).to be_empty
      expect(book.drafts.of(row.id, "bench").keys).to eq ["set.lap"]
    end
  end

  it "refuses a layer with none under it, and keeps it" do
    write("set.makeup.0", ["", ""])
    result = write("set.makeup.1", %w[glass 4])
    expect(result).to have_attributes(outcome: :unread,
      note: "Nothing stands before it. Fill in the one before it first.")
    expect(book.drafts.of(row.id, "phone")["set.makeup.1"].typed).to eq %w[glass 4]
  end

  it "keeps what lists show beside the document, in the same act" do
    write("survey.widths.top", "1804")
    kept = book.openings.find(row.id)
    expect(kept.outline["sides"].first).to eq 1812
    expect(kept.outline["panels"].first[2]).to eq 919
    expect(kept.sentence.tr("\u00A0", " ")).to include("Cut A-T1, the track, to 1 801 mm")
    expect(kept.materials).to include("Twin lane 42 track")
  end

  # Two servers, eight hands, one field: nothing typed is lost without a word.
  it "loses nothing that eight type on one field through two servers" do
    row
    file = book.db.opts[:database]
    servers = Array.new(2) { YellowTrack::Store::Book.open(file) }
    refused = Array.new(8) do |hand|
      Thread.new do
        Array.new(12) do |turn|
          typed = (1000 + hand * 100 + turn).to_s
          seen = servers[hand % 2].openings.find(row.id).version
          Thread.pass
          result = write("survey.widths.top", typed, owner: "hand #{hand}", seen:, from: servers[hand % 2])
          (result.outcome == :conflict) ? [hand, typed, result.note] : nil
        end.compact
      end
    end.flat_map(&:value)
    expect(refused.map(&:last)).to all include("Changed meanwhile")
    logged = book.log.of(row.id, kind: "reading").map(&:after)
    typed = (0...8).flat_map { |hand| (0...12).map { |turn| (1000 + hand * 100 + turn).to_s } }
    expect(typed - logged - refused.map { |_, text, _| text }).to eq []
    last_refused = refused.group_by(&:first).transform_values { |list| list.last[1] }
    kept = (0...8).to_h { |hand| [hand, book.drafts.of(row.id, "hand #{hand}")["survey.widths.top"]&.typed] }.compact
    expect(kept.to_a - last_refused.to_a).to eq []
  ensure
    servers&.each(&:close)
  end
end
