# frozen_string_literal: true

require "tempfile"

# A job as one ZIP: what is not whole, or not ours, is refused whole.
RSpec.describe YellowTrack::Files::JobArchive do
  let(:files) { {"job.json" => "{}", "openings/A.json" => "{\"a\": 1}", "pictures/3.jpeg" => "\xFF\xD8abc".b} }

  def written(bytes)
    Tempfile.create("archive", binmode: true) do |file|
      file.write(bytes)
      file.flush
      yield file.path
    end
  end

  def unpacked(bytes) = written(bytes) { |path| described_class.unpack(path) }

  # A ZIP of any files at all, with a manifest that tells of them.
  def made(list, manifest: list)
    told = {"format" => "yellow-track/job-archive", "version" => 1, "files" => manifest.map { |path, bytes|
      {"path" => path, "bytes" => bytes.bytesize, "sha256" => Digest::SHA256.hexdigest(bytes)}
    }}
    Zip::OutputStream.write_buffer { |zip|
      {"manifest.json" => JSON.generate(told), **list}.each do |path, bytes|
        zip.put_next_entry(path.tr("/", "!"))
        zip.write(bytes)
      end
    }.string.gsub(/(?<=manifest\.json|[\w.!:\\])!|!(?=[\w.])/n) { "/" }
  end

  def refused(bytes, says) = expect { unpacked(bytes) }.to raise_error(YellowTrack::Fault, says)

  it "reads back what it packed, byte for byte" do
    expect(unpacked(described_class.pack(files))).to eq files
  end

  it "refuses half a file, another kind of file, and none" do
    whole = described_class.pack(files)
    [whole[0, whole.length / 2], "PK\x03\x04", "no zip at all", ""].each { |bytes| refused(bytes, /no whole ZIP/) }
  end

  ["../evil.json", "openings/../../etc/passwd", "/etc/passwd", "openings/A.json/../B.json", "readme.txt", "C:\\x.json",
    "openings/a.json", "pictures/3.exe"].each do |name|
    it "refuses the name #{name}" do
      refused(made(files.merge(name => "x")), /is no file of a job/)
    end
  end

  it "refuses a link, a folder and what is encrypted" do
    buffer = Zip::OutputStream.write_buffer { |zip|
      entry = Zip::Entry.new("", "openings/B.json")
      zip.put_next_entry(entry)
      zip.write("/etc/passwd")
    }.string
    at = buffer.index("PK\x01\x02".b)
    buffer[at + 5] = "\x03".b # made on unix
    buffer[at + 38, 4] = [0o120777 << 16].pack("V")
    refused(buffer, /link or a folder/)
    refused(made({"openings/" => ""}), /no file of a job|link or a folder/)
    locked = made(files)
    at = locked.index("PK\x01\x02".b)
    locked[at + 8] = "\x01".b
    refused(locked, /encrypted|no whole ZIP/)
  end

  it "refuses sums that differ, files that are missing, and files beside the manifest" do
    refused(made(files, manifest: files.merge("job.json" => "{ }")), /"job\.json" is not as it was saved/)
    refused(made(files.except("job.json"), manifest: files), /"job\.json" is missing/)
    refused(made(files, manifest: files.except("job.json")), /"job\.json" is not in its manifest/)
    refused(made({}, manifest: {}).sub("manifest", "manifesx").sub("manifest", "manifesx"), /is no file of a job/)
  end

  it "refuses what unpacks to more than it may" do
    stub_const("#{described_class}::MOST_EACH", 1000)
    refused(made({"job.json" => "0" * 5000}), /5000 bytes; 1000 are the most/)
    stub_const("#{described_class}::MOST_EACH", 10_000)
    stub_const("#{described_class}::MOST_BYTES", 6000)
    refused(made({"job.json" => "0" * 5000, "log.json" => "0" * 5000}), /Unpacked it has|unpacks to more/)
    stub_const("#{described_class}::MOST_FILES", 2)
    refused(made(files), /4 files; 2 are the most/)
  end

  it "does not believe a length that lies" do
    bomb = made({"job.json" => "0" * 50_000})
    [bomb.index("PK\x01\x02".b, bomb.index("job.json", 200))].compact.each { |at| bomb[at + 24, 4] = [10].pack("V") }
    refused(bomb, /unpacks to more|no whole ZIP|is not as it was saved/)
  end
end
