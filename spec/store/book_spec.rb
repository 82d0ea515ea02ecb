# frozen_string_literal: true

RSpec.describe YellowTrack::Store::Book do
  include Site

  let(:row) { hang }
  let(:openings) { book.openings }

  def change(key, value, seen: row.version, **rest) = openings.change(row.id, key, value, seen:, **rest)

  it "saves a change, raises the version, and logs what it replaced" do
    expect(change("survey.widths.top", "1806").outcome).to eq :saved
    entry = book.log.since(row.id, row.version).first
    expect(entry).to have_attributes(kind: "reading", key: "survey.widths.top", before: 1808, after: "1806", version: 2)
    expect(openings.find(row.id)).to have_attributes(version: 2)
  end

  it "does nothing for a value that is there already" do
    expect(change("survey.widths.top", 1808).outcome).to eq :same
    expect(book.log.since(row.id, row.version)).to be_empty
  end

  it "loses neither of two changes to one value" do
    change("survey.widths.top", "1806")
    second = change("survey.widths.top", "1807", seen: 1)
    expect(second).to have_attributes(outcome: :conflict)
    expect(second.meanwhile.map(&:after)).to eq ["1806"]
    expect(openings.find(row.id).document["survey.widths.top"]).to eq "1806"
    expect(change("survey.widths.top", "1807", seen: 1, overrule: true).outcome).to eq :saved
  end

  it "merges changes to different values, and says what came meanwhile" do
    change("survey.widths.top", "1806")
    second = change("survey.heights.left", "2250", seen: 1)
    expect(second.outcome).to eq :saved
    expect(second.meanwhile.map(&:key)).to eq ["survey.widths.top"]
    expect(second.opening.document["survey.widths.top"]).to eq "1806"
  end

  it "never rewrites the log" do
    change("set.lap", "30")
    expect { book.db[:log_entries].update(who: "other") }.to raise_error(Sequel::DatabaseError, /never rewritten/)
    expect { book.db[:log_entries].delete }.to raise_error(Sequel::DatabaseError, /never rewritten/)
  end

  it "keeps a draft for whoever typed it, until he settles it" do
    %w[phone bench].each_with_index do |owner, place|
      book.drafts.keep(row.id, "set.lap", "#{place}x", says: "No length.", owner:, seen: 3, unit: :in)
    end
    expect(book.drafts.of(row.id, "bench")["set.lap"])
      .to have_attributes(typed: "1x", says: "No length.", clash: false, seen: 3, unit: "in")
    book.drafts.clear(row.id, "set.lap", owner: "bench")
    expect(book.drafts.of(row.id, "bench")).to be_empty
    expect(book.drafts.of(row.id, "phone")["set.lap"].typed).to eq "0x"
  end

  it "counts as quarrels what others changed meanwhile and times that cannot be, of one's own alone" do
    book.accounts.add("Odo")
    runa, odo = [Site::FITTER, "Odo"].map { |name| book.accounts.named(name).id }
    keep = ->(key, **rest) { book.drafts.keep(row.id, key, "3", says: "Changed meanwhile.", **rest) }
    keep.call("set.lap", owner: "runa", clash: true)
    keep.call("set.gap", owner: "runa")
    keep.call("survey.depth", owner: "odo", clash: true)
    told, came = Time.now + 86_400, Time.now
    [runa, runa, odo].each do |account|
      book.asked_times.keep(account, path: "/", form: "", picture: nil, told_at: told, came_at: came)
    end
    his = {"runa" => runa, "odo" => odo, "nobody" => 0}.map { |name, id| book.first_page.of(name, id).quarrels }
    expect(his).to eq [3, 2, 0]
  end

  it "shows a draft from before drafts had an owner to everybody, and lets anybody settle it" do
    book.drafts.keep(row.id, "set.lap", "3x", says: "No length.", owner: YellowTrack::Store::Drafts::ANYBODY)
    expect(book.drafts.of(row.id, "phone")["set.lap"].typed).to eq "3x"
    book.drafts.clear(row.id, "set.lap", owner: "phone")
    expect(book.drafts.of(row.id, "bench")).to be_empty
  end

  it "sets SQLite up for several hands at once" do
    expect(book.db.fetch("PRAGMA journal_mode").single_value).to eq "wal"
    expect(book.db.fetch("PRAGMA foreign_keys").single_value).to eq 1
    expect {
      book.db[:openings].insert(job_id: 99, letter: "A", name: "", document: "{}", family: "", created_at: "",
        changed_at: "")
    }
      .to raise_error(Sequel::ForeignKeyConstraintViolation)
    expect { book.db[:jobs].insert(name: "x", position: "not a number", created_at: "") }
      .to raise_error(Sequel::DatabaseError, /TEXT|INTEGER/)
    expect { book.db[:openings].where(id: row.id).update(document: "{") }.to raise_error(Sequel::DatabaseError)
  end

  it "takes writes from several threads without losing one" do
    row
    threads = Array.new(4) do |n|
      Thread.new do
        10.times do |k|
          openings.change(row.id, "set.slab.#{%w[width height foot stile][n]}", (k + 1).to_s, seen: 1, overrule: true)
        end
      end
    end
    threads.each(&:join)
    expect(openings.find(row.id).document["set.slab"])
      .to eq("width" => "10", "height" => "10", "foot" => "10", "stile" => "10")
    expect(openings.find(row.id).version).to eq 41
  end

  it "gives a job's openings a page at a time, and the first of several jobs in one question" do
    rows = Array.new(5) { hang }
    other = openings.add(job_id: book.jobs.add(name: "Tern House").id, document: rows.first.document)
    expect(openings.of(rows.first.job_id, most: 2, after: 2).map(&:letter)).to eq %w[C D]
    expect(openings.counts([rows.first.job_id, other.job_id])).to eq(rows.first.job_id => 5, other.job_id => 1)
    asked = queries { @first = openings.first_of([rows.first.job_id, other.job_id], 2) }
    expect(asked.length).to eq 1
    expect(@first.transform_values { |first| [first.openings.map(&:letter), first.in_all] })
      .to eq(rows.first.job_id => [%w[A B], 5], other.job_id => [%w[A], 1])
  end

  it "knows what openings are cut from without working any out" do
    hang
    bin = hang("set" => {"family" => "pocket", "kit" => "pocket-90", "thickness" => 35})
    expect(openings.materials).to include("Twin lane 42 track", "Pocket 90 track")
    openings.bin(bin.id)
    expect(openings.materials).not_to include("Pocket 90 track")
  end

  it "names openings by the next free letter and refuses a job without a name" do
    expect([hang, hang].map(&:letter)).to eq %w[A B]
    expect { book.jobs.add(name: "  ") }.to raise_error(YellowTrack::Fault, /name is needed/)
    expect { book.jobs.add(name: "x" * 200) }.to raise_error(YellowTrack::Fault, /200 characters/)
  end
end
