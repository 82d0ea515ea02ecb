# frozen_string_literal: true

require "sqlite3"
require "tmpdir"

# bin/backup, bin/restore and bin/doctor on a fitter's own book.
RSpec.describe YellowTrack::Desk::BookKeeping do
  around do |example|
    Dir.mktmpdir do |folder|
      @path = "#{folder}/book.sqlite3"
      before = ENV["YELLOW_TRACK_DB"]
      ENV["YELLOW_TRACK_DB"] = @path
      example.run
    ensure
      ENV["YELLOW_TRACK_DB"] = before
    end
  end

  def filled = YellowTrack::Store::Book.open(@path).tap { |book| book.jobs.add(name: "Osier Weir") }.close

  def found = YellowTrack::Desk::Doctor.new(@path).found.to_h { |one| [one.says[/\A[^:,.]+/], one] }

  it "backs up and brings back, each in a sentence" do
    filled
    expect { described_class.backup([]) }.to output(/\ABacked up to .*, proved\.\n\z/).to_stdout
    file = YellowTrack::Store::Backups.new(@path).last.path
    expect { described_class.restore([file]) }
      .to output(/\ABack: 1 jobs, 0 openings.*\nWhat was there is kept as .*before-/m).to_stdout
  end

  it "says what is wrong without a trace" do
    expect { described_class.restore([]) }.to raise_error(SystemExit).and output(/Which backup\?/).to_stderr
    expect { described_class.restore(["none"]) }.to raise_error(SystemExit)
      .and output("\"none\" is not there.\n").to_stderr
    expect { described_class.backup([]) }.to raise_error(SystemExit).and output(/cannot be opened/).to_stderr
    ENV["YELLOW_TRACK_DB"] = " "
    expect { described_class.backup([]) }.to raise_error(SystemExit).and output(/YELLOW_TRACK_DB is empty/).to_stderr
  end

  it "finds a sound book sound, once it is backed up" do
    filled
    expect(found["There is no backup"]).to have_attributes(level: :stop, do: /bin\/backup/)
    YellowTrack::Store::Backups.new(@path).make
    expect(found.values.map(&:level) - [:watch]).to all eq :good
    expect(found.keys.join(" ")).to match(/\d gems .*Nobody may come in yet/)
    book = YellowTrack::Store::Book.open(@path)
    YellowTrack::Web::AccountCommand.give(book, book.accounts.add("Runa"), "a pencil behind the ear")
    book.close
    expect(found["1 may come in"].level).to eq :good
    expect(found["The database proves whole"].level).to eq :good
  end

  it "ends bin/doctor with status 1 where something stops, and with none where all is well" do
    filled
    expect { described_class.doctor }.to raise_error(SystemExit) { |error| expect(error.status).to eq 1 }
      .and output(/^stop +There is no backup/).to_stdout
    YellowTrack::Store::Backups.new(@path).make
    expect { described_class.doctor }.to output(/^good +/).to_stdout
  end

  it "tells a damaged book, one that others can read, and a clock that is behind the log" do
    filled
    File.chmod(0o644, @path)
    expect(found["Others on this machine can read book"]).to have_attributes(level: :watch, do: /chmod 600/)
    YellowTrack::Store::Book.open(@path).tap { |book|
      document = YellowTrack::Store::Document.blank(name: "A", units: "mm",
        set: {"family" => "bypass", "kit" => "twin-42"})
      YellowTrack::Store::Clock.during(Time.now + 86_400) { book.openings.add(job_id: 1, document:) }
    }.close
    expect(found.values.map(&:says)).to include(/the clock is behind it/)
    File.open(@path, "r+b") { |file| file.seek(8192) && file.write("\0" * 40_000) }
    expect(found.values.find { |one| one.level == :stop && one.says.include?("book.sqlite3") }.do)
      .to include("bin/restore")
  end

  it "has no book to look at yet, and says how one is made" do
    expect(found.values.map(&:says)).to include(/No database yet/)
  end
end
