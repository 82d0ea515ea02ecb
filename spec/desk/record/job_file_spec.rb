# frozen_string_literal: true

require "support/share"
require "tempfile"

# A whole job out as one file, and in again on another machine.
RSpec.describe YellowTrack::Desk::JobFile, :demo do
  include Site

  let(:dot) { "\x89PNG\r\n\x1A\nIEND".b }

  # The demo's first job, with a picture, a correction, an offer and a draft.
  let(:job) do
    desk.tap do |made|
      opening = made.openings[1]
      picture = YellowTrack::Store::Pictures::Picture.new(type: "image/png", width: 2, height: 1, data: dot, thumb: dot)
      book.pictures.add(opening.row, picture, caption: "before")
      entry = book.log.of(opening.id).last
      opening.note({kind: "correction", key: "entry.#{entry.id}", before: nil, after: "was the other panel"},
        who: "Odo")
      book.drafts.keep(opening.id, "survey.widths.top", "18o8", says: "no length", owner: "device")
      YellowTrack::Desk::Offering.new(made).make!({}, who: "Odo")
    end
  end

  def desk(in_book = book, id = in_book.jobs.all.first.id) = YellowTrack::Desk::Job.new(in_book, in_book.jobs.find(id))

  def with_file(bytes)
    Tempfile.create("job", binmode: true) do |file|
      file.write(bytes)
      file.flush
      yield file.path
    end
  end

  def elsewhere
    Dir.mktmpdir do |folder|
      other = YellowTrack::Store::Book.open("#{folder}/other.sqlite3")
      yield other
    ensure
      other&.close
    end
  end

  # Rows with numbers of entries and pictures told by their place.
  def told(rows)
    entries = rows["log"].each_with_index.to_h { |row, place| [row["id"], place] }
    pictures = rows["pictures"].each_with_index.to_h { |row, place| [row["id"], place] }
    rows = rows.merge(%w[log plans offers told].to_h { |part|
      [part, rows[part].map { |row| row.merge("who" => row["who"].delete_suffix(described_class::BY_THE_FILE)) }]
    })
    rows.merge("pictures" => rows["pictures"].map { |row| row.except("id") }, "log" => rows["log"].map { |row|
      number = row["key"][/\A(?:entry|picture)\.(\d+)\z/, 1]&.to_i
      row.merge("id" => entries[row["id"]], "key" => row["key"].sub(/\d+\z/) {
        (entries[number] || pictures[number]).to_s
      },
        "after" => (row["kind"] == "picture") ? row["after"].merge("picture" => pictures[row["after"]["picture"]]) :
          row["after"])
    })
  end

  it "reads back as the same job, number for number new and nothing else changed" do
    bytes = described_class.pack(job)
    elsewhere do |other|
      other.jobs.add(name: "Tern House") # so that numbers are others
      id = with_file(bytes) { |path| described_class.read_in(other, path) }
      expect(told(other.archive.rows(id))).to eq told(book.archive.rows(job.id))
      there = desk(other, id)
      expect(there.openings.map { |one| one.plan&.to_h }).to eq(job.openings.map { |one| one.plan&.to_h })
      expect(there.openings.map(&:all_checks)).to eq job.openings.map(&:all_checks)
      entry = other.log.of(there.openings[1].id, kind: "picture").first
      expect(other.pictures.find(entry.after["picture"]).data).to eq dot
      expect(there.visiting.kept.plan).to eq job.visiting.kept.plan
      expect(other.finder.openings(%w[bunk], most: 9).length).to eq 2
    end
  end

  it "tells that it is here already, also in the bin, and reads it in beside when it is told to" do
    bytes = described_class.pack(job)
    expect { with_file(bytes) { |path| described_class.read_in(book, path) } }
      .to raise_error(described_class::Here, /here already: "Osier Weir"/)
    book.jobs.bin(job.id)
    expect { with_file(bytes) { |path| described_class.read_in(book, path) } }.to raise_error(/in the bin/)
    id = with_file(bytes) { |path| described_class.read_in(book, path, again: true) }
    expect(desk(book, id).openings.length).to eq 8
  end

  it "brings the fitter's own kit along, and leaves one that is here as it is" do
    own = YellowTrack::Numbers.rounded(YellowTrack::Files::Shelf.kits["twin-42"].to_h).merge("id" => "mine",
      "name" => "Mine")
    row = hang("set.kit" => own)
    bytes = described_class.pack(desk(book, row.job_id))
    elsewhere do |other|
      with_file(bytes) { |path| described_class.read_in(other, path) }
      expect(other.own_kits.sheet("mine")["name"]).to eq "Mine"
    end
  end

  # The archive with one of its files another.
  def changed(path)
    @files ||= with_file(described_class.pack(job)) { |file| YellowTrack::Files::JobArchive.unpack(file) }
    files = @files.merge(path => yield(@files[path]))
    YellowTrack::Files::JobArchive.pack(files.compact)
  end

  def edited(path)
    changed(path) { |text| JSON.generate(JSON.parse(text).tap { |value| yield value }) }
  end

  it "reads in nothing of a file that is at fault, and says where" do
    {changed("job.json") { "[]" } => /"job\.json" is no record/, changed("log.json") {
      "{"
    } => /"log\.json" is no JSON/,
     changed("openings/C.json") {} => %r{openings/C\.json" is missing},
     edited("job.json") { |value| value["rows"][0]["stage"] = "roof" } => /job\.json: rows\[0\]\.stage/,
     edited("job.json") { |value| value["rows"][1]["letter"] = "A" } => /letter A is in it twice/,
     edited("log.json") { |value| value["log"][0]["opening"] = "ZZ" } => /tells of an opening ZZ/,
     edited("log.json") { |value| value["log"][0]["at"] = "yesterday" } => /log\.json: log\[0\]\.at/,
     edited("openings/B.json") { |value|
       value["survey"]["widths"]["top"] = "wide"
     } => %r{openings/B\.json: survey\.widths},
     edited("job.json") { |value| value.delete("cuts") } => /has no "cuts"/}.each do |bytes, says|
      elsewhere do |other|
        expect {
          with_file(bytes) { |path|
            described_class.read_in(other, path)
          }
        }.to raise_error(YellowTrack::Fault, says)
        expect(other.jobs.all).to eq []
        expect(other.db[:openings].count).to eq 0
      end
    end
  end

  strange = [{"x" => 1}, nil, [1], "x", 3, {"gaps" => 1}, {"gaps" => {"A" => {"top" => "x"}}}, {"turned" => []}]

  it "takes no entry of another shape than one of its kind has" do
    kinds = job && JSON.parse(with_file(described_class.pack(job)) { |file|
      YellowTrack::Files::JobArchive.unpack(file)
    }["log.json"])["log"].map { |row| row["kind"] }.uniq
    expect(kinds).to include("move", "hand-over", "picture")
    Share.of(%w[move hand-over picture].product(strange), 5).each do |kind, after|
      bytes = edited("log.json") { |value|
        value["log"].select { |row| row["kind"] == kind }.each { |row| row["after"] = after }
      }
      elsewhere do |other|
        expect { with_file(bytes) { |path| described_class.read_in(other, path) } }
          .to raise_error(YellowTrack::Fault, /log\.json: the entry \d+ is no "#{kind}"/)
      end
    end
    line = edited("log.json") { |value|
      signed = value["log"].find { |row| row["kind"] == "hand-over" && row["key"] == "signed" }
      signed["after"]["signatures"] = {"fitter" => "M0 0\"/><script>"}
    }
    expect { with_file(line) { |path| described_class.read_in(book, path, again: true) } }
      .to raise_error(/is no "hand-over"/)
  end

  it "keeps names as the file tells them, told apart from ours, once" do
    bytes = described_class.pack(job)
    elsewhere do |other|
      id = with_file(bytes) { |path| described_class.read_in(other, path) }
      names = other.db[:log_entries].distinct.select_map(:who)
      expect(names).to all(end_with(" (by the file)"))
      again = described_class.pack(desk(other, id))
      with_file(again) { |path| described_class.read_in(other, path, again: true) }
      expect(other.db[:log_entries].distinct.select_map(:who)).to match_array(names)
    end
  end

  it "has the office bring in no work of a fitter's, by neither kind of file" do
    job
    book.accounts.become(book.accounts.named("Odo").id, role: "office", by: "Runa")
    zip, hung = described_class.pack(job), document("hung" => {"A" => {"gaps" => {"left" => 3}}})
    serve(by_itself: "Odo")
    before = [book.jobs.count, book.count(:openings), book.count(:log_entries)]
    with_file(zip) do |path|
      send_form("/jobs/archive", {"again" => "1", "file" => Rack::Test::UploadedFile.new(path, "application/zip")})
    end
    expect([last_response.status, page.text]).to match [422, /a fitter writes that/]
    with_file(JSON.generate(hung)) do |path|
      send_form("/jobs/#{job.id}/file", {"file" => Rack::Test::UploadedFile.new(path, "application/json")})
    end
    expect([last_response.status, page.text]).to match [422, /gaps of what hangs/]
    expect([book.jobs.count, book.count(:openings), book.count(:log_entries)]).to eq before
  end

  it "has the office read in a job that has nothing of a fitter's, and none that has one thing of his" do
    files = ->(row) {
      with_file(described_class.pack(desk(book, row.job_id))) { YellowTrack::Files::JobArchive.unpack(_1) }
    }
    read = ->(given) {
      elsewhere do |other|
        with_file(YellowTrack::Files::JobArchive.pack(given)) { described_class.read_in(other, _1, fitter: false) }
      end
    }
    expect(read.call(files.call(hang))).to eq 1
    @job = nil
    hung = files.call(hang("hung" => {"A" => {"gaps" => {"top" => 3}}}))
    expect { read.call(hung) }.to raise_error(/has gaps of what hangs: a fitter/)
    @job = nil
    row = hang
    part = YellowTrack::Desk::KeptOpening.new(book, row).parts.linear.first
    none = YellowTrack::Store::Saw::Rest.new(length: 0r, more: false)
    book.saw.cut(row, part, part.length, offcut_id: nil, rest: none)
    cut = files.call(row)
    expect { read.call(cut) }.to raise_error(/has cuts: a fitter writes that/)
    unlogged = cut.merge("log.json" => JSON.generate(JSON.parse(cut["log.json"]).merge("log" => [])))
    expect { read.call(unlogged) }.to raise_error(/has cuts: a fitter writes that/)
  end

  it "shows every page of an opening whose log has an entry that cannot be read, and says which" do
    job
    opening = desk.openings.find { |one| one.record.latest("hand-over")["signed"] }
    %w[move hand-over picture step cut correction wait].product(strange).each do |kind, after|
      key = {"hand-over" => "signed", "move" => "hung.A", "correction" => "entry.1"}.fetch(kind, "x")
      book.db[:log_entries].insert(opening_id: opening.id, version: 1, at: "2027-03-01T06:00:00Z", who: "Odo", kind:,
        key:, before: "null", after: after.to_json)
    end
    %w[log log.csv hand-over hand-over/sheet hand-over.pdf adjust hang built].each do |stage|
      look("/openings/#{opening.id}/#{stage}")
      expect([stage, last_response.status]).to eq [stage, 200]
    end
    look("/openings/#{opening.id}/log")
    expect(page.text).to include("This entry cannot be read: move, hung.A.")
    look("/jobs/#{job.id}.zip")
    expect(last_response.status).to eq 200
  end

  it "is saved and read in on its pages" do
    job
    look("/jobs/#{job.id}.zip")
    expect(last_response["content-disposition"]).to include("osier-weir.job.zip")
    bytes = last_response.body
    look("/jobs/#{job.id}/log.csv")
    expect(last_response.body.lines.first).to start_with("opening,entry,at,who")
    with_file(bytes) do |path|
      send_form("/jobs/archive", {"file" => Rack::Test::UploadedFile.new(path, "application/zip")})
      expect(last_response.status).to eq 422
      expect(page.text).to include("here already")
      expect(page.at_css("input[name=again]")).not_to be_nil
      send_form("/jobs/archive", {"again" => "1", "file" => Rack::Test::UploadedFile.new(path, "application/zip")})
    end
    expect(last_response["location"]).to match(%r{/jobs/\d+\z})
    send_form("/jobs/archive", {})
    expect(page.text).to include("No file was chosen")
  end
end
