# frozen_string_literal: true

require "tmpdir"

# The book mirrored as it is written: the real engine, on a folder.
RSpec.describe YellowTrack::Store::Mirror do
  around { |example| Dir.mktmpdir { |folder| (@folder = File.realpath(folder)) && example.run } }

  let(:path) { FileUtils.mkdir_p("#{@folder}/disk").first.then { |disk| "#{disk}/book.sqlite3" } }
  let(:place) { "#{@folder}/mirror" }
  let(:standing) { described_class::Standing.new(path) }

  def soon(seconds = 20)
    deadline = Time.now + seconds
    sleep 0.1 until yield || Time.now > deadline
    expect(yield).to be_truthy
  end

  def doctor = YellowTrack::Desk::Doctor.new(path).found.map(&:to_s)

  it "is a second behind, tells so by its own files, and brings back what was written, as it was then too" do
    book = YellowTrack::Store::Book.open(path)
    expect(doctor).to include(/watch.*No mirror/)
    mirror = described_class.new(path, place).begin
    expect { described_class.new(path, place).begin }.to raise_error(YellowTrack::Fault, /mirrored already/)
    book.jobs.add(name: "Osier Weir")
    soon { standing.running? && standing.behind == 0 }
    expect(doctor).to include(/good.*Mirrored to .*mirror\/book, 0 s behind/)
    then_ = Time.now + 1
    sleep 2
    book.jobs.add(name: "Tern House")
    soon { standing.behind == 0 }
    book.checkpoint
    mirror.end
    book.close
    FileUtils.rm_rf(File.dirname(path))
    names = {nil => ["Osier Weir", "Tern House"], then_ => ["Osier Weir"]}.map do |at, jobs|
      back = "#{@folder}/back.sqlite3"
      described_class.new(path, place).bring_back(back, at:)
      YellowTrack::Store::Copy.prove(back)
      [YellowTrack::Store::Copy.inside(back) { |db| db.execute("SELECT name FROM jobs").flatten }, jobs]
    end
    expect(names).to all(satisfy { |found, jobs| found == jobs })
  end

  it "is behind since the first write that has not arrived, and late over a minute, or where nothing runs" do
    File.write(path, "x")
    File.write("#{path}.mirror.yml", {"dbs" => [{"replica" => {"url" => "file://#{place}/book"}}]}.to_yaml)
    arrived = FileUtils.mkdir_p("#{place}/book/ltx/0").first
    taken = FileUtils.mkdir_p("#{@folder}/disk/.book.sqlite3-litestream/ltx/0").first
    now = Time.now
    put = ->(folder, number, ago) {
      name = "#{folder}/#{format("%016x-%016x", number, number)}.ltx"
      File.write(name, "")
      File.utime(now - ago, now - ago, name)
    }
    expect([standing.behind(now), standing.late?]).to eq [nil, true]
    [arrived, taken].each { |folder| put[folder, 1, 300] }
    expect([standing.behind(now), standing.late?, standing.running?]).to eq [0, true, false]
    put[taken, 2, 90]
    put[taken, 3, 30]
    expect(standing.behind(now)).to eq 90
    File.open("#{path}.mirrored", "w") do |held|
      held.flock(File::LOCK_EX)
      expect([standing.running?, standing.late?]).to eq [true, true]
      put[arrived, 3, 5]
      expect([standing.behind(now), standing.late?]).to eq [0, false]
      File.write("#{path}-wal", "")
      File.utime(now - 10, now - 10, "#{path}-wal")
      expect(standing.behind(now)).to eq 10
    end
  end

  it "takes a folder, sftp:// and s3://, from where one stands, and nothing else" do
    said = ->(text) { described_class.place(text, from: "/media") }
    expect([said["disk/book/"], said["sftp://odo@mirror.example/books/"], said["s3://books/one"]])
      .to eq %w[/media/disk/book sftp://odo@mirror.example/books s3://books/one]
    ["", " ", "ftp://x/y", "https://x"].each do |text|
      expect { said[text] }.to raise_error(YellowTrack::Fault, /is no place for a mirror/)
    end
    expect { described_class.new(path, "/dev/null/x").begin }.to raise_error(YellowTrack::Fault, /cannot be written/)
    expect { described_class.new(path, place).bring_back("#{@folder}/x") }
      .to raise_error(YellowTrack::Fault, /Nothing could be brought back/)
  end

  it "has no engine for a machine that there is none for, and takes none whose sum is another" do
    engine = described_class::Engine
    expect { engine.platform(Gem::Platform.new("powerpc-linux")) }
      .to raise_error(YellowTrack::Fault, /no engine for a mirror on this machine \(powerpc-linux\)/)
    allow(engine).to receive(:bytes).and_return("another")
    file = "#{@folder}/engine"
    expect { engine.install("x86_64-linux", file) }.to raise_error(YellowTrack::Fault, /its sum differs/)
      .and output(/Getting the engine/).to_stderr
    expect(File.exist?(file)).to be false
  end
end
