# frozen_string_literal: true

require "open3"

module YellowTrack
  module Store
    # How much room a disk has.
    module Disk
      FEW = 1024 * 1024 # kB; less free is told
      LITTLE = 100 * 1024 # kB; less is a stop
      FRESH = 60 # seconds that a figure is good for a page

      @seen, @lock = {}, Mutex.new

      module_function

      # @param path [String] of something on it
      # @return [Integer, nil] kB that are free; nil where the machine does not tell
      def free(path)
        out, status = Open3.capture2e("df", "-Pk", path)
        status.success? ? out.lines.last.to_s.split[3]&.to_i : nil
      rescue Errno::ENOENT
        nil
      end

      # @return [:good, :watch, :stop] how it stands
      def level(free)
        return :good if free.nil? || free >= FEW

        (free < LITTLE) ? :stop : :watch
      end

      # The same, asked once a minute.
      #
      # @return [Integer, nil] kB
      def lately(path, now = Process.clock_gettime(Process::CLOCK_MONOTONIC))
        @lock.synchronize do
          at, free = @seen[path]
          next free if at && now - at < FRESH

          free(path).tap { |found| @seen[path] = [now, found] }
        end
      end
    end
  end
end
