# frozen_string_literal: true

require "tmpdir"

# Backups of a book: whole, proved, kept for a year; and brought back.
RSpec.describe YellowTrack::Store::Backups do
  around { |example| Dir.mktmpdir { |folder| (@folder = folder) && example.run } }

  let(:path) { "#{@folder}/book.sqlite3" }
  let(:backups) { described_class.new(path) }

  def filled
    YellowTrack::Store::Book.open(path).tap do |book|
      book.jobs.add(name: "Osier Weir", place: "loft")
      File.write("#{path}.secret", "a" * 128, perm: 0o600)
    end
  end

  # Everything that a book holds, table by table.
  def all(file)
    YellowTrack::Store::Copy.inside(file) do |db|
      tables = db.execute("SELECT name FROM sqlite_master WHERE type = 'table' AND name != 'kept_secret'").flatten
      tables.sort.to_h { |table| [table, db.execute("SELECT * FROM \"#{table}\" ORDER BY 1")] }
    end
  end

  def restore(file) = YellowTrack::Store::Restore.new(file, path).call

  it "copies a book that is in use, with what is not in its file yet, and brings all of it back" do
    book = filled
    made = backups.make
    expect(all(made.path)).to eq all(path)
    expect(File.stat(made.path).mode & 0o077).to eq 0
    book.jobs.add(name: "Afterwards")
    book.close
    File.write("#{path}.secret", "b" * 128)
    back = restore(made.path)
    expect([back.jobs, File.read("#{path}.secret")]).to eq [1, "b" * 128] # who is signed in stays so
    File.delete("#{path}.secret")
    restore(made.path)
    expect(File.read("#{path}.secret")).to eq "a" * 128
    expect(all(path)).to eq all(made.path)
    expect(all(back.kept)["jobs"].length).to eq 2
  end

  it "is cut off at any place of bringing one back without a book that is none" do
    filled.close
    made = backups.make
    YellowTrack::Store::Book.open(path).tap { |book| book.jobs.add(name: "Afterwards") && book.close }
    steps = %i[rename link write].flat_map { |call| [[call, 0], [call, 1]] }
    steps.each do |call, after|
      count = -1
      allow(File).to receive(call).and_wrap_original { |way, *rest, **more|
        raise Interrupt if (count += 1) == after

        way.call(*rest, **more)
      }
      begin
        restore(made.path)
      rescue Interrupt
        nil
      end
      allow(File).to receive(call).and_call_original
      expect([call, after, all(path)["jobs"].length]).to eq([call, after, 2]).or eq([call, after, 1])
      YellowTrack::Store::Book.open(path).close
    end
  end

  it "brings nothing back while another program reads the book" do
    filled.close
    made = backups.make
    YellowTrack::Store::Book.open(path).then do |book|
      reader = SQLite3::Database.new(path)
      reader.execute("BEGIN")
      reader.execute("SELECT count(*) FROM jobs")
      book.jobs.add(name: "Afterwards")
      stub_const("YellowTrack::Store::Database::BUSY_MS", 50)
      expect { restore(made.path) }.to raise_error(YellowTrack::Fault, /Another program reads/)
      reader.close
      book.close
    end
    expect([all(path)["jobs"].length, Dir["#{path}.restored"]]).to eq [2, []]
  end

  it "makes no empty book where one was, and opens none of a newer program" do
    filled.close
    File.rename(path, "#{path}.before-2027-03-01T060000")
    expect { YellowTrack::Store::Book.open(path) }
      .to raise_error(YellowTrack::Fault, /before-2027-03-01T060000 is left of it: no empty book/)
    expect(File.exist?(path)).to be false
    File.rename("#{path}.before-2027-03-01T060000", path)
    db = SQLite3::Database.new(path)
    db.execute("UPDATE schema_info SET version = 999")
    db.close
    expect { YellowTrack::Store::Book.open(path) }.to raise_error(YellowTrack::Fault, /newer.*Update the program/)
    expect(YellowTrack::Desk::Doctor.new(path).found.map(&:to_s)).to include(/stop.*newer.*Update the program/)
  end

  # A copy of which SQLite says this, step by step.
  def copying(*states)
    Class.new { define_method(:step) { |_| states.shift } && define_method(:finish) { @over = true } }.new
  end

  it "ends on whatever SQLite says that is not done, busy or locked, and on busy too in the end" do
    copy = YellowTrack::Store::Copy
    stub_const("YellowTrack::Store::Copy::WAIT", 0.001)
    stub_const("YellowTrack::Store::Copy::LONGEST", 0.01)
    expect { copy.stepped(copying(0, 5, 6, 0, 101)) }.not_to raise_error
    expect { copy.stepped(copying(0, 13)) }.to raise_error(SQLite3::FullException)
    [10, 11, 1, 7, 26].each { |state| expect { copy.stepped(copying(state)) }.to raise_error(SQLite3::IOException) }
    expect { copy.stepped(copying(*[5] * 100)) }.to raise_error(SQLite3::BusyException)
  end

  it "looks for room first, tells on the disk why the last failed, and forgets it with the next good one" do
    filled.close
    allow(YellowTrack::Store::Disk).to receive(:free).and_return(900)
    expect { backups.make }.to raise_error(YellowTrack::Fault, /0 MB free, and a copy of the book takes \d+ MB/)
    expect([backups.failure, backups.all, Dir["#{@folder}/backups/*.new"]]).to match [/Make room/, [], []]
    expect(YellowTrack::Desk::Doctor.new(path).found.map(&:to_s)).to include(/stop.*The last backup failed/)
    allow(YellowTrack::Store::Disk).to receive(:free).and_call_original
    backups.make
    expect(backups.failure).to be_nil
  end

  it "sweeps what was cut off, counted by the doctor before, and leaves what is being written" do
    filled.close
    backups.make
    cut, held = %w[cut held].map { |name| "#{@folder}/backups/book-#{name}.sqlite3.new" }
    File.write(cut, "x")
    File.open(held, "w") do |file|
      file.flock(File::LOCK_EX)
      expect(YellowTrack::Desk::Doctor.new(path).found.map(&:to_s)).to include(/watch.*cut off.*: 1\./)
      backups.make(now: Time.now + 1)
      expect([File.exist?(cut), File.exist?(held)]).to eq [false, true]
    end
  end

  it "has what was written while a copy goes on, or not, and is whole either way" do
    book = filled
    writer = Thread.new { 200.times { |turn| book.jobs.add(name: "Job #{turn}") } }
    made = Array.new(5) { |turn| backups.make(now: Time.local(2027, 3, 1) + turn * 86_400) }
    counts = made.map { |one| all(one.path)["jobs"].length }
    writer.join
    expect(counts).to eq counts.sort
    expect(book.jobs.count).to eq 201
    book.close
  end

  it "keeps the last of seven days, four weeks and twelve months" do
    filled.close
    first = backups.make(now: Time.local(2027, 3, 1, 12)).path
    days = (1..500).select { |day| day % 3 == 0 || day > 480 }.map { |day| Time.local(2027, 3, 1, 12) + day * 86_400 }
    days[..-2].each { |day| FileUtils.cp(first, first.sub("2027-03-01", day.strftime("%Y-%m-%d"))) }
    backups.make(now: days.last)
    kept = backups.all.map { |one| one.at.to_date }
    expect(kept.length).to be_between(12, 23)
    expect(kept.first(7)).to eq((0..6).map { |back| kept.first - back })
    expect(kept.map { |date| date.strftime("%Y-%m") }.uniq.length).to eq 12
  end

  it "is due once a day, and late after two" do
    filled.close
    now = Time.local(2027, 3, 1, 8)
    expect([backups.due?(now), backups.late?(now)]).to eq [true, true]
    backups.make(now:)
    expect([backups.due?(now + 3600), backups.late?(now + 3600)]).to eq [false, false]
    expect([backups.due?(now + 86_400), backups.late?(now + 86_400)]).to eq [true, false]
    expect(backups.late?(now + 3 * 86_400)).to be true
  end

  it "is due, and not taken for a good one, where it is dated after now since the clock was set back" do
    filled.close
    now = Time.local(2027, 3, 1, 8)
    backups.make(now: now + 40 * 86_400)
    expect([backups.due?(now), backups.late?(now)]).to eq [true, true]
    backups.make(now:)
    expect([backups.due?(now + 60), backups.late?(now + 60), backups.all.length]).to eq [false, false, 2]
  end

  it "keeps backups of books beside each other apart" do
    filled.close
    FileUtils.cp(path, "#{@folder}/demo.sqlite3")
    described_class.new("#{@folder}/demo.sqlite3").make
    expect(backups.all).to eq []
  end

  it "touches nothing for a file that is no whole book, and says what is wrong with it" do
    book = filled
    made = backups.make
    book.close
    bytes = File.binread(made.path)
    FileUtils.mkdir_p("#{@folder}/bad")
    {"half" => bytes[0, bytes.length / 2], "none" => "no database at all", "empty" => "",
     "holes" => bytes.dup.tap { |text| text[8192, 16_384] = "\0" * 16_384 }}.each do |name, text|
      File.binwrite("#{@folder}/bad/#{name}", text)
      before = all(path)
      expect { restore("#{@folder}/bad/#{name}") }.to raise_error(YellowTrack::Fault, %r{bad/#{name}"}), name
      expect(all(path)).to eq before
    end
    expect { restore("#{@folder}/bad/not there") }.to raise_error(/is not there/)
  end

  it "refuses one of a newer version, and takes one of an older" do
    book = filled
    made = backups.make
    book.close
    SQLite3::Database.new(made.path).tap { |db| db.execute("UPDATE schema_info SET version = 999") }.close
    expect { restore(made.path) }.to raise_error(/newer Yellow Track/)
    old = "#{@folder}/old.sqlite3"
    db = Sequel.connect(adapter: "sqlite", database: old, after_connect: YellowTrack::Store::Database.method(:prepare))
    YellowTrack::Store::Database.migrate(db, target: 12)
    db.disconnect
    expect(restore(old).jobs).to eq 0
  end

  it "restores nothing under a running server" do
    book = filled
    made = backups.make
    book.close
    held = YellowTrack::Store::BookLock.shared(path)
    expect { restore(made.path) }.to raise_error(/A server has .* open/)
    held.close
    expect(restore(made.path).jobs).to eq 1
  end

  it "keeps a copy of an older book beside it before its tables change" do
    db = Sequel.connect(adapter: "sqlite", database: path, after_connect: YellowTrack::Store::Database.method(:prepare))
    YellowTrack::Store::Database.migrate(db, target: 12)
    db[:jobs].insert(name: "Old", created_at: "2026-01-01T00:00:00Z")
    db.disconnect
    YellowTrack::Store::Book.open(path).close
    expect(all("#{path}.version-12")["jobs"].length).to eq 1
  end

  it "is made by the caretaker once a day, with all that was written in the file itself" do
    book = filled
    book.jobs.add(name: "In the other file")
    2.times { YellowTrack::Store::Caretaker.new(book).round }
    expect(backups.all.length).to eq 1
    FileUtils.cp(path, "#{@folder}/copied")
    expect(all("#{@folder}/copied")["jobs"].length).to eq 2
    book.close
  end
end
