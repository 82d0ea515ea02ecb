# frozen_string_literal: true

require "tmpdir"

module YellowTrack
  module Bench
    # The real server killed in the middle of writing, over and over, and two of them on one
    # book: what was acknowledged is there afterwards, and the book is whole.
    class Faults
      TIMES = 200
      LONGEST = 0.25 # seconds of writing before it is killed
      OPENING = 2
      BESIDE = 10 # seconds that two servers are typed at

      # @param times [Integer]
      def initialize(times = TIMES)
        @times = times
        @random = Random.new(1)
      end

      # @return [Array<String>] a line of figures each
      def call
        Dir.mktmpdir do |folder|
          @path = "#{folder}/book.sqlite3"
          Demo::Loader.new(@path).load
          started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
          counts = Array.new(@times) { |turn| killed(turn) }
          took = Process.clock_gettime(Process::CLOCK_MONOTONIC) - started
          ["#{@times} × kill −9 while writing: #{counts.sum(&:first)} saves acknowledged, #{counts.sum(&:last)} of " \
            "them lost, the book whole every time, #{took.round} s", beside, *Disks.new.call]
        end
      end

      private

      # Two servers on one book, both typed at.
      def beside
        servers = Array.new(2) { Server.new(@path) }
        saved = servers.each_with_index.map { |server, place| Thread.new { typing(server, place) } }.flat_map(&:value)
        Store::Copy.prove(@path)
        "2 servers on one book for #{BESIDE} s: #{saved.length} saves acknowledged, #{(saved - logged).length} of " \
          "them lost, the book whole"
      ensure
        servers&.each(&:stop)
      end

      # What one of them acknowledges.
      def typing(server, place)
        form, head = server.page(OPENING)
        stops, saved = Process.clock_gettime(Process::CLOCK_MONOTONIC) + BESIDE, []
        server.talk do |http|
          type(http, form, head, @times + place, saved) { Process.clock_gettime(Process::CLOCK_MONOTONIC) < stops }
        end
        saved
      end

      # @return [Array(Integer, Integer)] how many saves were acknowledged, and lost
      def killed(turn)
        server = Server.new(@path)
        acknowledged = writing(server, turn)
        Store::Copy.prove(@path)
        [acknowledged.length, (acknowledged - logged).length]
      end

      # Types one reading after another, until nothing answers any more.
      def writing(server, turn)
        saved = []
        form, head = server.page(OPENING)
        killer = Thread.new { sleep(@random.rand * LONGEST) && server.stop(:KILL) }
        server.talk { |http| type(http, form, head, turn, saved) }
        saved
      rescue SystemCallError, IOError
        saved
      ensure
        killer&.join
      end

      def type(http, form, head, turn, saved)
        (1..).each do |count|
          break if block_given? && !yield

          value = "#{130 + turn}.#{format("%04d", count)}"
          break unless http.post("/openings/#{OPENING}/values", form.call("survey.depth", value), head).code == "200"

          saved << value
        end
      end

      def logged
        book = Store::Book.open(@path)
        book.log.of(OPENING, kind: "reading").map(&:after)
      ensure
        book&.close
      end
    end
  end
end
