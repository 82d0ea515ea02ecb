# frozen_string_literal: true

require "date"

module YellowTrack
  class Visits
    # The plan before: when it ended, the days of its steps' ends, its visits.
    class Was
      # A visit as it was: its times, its steps, its name for calendars.
      Before = Struct.new(:times, :keys, :uid, :sequence)

      # @return [Integer, nil] the day of its end
      attr_reader :end_day

      # @param plan [Hash] as read
      # @param calendar [Calendar]
      def initialize(plan, calendar)
        @calendar = calendar
        @end_day = plan["end"] && calendar.day(Date.iso8601(plan["end"]))
        @days = (plan["steps"] || []).to_h { |step| [step["key"], calendar.day(Date.iso8601(step["end"][0, 10]))] }
        @starts = (plan["steps"] || []).to_h { |step| [step["key"], step["start"]] }
        @visits = (plan["visits"] || []).map do |visit|
          times = visit.values_at("leave", "arrive", "depart", "back")
          Before.new(times, *visit.values_at("steps", "uid", "sequence"))
        end
        freeze
      end

      # @param key [String] of a step
      # @return [Integer, nil]
      def day_of(key) = @days[key]

      # @param key [String] of a step
      # @return [String, nil] the moment of its start as it was told; nil where it was over then
      def start_of(key) = @starts[key]

      # New visits under the names of those that they continue: each of the one with
      # which it shares most steps, each once.
      #
      # @param visits [Array<Visit>]
      # @return [Array<Visit>]
      def continued(visits)
        pairs = visits.product(@visits).map { |now, before| [(now.keys & before.keys).length, now, before] }
        pairs = pairs.select { |shared, _, _| shared.positive? }.sort_by.with_index { |(shared, _, _), place|
          [-shared, place]
        }
        taken = {}
        pairs.each { |_, now, before| taken[now] = before unless taken.key?(now) || taken.value?(before) }
        visits.map { |now| taken[now] ? named(now, taken[now]) : now }
      end

      private

      def named(now, before)
        same = now.times(@calendar) == before.times && now.keys == before.keys
        now.dup.tap do |visit|
          visit.uid, visit.sequence = before.uid, (before.sequence || 0) + (same ? 0 : 1)
        end
      end
    end
  end
end
