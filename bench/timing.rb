# frozen_string_literal: true

module YellowTrack
  module Bench
    # Times repeated work.
    module Timing
      module_function

      # Milliseconds of each of so many runs, after some to warm up.
      #
      # @return [Array<Float>] sorted
      def times(count, warm: count / 5)
        warm.times { yield }
        Array.new(count) { once { yield } }.sort
      end

      def once
        start = Process.clock_gettime(Process::CLOCK_MONOTONIC)
        yield
        (Process.clock_gettime(Process::CLOCK_MONOTONIC) - start) * 1000
      end

      def median(sorted) = sorted[sorted.length / 2]

      # A line of figures.
      def line(name, sorted)
        format("%-34s median %7.3f ms   90%% under %7.3f ms", name, median(sorted), sorted[sorted.length * 9 / 10])
      end
    end
  end
end
