# frozen_string_literal: true

require "delegate"
require "open3"
require "rack/test"
require "timecop"
require "tmpdir"

# The application on a database of its own, made afresh for each example, on a day that does not
# change with the calendar; on the day itself where the database's own clock is asked too.
module Site
  HOST = "127.0.0.1"
  FITTER = "Runa"
  MORNING = Time.local(2027, 3, 1, 6, 0) # a Monday, whenever the examples are run; the clock goes on from there
  # The book of the example that is run. Applications stand on it and are made once, each way that they are asked for:
  # to make one, and to have it answer for the first time, takes three times as long as a page.
  STANDING = DelegateClass(YellowTrack::Store::Book).new(nil)
  SERVED = Hash.new do |all, way|
    all[way] = YellowTrack::Web::App.on(STANDING, secret: "s" * 64, **way)
  end

  def self.included(group)
    group.include Rack::Test::Methods
    group.before { Site.hurried(self) }
    group.around do |example|
      Dir.mktmpdir do |folder|
        @book = Site.book("#{folder}/book.sqlite3", demo: example.metadata[:demo])
        STANDING.__setobj__(@book)
        @book.db.extension(:date_arithmetic) # as rodauth has it of the book that it is made on
        YellowTrack::Web::Rates.lay
        before = Thread.list
        example.metadata[:clock_of_the_day] ? example.run : Timecop.travel(MORNING) { example.run }
        (Thread.list - before).each { |beside| beside.join(5) } # what goes on beside a request ends with its example
        @book.close
      end
    end
  end

  # Plans of visits are looked for a few seconds, and nothing that examples ask of them is found by the last of these.
  HURRIED = {"Desk::FirmBoard::FIRST" => 0.05, "Desk::FirmBoard::LONGER" => 0.2, "Desk::JobVisits::FIRST" => 0.05,
             "Visits::PATIENCE" => 0.2}.freeze

  # Has an example's pages wait less for plans.
  def self.hurried(example)
    HURRIED.each { |name, seconds| example.stub_const("YellowTrack::#{name}", seconds) }
  end

  # A book with its one fitter; what is tagged `:demo` has the demo's jobs in it.
  def self.book(path, demo: false)
    Template.copied(demo ? :shown : :blank, path) do |book|
      book.accounts.add(FITTER)
      Timecop.freeze(MORNING) { YellowTrack::Demo::Loader.new("").fill(book) } if demo
    end
  end

  attr_reader :book

  # Signed in by itself as its one fitter, unless an example is about signing in.
  def app = ->(env) { (@served || serve(by_itself: FITTER)).call(env) }

  # Another is in front of it now, or nobody, in a browser of his own.
  def serve(**way)
    clear_cookies
    @token = nil
    @served = SERVED[way]
  end

  # The page as it reads: a line's end is a space there.
  def page = Nokogiri::HTML5(last_response.body.gsub(/\s*\n\s*/, " "))

  # A text as it reads: a figure's own spaces are spaces.
  def plain(text) = text.gsub(/\p{Space}+/, " ")

  # Hangs an opening in a job and gives its row.
  def hang(units: "mm", **changes)
    @job ||= book.jobs.add(name: "Osier Weir", units:)
    given = YellowTrack::Store::Document.new(document(units:, **changes))
    book.openings.add(job_id: @job.id, document: given, &YellowTrack::Desk::Listing.of(book))
  end

  def look(path) = get(path, {}, "HTTP_HOST" => HOST)

  # A picture that was taken of an opening.
  #
  # @param kind [String] png, jpeg, webp
  # @param colour [String] of all of it
  def pictured(id, caption, kind: "png", colour: "gray")
    data, = Open3.capture2("convert", "-size", "8x6", "xc:#{colour}", "#{kind}:-", binmode: true)
    picture = YellowTrack::Store::Pictures::Picture.new(type: "image/#{kind}", width: 8, height: 6, data:, thumb: data)
    book.pictures.add(book.openings.find(id), picture, caption:)
  end

  # Posts as a page of the application would, with its token.
  def send_form(path, values, htmx: false)
    extra = htmx ? {"HTTP_HX_REQUEST" => "true"} : {}
    post(sent_to(path, token), values.merge("authenticity_token" => token), {"HTTP_HOST" => HOST, **extra})
  end

  # What lets a form in: told by itself to whoever is in, else printed by the page for that; good as long as one stays
  # who he is.
  def token
    @token ||= begin
      get("/token", {}, "HTTP_HOST" => HOST, "HTTP_X_REQUESTED_WITH" => "XMLHttpRequest")
      last_response.ok? ? JSON.parse(last_response.body).fetch("token") : printed_token
    end
  end

  def printed_token
    look("/")
    last_response.body[/name="authenticity_token" value="([^"]*)"/, 1]
  end

  # Where a form of the application sends it: a file with what lets it in.
  def sent_to(path, token)
    return path unless YellowTrack::Web::Limits::FILES.match?(path)

    account = book.accounts.named(FITTER).id
    YellowTrack::Web::View.new(token:, pass: -> { YellowTrack::Web::Pass.new("s" * 64).for(account) }).file_path(path)
  end

  # Types a value into a field of an opening.
  def type(row, key, value, seen: row.version, stage: "measure", **rest)
    send_form("/openings/#{row.id}/values",
      {"key" => key, "value" => value, "seen" => seen, "stage" => stage, **rest.transform_keys(&:to_s)}, htmx: true)
  end

  # What the block asks the database; what is prepared counts each time that it is asked.
  #
  # @param kind [Regexp] of statements that count; // for what it writes too
  def queries(kind = /\) (SELECT|EXECUTE)\b/)
    asked = []
    watch = Object.new
    %i[info debug warn error].each do |level|
      watch.define_singleton_method(level) { |sql| asked << sql if sql.match?(kind) }
    end
    book.db.loggers << watch
    yield
    asked
  ensure
    book.db.loggers.delete(watch)
  end

  # How its doors hang, in which unit, and whether they hang already: what forms differ by.
  def manner_of(row)
    opening = YellowTrack::Desk::KeptOpening.new(book, row)
    [opening.kit.manner.key, opening.opening.units, opening.service.on?, opening.others?]
  end

  def saved(row, key) = book.openings.find(row.id).document[key]
end
