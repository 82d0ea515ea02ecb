# frozen_string_literal: true

require "support/share"
require "tmpdir"

# A book of before its tables changed, and books that are opened by several at
# once or cut off midway.
RSpec.describe YellowTrack::Store::Database do
  around { |example| Dir.mktmpdir { |folder| (@path = "#{folder}/book.sqlite3") && example.run } }

  def newest = Dir["#{described_class::MIGRATIONS}/*.rb"].length

  # Work in a process of its own, killed after a while where one is named.
  def elsewhere(code, after: nil)
    pid = spawn({"BOOK" => @path}, RbConfig.ruby, "-r#{YellowTrack::ROOT}/boot", "-e", code, out: File::NULL,
      err: File::NULL)
    return pid unless after

    sleep after
    Process.kill(:KILL, pid)
    Process.wait(pid)
  rescue Errno::ESRCH
    nil
  end

  # A book as it was before lists and drafts changed, with a draft and a floor.
  def old_book
    db = Sequel.connect(adapter: "sqlite", database: @path, after_connect: described_class.method(:prepare))
    described_class.migrate(db, target: 10)
    db[:jobs].insert(name: "Osier Weir", units: "in", created_at: "2026-01-01T00:00:00Z", position: 1)
    document = {"format" => "yellow-track/opening", "version" => 1, "name" => "Bunk room", "units" => "in",
                "survey" => {"floor" => [["0", "0"], ["40", "1/8"]]},
                "set" => {"family" => "bypass", "kit" => "twin-42"}}
    db[:openings].insert(job_id: 1, letter: "A", name: "Bunk room", document: JSON.generate(document), family: "bypass",
      stage: "measure", version: 7,
      created_at: "2026-01-01T00:00:00Z", changed_at: "2026-01-01T00:00:00Z", position: 1)
    {"set.lap" => "3x", "survey.floor.1" => %w[40 x], "survey.floor.2" => ["80", ""]}.each do |key, typed|
      db[:drafts].insert(opening_id: 1, key:, typed: JSON.generate(typed), says: "No length.", clash: 0)
    end
    db.disconnect
  end

  it "migrates down and up again" do
    db = described_class.open(@path)
    described_class.migrate(db, target: 0)
    expect(db.tables).not_to include(:openings)
    described_class.migrate(db)
    expect(YellowTrack::Store::Book.new(db).jobs.all).to eq []
    db.disconnect
  end

  it "takes an older book over: nothing typed is lost, and lists show what they did" do
    old_book
    book = YellowTrack::Store::Book.open(@path)
    expect(book.drafts.of(1, "phone")["set.lap"]).to have_attributes(typed: "3x", unit: "in", seen: 7)
    expect(book.drafts.of(1, "phone").transform_values(&:typed))
      .to include("survey.floor.i1" => %w[40 x], "survey.floor.new" => ["80", ""])
    row = book.openings.find(1)
    expect(row.document.item_keys("survey.floor")).to eq %w[survey.floor.i0 survey.floor.i1]
    expect(row).not_to be_listed
    shown = YellowTrack::Desk::Listing.shown(book, [row]).first
    expect(shown).to have_attributes(listed?: true, reached: "measure")
    expect(shown.sentence).to start_with("Read the width at the head")
    book.close
  end

  it "goes on after it was killed midway, wherever that was" do
    old_book
    kept = File.binread(@path)
    Share.of(Array.new(12) { |turn| turn }, 3).each do |turn|
      Dir["#{@path}{-wal,-shm}"].each { |file| File.delete(file) }
      File.binwrite(@path, kept)
      elsewhere("YellowTrack::Store::Book.open(ENV['BOOK']).close", after: 0.15 + turn * 0.02)
      book = YellowTrack::Store::Book.open(@path)
      expect(book.drafts.of(1, "phone").length).to eq 3
      expect(book.db[:schema_info].get(:version)).to eq newest
      book.close
    end
  end

  it "is made once by servers that start on one new book together" do
    made = Array.new(4) {
      elsewhere("YellowTrack::Store::Book; File.write(ENV['BOOK'] + '.ready-' + Process.pid.to_s, ''); " \
        "sleep 0.001 until File.exist?(ENV['BOOK'] + '.go'); " \
        "book = YellowTrack::Store::Book.open(ENV['BOOK']); book.jobs.add(name: 'One'); book.close")
    }
    sleep 0.01 until Dir["#{@path}.ready-*"].length == made.length
    File.write("#{@path}.go", "")
    expect(made.map { |pid| Process.wait2(pid).last.exitstatus }).to eq [0, 0, 0, 0]
    book = YellowTrack::Store::Book.open(@path)
    expect(book.jobs.count).to eq 4
    book.close
  end
end
