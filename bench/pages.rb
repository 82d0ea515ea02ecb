# frozen_string_literal: true

require "tmpdir"
require "uri"

module YellowTrack
  module Bench
    # The pages beside a bare page with one query, served by one Puma in one run,
    # turn about; how large they are and how often they ask the database.
    class Pages
      COUNT = 300
      WARM = 50
      SIZE = "/openings/1/size"
      FIGURES = "#{ROOT}/docs/figures.md"
      MUCH = 1.2 # times what stands there, over which it fails
      AFAR = {"Accept-Encoding" => "gzip", "X-Forwarded-For" => "192.0.2.7"}.freeze # as a proxy would ask
      LISTED = {"Wall" => "/?all=1", "Today" => "/today", "the board" => "/visits",
                "Job" => "/jobs/1", "Size" => SIZE, "cut list of the job" => "/jobs/1/cut",
                "its price" => "/jobs/1/price", "its visits" => "/jobs/1/visits", "as built" => "/jobs/1/built",
                "Hand over" => "/openings/8/hand-over",
                "Measure" => "/openings/2/measure", "Adjust" => "/openings/2/adjust", "log" => "/openings/2/log"}.freeze

      # @return [Array<String>] a line of figures each
      def call
        Dir.mktmpdir do |folder|
          @site = Site.new(Store::Book.open("#{folder}/bench.sqlite3"))
          Demo::Loader.new("").fill(@site.book)
          @site.serve { |http| measure(http) + LISTED.map { |name, path| listed(http, name, path) } } + @slower
        end
      end

      # @return [Boolean] whether a page has grown slower than it stands in docs/figures.md
      def failed? = @slower.any?

      private

      def measure(http)
        token(http)
        times = {"bare page" => [], "Wall" => [], "Today" => [], "Board" => [], "Job" => [], "Size page" => [],
                 "Size page after a change" => [],
                 "a reading saved, all renewed" => []}
        (COUNT + WARM).times do |turn|
          plain = ["/bare/1", "/?all=1", "/today", "/visits", "/jobs/1", SIZE].map { |path| timed(http, path) }
          round = [*plain, afresh(http, turn), typed(http, turn)]
          times.values.zip(round) { |list, time| list << time } if turn >= WARM
        end
        times.each_value(&:sort!)
        bare = Timing.median(times.fetch("bare page"))
        ratios = times.transform_values { |list| Timing.median(list) / bare }
        @slower = slower(ratios)
        times.map { |name, list| "#{Timing.line(name, list)}   ÷ bare #{format("%.2f", ratios.fetch(name))}" }
      end

      # Pages that are a fifth slower than docs/figures.md has them.
      #
      # @return [Array<String>] a sentence each
      def slower(ratios)
        written = File.read(FIGURES).scan(/^\| ([^|]+?) \| ([\d.]+) × \|$/).to_h { |name, ratio| [name, Float(ratio)] }
        ratios.except("bare page").filter_map do |name, ratio|
          before = written.fetch(name)
          next if ratio <= before * MUCH

          format("%s takes %.2f times the bare page; %.2f stands in docs/figures.md.", name, ratio, before)
        end
      end

      def listed(http, name, path)
        answer = nil
        asked = @site.queries { answer = http.get(path, AFAR) }
        plain = http.get(path, "Accept-Encoding" => "identity")
        format("%-34s %3d queries   %4d kB, %3d kB on its way", name, asked, plain.body.bytesize / 1024,
          answer.body.bytesize / 1024)
      end

      # The page's token.
      def token(http)
        @head = {"HX-Request" => "true"}
        @token = http.get("/openings/2/measure").body[Visitor::TOKEN, 1]
      end

      # Types another reading: saved, logged, drawing and tally made anew.
      def typed(http, turn)
        form = URI.encode_www_form("authenticity_token" => @token, "key" => "survey.depth",
          "value" => (124 + turn/1000r).to_f.to_s,
          "seen" => "9999999", "stage" => "measure")
        Timing.once { raise "not saved" unless http.post("/openings/2/values", form, @head).code == "200" }
      end

      def timed(http, path) = Timing.once { get(http, path) }

      # With another lap each time, nothing on the page has been worked out
      # before.
      def afresh(http, turn)
        @site.book.openings.change(1, "set.lap", (34 + turn/100r).to_f.to_s, seen: nil,
          listing: Desk::Listing.of(@site.book))
        timed(http, SIZE)
      end

      def get(http, path)
        answer = http.get(path)
        raise "#{path}: #{answer.code}" unless answer.code == "200"
      end
    end
  end
end
