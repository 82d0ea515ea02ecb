# frozen_string_literal: true

require "time"

module YellowTrack
  module Store
    # The time as the store writes it: UTC to the second, sortable as text.
    module Clock
      module_function

      # The moment, as the book keeps it: UTC, to the second.
      def now = of(Thread.current[:yellow_track_now] || Time.now)

      # Another moment, likewise.
      #
      # @param time [Time]
      def of(time) = time.getutc.strftime("%FT%TZ")

      # What the block writes is dated at some other time: a record taken over
      # from before.
      #
      # @param time [Time]
      def during(time)
        Thread.current[:yellow_track_now] = time
        yield
      ensure
        Thread.current[:yellow_track_now] = nil
      end
    end
  end
end
