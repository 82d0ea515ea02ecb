# frozen_string_literal: true

require "puma"
require "puma/server"
require "socket"

# What is looked at before a body is read, on the real server.
RSpec.describe YellowTrack::Web::Intake do
  include Site

  let(:account) { book.accounts.named(Site::FITTER).id }
  let(:served) { YellowTrack::Web::App.on(book, secret: "s" * 64, by_itself: Site::FITTER) }
  let(:pass) { "pass=#{served.settings.pass.for(account)}" }

  around do |example|
    quiet = Puma::LogWriter.null
    server = Puma::Server.new(served, nil, log_writer: quiet, min_threads: 1, max_threads: 2,
      lowlevel_error_handler: ->(error, *) { YellowTrack::Web::Server.unread(error) })
    @port = server.add_tcp_listener("127.0.0.1", 0).addr[1]
    described_class.limits = served.settings.limits
    server.run
    example.run
  ensure
    described_class.limits = nil
    server.stop(true)
  end

  # What is answered to a head alone: no byte of a body is sent.
  def answered(path, *heads, cookie: "yellow-track=some", **body)
    TCPSocket.open("127.0.0.1", @port) do |socket|
      socket.write(["POST #{path} HTTP/1.1", "Host: 127.0.0.1", *("Cookie: #{cookie}" if cookie), *heads, "", ""]
        .join("\r\n"))
      socket.write(body.fetch(:text, ""))
      socket.wait_readable(5) or raise "nothing is answered before the body is sent"
      socket.read_nonblock(10_000)
    end
  end

  def length(bytes) = "Content-Length: #{bytes}"

  it "refuses by its head alone what is too much: of a stranger, of a form, of a file without its pass" do
    {["/jobs/archive", 100_000_000, {}] => 413, ["/jobs/archive?#{pass}", 130_000_000, {}] => 413,
     ["/jobs/archive?#{pass}", 100_000_000, {cookie: nil}] => 413,
     ["/jobs/archive?pass=#{account}-20000-#{"0" * 64}", 100_000_000, {}] => 413,
     ["/openings/1/pictures?#{pass}", 14_000_000, {}] => 413, ["/rules?#{pass}", 1_300_000, {}] => 413,
     ["/account/sign-in", 70_000, {}] => 413}.each do |(path, bytes, way), status|
      expect([path, answered(path, length(bytes), **way)[%r{\AHTTP/1.1 (\d+)}, 1]]).to eq [path, status.to_s]
    end
    expect(answered("/jobs", "Transfer-Encoding: chunked")).to match(%r{\AHTTP/1.1 411.*Say how long it is}m)
  end

  it "takes what there is a pass for, sixty times a minute of one account" do
    limits = YellowTrack::Web::Limits.new(served.settings.pass)
    env = {"PATH_INFO" => "/jobs/archive", "QUERY_STRING" => pass, "HTTP_COOKIE" => "yellow-track=some",
           "CONTENT_LENGTH" => "100000000"}
    expect(Array.new(62) { limits.refusal(env, counted: true)&.first }).to eq [*Array.new(60), 429, 429]
    another = "pass=#{served.settings.pass.for(account + 1)}"
    expect(limits.refusal({**env, "QUERY_STRING" => another}, counted: true)).to be_nil
  end

  it "counts tries within their time, and lets go of what is over once there are many" do
    stub_const("YellowTrack::Web::Rates::Counts::MANY", 3)
    counts = YellowTrack::Web::Rates::Counts.new
    expect(Array.new(2) { counts.increment("here") }).to eq [1, 2]
    4.times { |turn| counts.write("over #{turn}", 9, expires_in: -1) }
    expect([counts.read("over 1"), counts.increment("over 1"), counts.read("here")]).to eq [0, 1, 2]
    expect(counts.instance_variable_get(:@counts).keys).to match_array ["here", "over 1"]
  end

  it "has a pass end after some days, and takes no other's seal" do
    passes = served.settings.pass
    worn = passes.for(account)
    expect(passes.good?(worn)).to be true
    expect(passes.good?(worn, now: Time.now + 10 * 86_400)).to be false
    expect([worn.sub(/\A\d+/, "77"), "", nil, "1-2-x"].map { |text| passes.good?(text) }).to all(be false)
  end

  it "reads no form of someone who is not in, and no file without the page's token; and leaves none behind" do
    file = "--x\r\nContent-Disposition: form-data; name=\"file\"; filename=\"a\"\r\n\r\n#{"a" * 50_000}\r\n--x--\r\n"
    heads = [length(file.bytesize), "Content-Type: multipart/form-data; boundary=x"]
    expect(answered("/jobs/archive?#{pass}", *heads, text: file)).to start_with("HTTP/1.1 403")
    expect(answered("/rules?#{pass}", *heads, text: file)).to start_with("HTTP/1.1 415")
    before = Dir["#{Dir.tmpdir}/{RackMultipart,puma}*"]
    serve
    out = YellowTrack::Web::App.on(book, secret: "s" * 64)
    read = StringIO.new(file)
    status, = out.call(Rack::MockRequest.env_for("/jobs/archive", "REQUEST_METHOD" => "POST", :input => read,
      "CONTENT_TYPE" => "multipart/form-data; boundary=x", "HTTP_HOST" => Site::HOST,
      "HTTP_COOKIE" => "yellow-track=x"))
    expect([status, read.pos]).to eq [401, 0]
    expect(Dir["#{Dir.tmpdir}/{RackMultipart,puma}*"] - before).to eq []
  end

  it "answers what cannot be read, and an address that is too long, in a sentence" do
    expect(answered("/jobs?#{"a" * 11_000}")).to match(%r{\AHTTP/1.0 414.*longer than}m)
    expect(answered("/x y z")).to match(%r{\AHTTP/1.0 400.*could not be read}m)
  end
end
