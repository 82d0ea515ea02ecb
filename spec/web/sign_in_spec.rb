# frozen_string_literal: true

require "bcrypt"
require "rotp"

# The way in: the first account, sign-in, a wrong password, devices, the second factor.
RSpec.describe "The way in" do
  include Site

  sentence = "a pencil behind the ear"

  before { serve }

  # A browser of its own.
  def browser = Rack::Test::Session.new(@new_app || app)

  def fields(browser) = Nokogiri::HTML5(browser.last_response.body).css("input[type=hidden]")
    .to_h { |one| [one["name"], one["value"]] }

  def seen(browser) = Nokogiri::HTML5(browser.last_response.body).text.gsub(/\s+/, " ")

  # One that was here before there were accounts.
  def browser_of(device)
    before = Class.new(Sinatra::Base) do
      set :environment, :production
      set :host_authorization, permitted_hosts: [Site::HOST]
      set :sessions, key: "yellow-track"
      set :session_secret, "s" * 64
      get("/") { session["device"] = device }
    end
    answer = go(Rack::Test::Session.new(before), "/").last_response
    browser.tap { |one| one.set_cookie(answer["set-cookie"][/\A[^;]+/]) }
  end

  # A form of a page, sent from it.
  def fill(browser, path, at: path, **values)
    browser.get(at, {}, {"HTTP_HOST" => Site::HOST})
    browser.post(path, {**fields(browser), **values.transform_keys(&:to_s)}, {"HTTP_HOST" => Site::HOST})
    browser
  end

  def go(browser, path) = browser.get(path, {}, {"HTTP_HOST" => Site::HOST}) && browser

  def sign_in(name, password, on: browser) = fill(on, "/account/sign-in", name:, password:)

  def in?(browser) = go(browser, "/").last_response.ok?

  around do |example|
    cost, BCrypt::Engine.cost = BCrypt::Engine.cost, 4
    example.run
    BCrypt::Engine.cost = cost
  end

  before { YellowTrack::Web::AccountCommand.give(book, book.accounts.named("Runa").id, sentence) }

  describe "where nobody is in yet" do
    around { |example| Dir.mktmpdir { |folder| on_a_new_book(folder, example) } }

    def on_a_new_book(folder, example)
      @new = YellowTrack::Store::Book.open("#{folder}/new.sqlite3")
      @new_app = YellowTrack::Web::App.on(@new, secret: "s" * 64)
      example.run
      @new.close
    end

    it "begins with the firm and its first account, a fitter, who is in at once" do
      first = go(browser, "/")
      expect(first.last_response["location"]).to end_with("/account/join")
      fill(first, "/account/join", firm: "Two of us", name: "Odo", password: "short")
      expect([first.last_response.status, seen(first)])
        .to match [422, /It takes 10 characters or more/]
      expect(fields(first)).not_to include("firm")
      expect(first.last_response.body).to include('value="Two of us"', 'value="Odo"')
      fill(first, "/account/join", firm: "Two of us", name: "Odo", password: "a tape read from the left")
      expect(in?(first)).to be true
      expect(@new.accounts.all.map { |one| [one.name, one.role] }).to eq [%w[Odo fitter]]
      expect(@new.accounts.firm).to eq "Two of us"
    end

    it "lets one be the first: the other is told, and needs a link" do
      one, other = browser, browser
      [one, other].each { |each| go(each, "/account/join") }
      told = ->(name) { {"firm" => "Two of us", "name" => name, "password" => "a tape read from the left"} }
      one.post("/account/join", {**fields(one), **told.call("Odo")}, {"HTTP_HOST" => Site::HOST})
      other.post("/account/join", {**fields(other), **told.call("Runa")}, {"HTTP_HOST" => Site::HOST})
      expect(@new.accounts.all.map(&:name)).to eq ["Odo"]
      expect(in?(other)).to be false
    end
  end

  it "goes on to where one was going, and to no other host" do
    row = hang
    here = go(browser, "/openings/#{row.id}/size?at=1")
    sign_in("  runa ", sentence, on: here)
    expect(here.last_response["location"]).to end_with("/openings/#{row.id}/size?at=1")
    other = go(browser, "//yellow.example/x")
    sign_in("Runa", sentence, on: other)
    expect(other.last_response["location"]).to match(%r{\A(http://127.0.0.1)?/\z})
  end

  it "writes into the log under the account's name, whatever else is sent" do
    row, here = hang, sign_in("Runa", sentence)
    fill(here, "/openings/#{row.id}/remarks", at: "/openings/#{row.id}/log", text: "The floor is laid.", who: "Odo")
    expect(book.log.of(row.id).last.to_h).to include(who: "Runa", after: "The floor is laid.")
  end

  it "says the same of a wrong name and of a wrong password" do
    one, other = sign_in("Runa", "not the one it is"), sign_in("Nobody", sentence)
    [one, other].each { |each| expect(each.last_response.status).to eq 401 }
    expect(seen(one)).to include("Name and password do not go together.")
    expect(seen(one).sub("Runa", "")).to eq seen(other).sub("Nobody", "")
  end

  it "slows down who keeps being wrong, tells for how long, and lets him in after that" do
    5.times { sign_in("Runa", "not the one it is") }
    late = sign_in("Runa", sentence)
    expect(late.last_response.status).to eq 429
    expect(late.last_response["retry-after"].to_i).to be_between(25, 30)
    expect(seen(late)).to match(/5 wrong passwords in a row. Wait \d+ seconds/)
    later = Time.now + 31
    allow(Time).to receive(:now).and_return(later)
    expect(in?(sign_in("Runa", sentence))).to be true
    expect(book.tries.wait("runa", nil).failures).to eq 0
  end

  it "answers for a name of nobody as for one of somebody, however often it is tried" do
    told = %w[Runa Nobody].map do |name|
      YellowTrack::Web::Rates.lay
      Array.new(7) { sign_in(name, "not the one it is") }.map do |one|
        [one.last_response.status, seen(one).sub(name, "").gsub(/\d+ seconds/, "")]
      end
    end
    expect(told.first).to eq told.last
    expect(told.first.map(&:first)).to eq [401, 401, 401, 401, 401, 429, 429]
  end

  it "lets the right one in on the device that he works with, whoever tries his name elsewhere" do
    here = sign_in("Runa", sentence)
    fill(here, "/account/sign-out", at: "/account")
    6.times { sign_in("Runa", "not the one it is") }
    expect(sign_in("Runa", sentence).last_response.status).to eq 429
    expect(in?(sign_in("Runa", sentence, on: here))).to be true
    fill(here, "/account/sign-out", at: "/account")
    5.times { sign_in("Runa", "not the one it is", on: here) }
    expect(sign_in("Runa", sentence, on: here).last_response.status).to eq 429
  end

  it "tells who has the password of a closed account that it is closed, and nobody else" do
    YellowTrack::Web::AccountCommand.give(book, book.accounts.add("Odo", role: "office"), sentence)
    book.accounts.close(book.accounts.named("Odo").id, by: "Runa")
    expect(seen(sign_in("Odo", "not the one it is"))).to include("do not go together")
    closed = sign_in("Odo", sentence)
    expect(seen(closed)).to include("This account is closed")
    expect(in?(closed)).to be false
  end

  it "lists wrong sign-ins for a fitter, and not for the office" do
    sign_in("Nobody", sentence)
    sign_in("Runa", "not the one it is")
    expect(seen(go(sign_in("Runa", sentence), "/crew"))).to include("Wrong sign-ins", "a name that is nobody's")
    YellowTrack::Web::AccountCommand.give(book, book.accounts.add("Odo", role: "office"), sentence)
    expect(seen(go(sign_in("Odo", sentence), "/crew"))).not_to include("Wrong sign-ins")
  end

  it "looks at one password at a time, and tells who comes in a crowd to come again" do
    held, waiting = Queue.new, YellowTrack::Web::SignIn::Passwords
    first = Thread.new { waiting.one_at_a_time { held.pop } }
    Thread.pass until first.status == "sleep"
    others = Array.new(waiting::MOST - 1) { Thread.new { waiting.one_at_a_time { :done } } }
    Thread.pass until others.all? { |one| one.status == "sleep" }
    crowded = sign_in("Runa", sentence)
    expect([crowded.last_response.status, seen(crowded)]).to match [429, /Many sign in just now/]
    held << true
    expect(others.map(&:value)).to all(eq(:done))
  end

  it "takes so many tries from one address in a minute, and says when it takes more" do
    answers = Array.new(21) { |turn| sign_in("Nobody #{turn}", sentence).last_response }
    expect(answers.map(&:status).tally).to eq(401 => 20, 429 => 1)
    expect(answers.last.body).to match(/Wait \d+ seconds/)
    expect(in?(browser)).to be false
  end

  it "lists devices, ends one, and ends all others with a changed password" do
    one, other, third = Array.new(3) { sign_in("Runa", sentence) }
    go(one, "/account")
    expect(seen(one)).to include("this one").and include("Sign out all others")
    key = book.accounts.sessions(book.accounts.named("Runa").id).map(&:key).find { |each|
      one.last_response.body.include?("value=\"#{each}\"")
    }
    fill(one, "/account/devices/end", at: "/account", device: key)
    expect([one, other, third].count { |each| in?(each) }).to eq 2
    fill(one, "/account/password", password: "not the one it is", new: "another pencil altogether")
    expect(seen(one)).to include("That is not the password that you have now.")
    fill(one, "/account/password", password: sentence, new: "another pencil altogether")
    expect(seen(go(one, "/account"))).to include("The password is changed, and every other device signed out.")
    expect(seen(go(one, "/account"))).not_to include("The password is changed")
    expect([one, other, third].map { |each| in?(each) }).to eq [true, false, false]
    expect(in?(sign_in("Runa", sentence))).to be false
    expect(in?(sign_in("Runa", "another pencil altogether"))).to be true
  end

  it "signs out, on the server too: a cookie that was kept is none" do
    here = sign_in("Runa", sentence)
    kept = here.rack_mock_session.cookie_jar.to_hash["yellow-track"] if here.respond_to?(:rack_mock_session)
    kept ||= here.last_response["set-cookie"].to_s[/yellow-track=([^;]+)/, 1]
    fill(here, "/account/sign-out", at: "/account")
    expect(in?(here)).to be false
    again = browser
    again.set_cookie("yellow-track=#{kept}")
    expect(in?(again)).to be false
  end

  describe "the second factor" do
    # Sets it up on a browser that is signed in; its secret, and the codes shown then.
    def set_up(here, at: Time.now)
      go(here, "/account/second-factor")
      secret = fields(here).fetch("otp_secret")
      here.post("/account/second-factor", {**fields(here), "code" => ROTP::TOTP.new(secret).at(at),
                                           "password" => "a pencil behind the ear"}, {"HTTP_HOST" => Site::HOST})
      [secret, Nokogiri::HTML5(here.last_response.body).css(".codes code").map(&:text)]
    end

    %w[UTC Etc/GMT+5 Etc/GMT-9].each do |zone|
      it "is asked for after the password, before any page, in the time zone #{zone}", :clock_of_the_day do
        before, ENV["TZ"] = ENV["TZ"], zone
        secret, codes = set_up(sign_in("Runa", sentence))
        expect(codes.length).to eq 8
        there = sign_in("Runa", sentence)
        expect(go(there, "/jobs/1").last_response["location"]).to end_with("/account/code")
        fill(there, "/account/code", code: "000000")
        expect(seen(there)).to include("That is not the code that shows now.")
        later = Time.now + 60
        allow(Time).to receive(:now).and_return(later)
        book.db[:account_otp_keys].update(last_use: (later - 150).utc.strftime("%F %T"))
        fill(there, "/account/code", code: ROTP::TOTP.new(secret).at(later))
        expect(in?(there)).to be true
      ensure
        ENV["TZ"] = before
      end
    end

    it "lets in by a recovery code, once, and locks the figures after five wrong ones" do
      _, codes = set_up(sign_in("Runa", sentence))
      there = sign_in("Runa", sentence)
      5.times { fill(there, "/account/code", code: "000000") }
      expect(go(there, "/account/code").last_response["location"]).to end_with("/account/recovery")
      fill(there, "/account/recovery", recovery: codes.first)
      expect(in?(there)).to be true
      again = sign_in("Runa", sentence)
      fill(again, "/account/recovery", recovery: codes.first)
      expect(seen(again)).to include("none of the codes that are left")
    end

    it "is taken off with the password" do
      here = sign_in("Runa", sentence)
      set_up(here)
      fill(here, "/account/one-factor", password: sentence)
      expect(in?(sign_in("Runa", sentence))).to be true
    end
  end

  it "behind a proxy with TLS answers its site, with cookies that go by TLS alone, and says to stay with it" do
    serve(site: "https://yellow-track.example")
    here = browser
    here.get("/account/sign-in", {}, {"HTTP_HOST" => "yellow-track.example"})
    expect(here.last_response["set-cookie"]).to match(/secure/i).and match(/httponly/i).and match(/samesite=lax/i)
    expect(here.last_response["strict-transport-security"]).to eq "max-age=31536000"
    here.get("/account/sign-in", {}, {"HTTP_HOST" => "another.example"})
    expect(here.last_response.status).to eq 403
  end

  it "hands what was typed on a device before to whoever signs in there" do
    row = hang
    book.drafts.keep(row.id, "survey.depth", "12x", says: "no length", owner: "0011223344556677")
    book.drafts.keep(row.id, "survey.widths.top", "180x", says: "no length", owner: "0011223344556677")
    book.drafts.keep(row.id, "survey.widths.top", "190x", says: "no length", owner: "account-1")
    sign_in("Runa", sentence, on: browser_of("0011223344556677"))
    expect(book.drafts.of(row.id, "account-1").transform_values(&:typed))
      .to eq("survey.depth" => "12x", "survey.widths.top" => "190x")
  end
end
