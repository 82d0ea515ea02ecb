# frozen_string_literal: true

require "fileutils"
require "tmpdir"

module YellowTrack
  module Bench
    # A disk that dies: twenty fitters type into a book that is mirrored, its folder is deleted at
    # some moment, and the book is brought back from the mirror. What a save takes with a mirror and
    # without one.
    class Disks
      TIMES = 20
      FITTERS = 20
      TYPED = 2.0..6.0 # seconds that it is typed before
      SAFE = 2 # seconds before it, by which what was acknowledged has to be in the mirror
      WARM, MEASURED = 5, 20 # seconds
      PAUSE = 0.4..1.6 # seconds from one reading to the next

      # A save that was acknowledged.
      Saved = Struct.new(:value, :at, :took)

      # @param times [Integer]
      def initialize(times = TIMES)
        @times, @random = times, Random.new(1)
      end

      # @return [Array<String>] a line of figures each
      def call
        Dir.mktmpdir do |folder|
          @folder = folder
          Demo::Loader.new(template).load
          counts = Array.new(@times) { |turn| died(turn) }
          ["#{@times} × the book's folder deleted under #{FITTERS} typing fitters: #{counts.sum(&:first)} saves " \
            "acknowledged #{SAFE} s before or earlier, #{counts.sum(&:last)} of them lost", slower]
        end
      end

      private

      def template = "#{@folder}/template.sqlite3"

      def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)

      def book_in(name)
        disk = FileUtils.mkdir_p("#{@folder}/#{name}").first
        FileUtils.cp(template, "#{disk}/book.sqlite3")
        "#{disk}/book.sqlite3"
      end

      # @return [Array(Integer, Integer)] saves that had to be there, and those that are not
      def died(turn)
        path, place = book_in("disk-#{turn}"), "#{@folder}/mirror-#{turn}"
        gone = nil
        server = Server.new(path, mirror: place)
        saved = typing(server, turn) do
          sleep @random.rand(TYPED)
          FileUtils.rm_rf(File.dirname(path))
          gone = now
        end
        server.stop
        due = saved.select { |one| one.at < gone - SAFE }.map(&:value)
        [due.length, (due - brought_back(place, turn)).length]
      end

      # All of them at once, until something ends it.
      #
      # @return [Array<Saved>]
      def typing(server, turn)
        pages = Array.new(FITTERS) { |one| server.page(1 + one % 8) }
        over = false
        fitters = pages.each_with_index.map do |(form, head), one|
          Thread.new { fitter(server, form, head, turn * FITTERS + one) { over } }
        end
        yield
        over = true
        fitters.flat_map(&:value)
      end

      def fitter(server, form, head, number)
        random, saved = Random.new(number), []
        server.talk do |http|
          (1..).each do |count|
            break if yield

            value = "#{130 + number}.#{format("%04d", count)}"
            took = Timing.once {
              answer = http.post("/openings/#{1 + number % FITTERS % 8}/values", form.call("survey.depth", value), head)
              return saved unless answer.code == "200"
            }
            saved << Saved.new(value, now, took)
            sleep random.rand(PAUSE)
          end
        end
        saved
      rescue SystemCallError, IOError
        saved
      end

      def brought_back(place, turn)
        path = "#{@folder}/back-#{turn}/book.sqlite3"
        FileUtils.mkdir_p(File.dirname(path))
        Store::Mirror.new(path, place).bring_back(path)
        Store::Copy.prove(path)
        book = Store::Book.open(path)
        (1..8).flat_map { |id| book.log.of(id, kind: "reading").map(&:after) }
      ensure
        book&.close
      end

      # Medians of saves, without a mirror and with one.
      def slower
        without, with = [nil, "#{@folder}/measured"].map do |mirror|
          server = Server.new(book_in("disk-measured-#{!mirror.nil?}"), mirror:)
          typing(server, 98) { sleep WARM }
          Timing.median(typing(server, 99) { sleep MEASURED }.map(&:took).sort)
        ensure
          server&.stop
        end
        format("a save at the median: %.1f ms without a mirror, %.1f ms with one, %.2f times", without, with,
          with / without)
      end
    end
  end
end
