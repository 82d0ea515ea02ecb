# frozen_string_literal: true

require "socket"
require "tmpdir"

RSpec.describe "Starting" do
  it "refuses a word it does not know, with those that it takes" do
    expect { YellowTrack::Web::Start.new(["--wrong"]) }.to raise_error(SystemExit)
      .and output(/--port N, --host H and --site/)
      .to_stderr
    expect { YellowTrack::Web::Start.new(["--reset"]) }.to raise_error(SystemExit).and output(/--wrong|--reset/)
      .to_stderr
  end

  {{"PORT" => "abc"} => /PORT is "abc": it takes a number from 1 to 65535/,
   {"PORT" => "70000"} => /PORT is "70000"/, {"YELLOW_TRACK_DB" => ""} => /YELLOW_TRACK_DB is empty/,
   {"YELLOW_TRACK_DB" => "/dev/null/book.sqlite3"} => /Not a directory|File exists/,
   {"YELLOW_TRACK_DB" => "#{YellowTrack::ROOT}/README.md"} => /no database of Yellow Track/}.each do |given, says|
    it "says in one sentence why it does not start: #{given.first.join("=")[0, 40]}" do
      before = ENV.to_h.slice(*given.keys)
      given.each { |name, value| ENV[name] = value }
      expect { YellowTrack::Web::Start.new([]).run }.to raise_error(SystemExit).and output(says).to_stderr
    ensure
      given.each_key { |name| ENV[name] = before[name] }
      FileUtils.rm_f(Dir["#{YellowTrack::ROOT}/README.md{.lock,.serving,-wal,-shm}"])
    end
  end

  it "refuses an address of another machine, and a port that there is not" do
    Dir.mktmpdir do |folder|
      ENV["YELLOW_TRACK_DB"] = "#{folder}/book.sqlite3"
      away = ["--host", "192.0.2.7"]
      [away, ["--site", "https://yellow-track.example"], ["--host", "0.0.0.0"]].each do |words|
        expect { YellowTrack::Web::Start.new(words).run }.to raise_error(SystemExit)
          .and output(/has no account yet.*bin\/account add NAME/).to_stderr
      end
      expect { YellowTrack::Web::Start.new(["--site", "yellow-track"]) }.to raise_error(SystemExit)
        .and output(/"yellow-track" is no address of a site/).to_stderr
      let_in(ENV["YELLOW_TRACK_DB"])
      expect { YellowTrack::Web::Start.new(away).run }.to raise_error(SystemExit)
        .and output(/"192\.0\.2\.7" is no address of this machine/).to_stderr
      expect { YellowTrack::Web::Start.new(["--port", "0"]) }.to raise_error(SystemExit)
        .and output(/--port is "0"/).to_stderr
    ensure
      ENV.delete("YELLOW_TRACK_DB")
    end
  end

  def let_in(database)
    book = YellowTrack::Store::Book.open(database)
    YellowTrack::Web::AccountCommand.give(book, book.accounts.add("Runa"), "a pencil behind the ear")
    book.close
  end

  describe "the secret that sessions are signed with" do
    around { |example| Dir.mktmpdir { |folder| (@database = "#{folder}/book.sqlite3") && example.run } }

    def secret = YellowTrack::Web::Server.secret(@database)

    it "outlives a restart" do
      expect(secret).to match(/\A\h{128}\z/).and eq(secret)
      expect(File.stat("#{@database}.secret").mode & 0o077).to eq 0
    end

    it "is made anew where its file is empty or cut short" do
      ["", "abc", "\n"].each do |kept|
        File.write("#{@database}.secret", kept)
        expect(secret).to match(/\A\h{128}\z/)
      end
    end

    it "is one for servers that start together" do
      expect(Array.new(8) { Thread.new { secret } }.map(&:value).uniq.length).to eq 1
    end
  end

  it "shows no browser a trace of what went wrong below the application" do
    Dir.mktmpdir do |folder|
      port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
      log = "#{folder}/log"
      pid = spawn({"YELLOW_TRACK_DB" => "#{folder}/book.sqlite3", "PORT" => port.to_s},
        "#{YellowTrack::ROOT}/bin/serve", out: log, err: log, pgroup: true)
      100.times { File.read(log).include?("http") ? break : sleep(0.1) }
      ["GET / HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Length: x\r\n\r\n", "GET /%FF HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n",
        "NONSENSE\r\n\r\n",
        "GET / HTTP/1.1\r\nHost: 127.0.0.1\r\nCookie: yellow-track=%FF%00\r\n\r\n",
        "POST /jobs HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Length: 99999999999\r\n\r\nx"].each do |request|
        answer = TCPSocket.open("127.0.0.1", port) do |socket|
          socket.write(request) && socket.close_write && socket.readpartial(20_000)
        end
        expect(answer).not_to match(/\.rb|backtrace|#{Regexp.escape(YellowTrack::ROOT)}/o), request[0, 40]
        expect(answer).not_to start_with("HTTP/1.1 500"), request[0, 40]
      end
    ensure
      Process.kill(:TERM, -Process.getpgid(pid))
      Process.wait(pid)
    end
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
      expect(book.jobs.all.map(&:name)).to eq ["Osier Weir", "Tern House", "Lock Cottage"]
      expect(book.openings.of(1).map(&:letter)).to eq %w[A B C D E F G H]
      book.jobs.add(name: "Mine")
      book.close
      loader.load(reset: true)
      book = YellowTrack::Store::Book.open(path)
      expect(book.jobs.all.length).to eq 3
      book.close
    end
  end

  it "has a demo in which only the slip at Tern House stops" do
    files = Dir["#{YellowTrack::ROOT}/demo/*/*.json"].sort
    stopped = files.select do |file|
      YellowTrack::Plan.of(YellowTrack::Files::Shelf.opening(JSON.parse(File.read(file)))).worst == :stop
    end
    expect(stopped.map { |file| File.basename(file) }).to eq ["a-box-room.json"]
  end

  it "keeps each answer once: the same document is worked out the same" do
    given = document
    expect(YellowTrack::Desk::Reckoned.of(given)).to equal YellowTrack::Desk::Reckoned
      .of(JSON.parse(JSON.generate(given)))
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
