# frozen_string_literal: true

require "tmpdir"

module YellowTrack
  module Bench
    # Twenty fitters who type at once into the real server for two minutes, while backups are made; then many pages
    # asked for, and the memory that it has before and after.
    class Load
      FITTERS = 20
      SECONDS = 120
      PAUSE = 0.4..1.6 # seconds from one reading to the next
      REQUESTS = 20_000
      PATHS = ["/", "/jobs/1", "/openings/2/size", "/openings/2/measure", "/jobs/1/visits"].freeze

      # @param seconds [Integer]
      # @param requests [Integer]
      def initialize(seconds = SECONDS, requests = REQUESTS)
        @seconds, @requests = seconds, requests
      end

      # @return [Array<String>] a line of figures each
      def call
        Dir.mktmpdir do |folder|
          @path = "#{folder}/book.sqlite3"
          Demo::Loader.new(@path).load
          @server = Server.new(@path)
          @server.talk { |visitor| visitor.get("/") } # it signs in once, for all of them
          [typed, flat]
        ensure
          @server&.stop
        end
      end

      private

      # One backup after another, as long as it is typed.
      def backing
        @over = false
        Thread.new { Store::Backups.new(@path).make && sleep(1) until @over }
      end

      def typed
        beside = backing
        times, faults = Array.new(FITTERS) { |one| Thread.new { fitter(one) } }.map(&:value).transpose.map(&:flatten)
        @over = true
        beside.join
        sorted = times.sort
        format("%d fitters typing for %d s: %d readings, median %.1f ms, 95 %% under %.1f ms, %d errors", FITTERS,
          @seconds, sorted.length, Timing.median(sorted), sorted[(sorted.length * 0.95).floor], faults.length)
      end

      # One of them, each in an opening that some share.
      #
      # @return [Array(Array<Float>, Array<String>)] milliseconds, and codes that are no 200
      def fitter(number)
        random, opening = Random.new(number), 1 + number % 8
        form, head = @server.page(opening)
        stops = Process.clock_gettime(Process::CLOCK_MONOTONIC) + @seconds
        times, faults = [], []
        @server.talk do |http|
          while Process.clock_gettime(Process::CLOCK_MONOTONIC) < stops
            value = form.call("survey.depth", (120 + random.rand(90_000) / 1000.0).to_s)
            times << Timing.once {
              code = http.post("/openings/#{opening}/values", value, head).code
              faults << code unless code == "200"
            }
            sleep random.rand(PAUSE)
          end
        end
        [times, faults]
      end

      def flat
        @server.talk { |http| ask(http, @requests / 10) }
        before = @server.memory
        @server.talk { |http| ask(http, @requests) }
        "#{@requests} pages asked for: #{before / 1024} MB before, #{@server.memory / 1024} MB after"
      end

      def ask(http, count)
        count.times { |turn| http.get(PATHS[turn % PATHS.length]).code == "200" || raise("a page failed") }
      end
    end
  end
end
