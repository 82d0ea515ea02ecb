# frozen_string_literal: true

require "socket"
require "tmpdir"

RSpec.describe "Starting" do
  it "refuses a word it does not know, with those that it takes" do
    expect { YellowTrack::Web::Start.new(["--wrong"]) }.to raise_error(SystemExit).and output(/--port N and --host H/).to_stderr
    expect { YellowTrack::Web::Start.new(["--reset"]) }.to raise_error(SystemExit).and output(/--wrong|--reset/).to_stderr
  end

  it "takes the next free port where its own is in use" do
    held = TCPServer.new("127.0.0.1", 0)
    server = YellowTrack::Web::Server.new(database: "unused", port: held.addr[1])
    expect(server.address).to match(%r{\Ahttp://127\.0\.0\.1:\d+\z})
    expect(server.address).not_to end_with(":#{held.addr[1]}")
  ensure
    held.close
  end

  it "loads the demo once, into its own file, and afresh when asked" do
    Dir.mktmpdir do |folder|
      path = "#{folder}/demo.sqlite3"
      loader = YellowTrack::Demo::Loader.new(path)
      2.times { loader.load }
      book = YellowTrack::Store::Book.open(path)
      expect(book.jobs.all.map(&:name)).to eq ["Osier Weir", "Tern House"]
      expect(book.openings.of(1).map(&:letter)).to eq %w[A B C D E F G H]
      book.jobs.add(name: "Mine")
      book.close
      loader.load(reset: true)
      book = YellowTrack::Store::Book.open(path)
      expect(book.jobs.all.length).to eq 2
      book.close
    end
  end

  it "has a demo in which only the slip at Tern House stops" do
    files = Dir["#{YellowTrack::ROOT}/demo/*/*.json"].sort
    stopped = files.select { |file| YellowTrack::Plan.of(YellowTrack::Files::Shelf.opening(JSON.parse(File.read(file)))).worst == :stop }
    expect(stopped.map { |file| File.basename(file) }).to eq ["a-box-room.json"]
  end

  it "keeps each answer once: the same document is worked out the same" do
    given = document
    expect(YellowTrack::Desk::Reckoned.of(given)).to equal YellowTrack::Desk::Reckoned.of(JSON.parse(JSON.generate(given)))
    expect(YellowTrack::Desk::Reckoned.of(document("set.lap" => 35))).not_to equal YellowTrack::Desk::Reckoned.of(given)
  end

  it "says the cautions that apply, and no others" do
    says = ->(**changes) { YellowTrack::Files::Cautions.for(plan(**changes).set).join(" ") }
    expect(says.call("set.makeup" => [{"material" => "glass", "thickness" => 4}])).to include("Glass and mirror")
    expect(says.call("set.makeup" => [{"material" => "fibreboard"}])).to include("Fibreboard")
    expect(says.call("set.weighed" => 10)).not_to match(/Glass|Fibreboard|Lifting/)
    expect(YellowTrack::Files::Cautions.always).to include("licensed")
  end
end
