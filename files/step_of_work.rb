# frozen_string_literal: true

require "date"

module YellowTrack
  module Files
    # A step of a job as work files and board files have it (handbook 14).
    module StepOfWork
      SAME = %w[key opening what place minutes days look_back].freeze # keys that it has as they are

      module_function

      # @param read [Hash] as its schema read it
      # @param calendar [Visits::Calendar]
      # @return [Visits::Step]
      def of(read, calendar)
        not_before, done = read.values_at("not_before", "done").map { |text| text && calendar.day(date(text)) }
        ended = read["ended"] && calendar.moment(moment(read["ended"]))
        Visits::Step.new(**read.slice(*SAME).transform_keys(&:to_sym), hands: read["hands"] || 1, after: afters(read),
          not_before:, done:, ended:)
      end

      # @return [Date, nil] nil for what is none
      def date(text)
        Date.iso8601(text) if text.match?(/\A\d{4}-\d\d-\d\d\z/)
      rescue Date::Error
        nil
      end

      # @return [DateTime, nil] nil for what is none
      def moment(text)
        DateTime.iso8601(text) if text.match?(/\A\d{4}-\d\d-\d\dT\d\d:\d\d\z/)
      rescue Date::Error
        nil
      end

      # What a step comes after, and how long is waited.
      #
      # @return [Array<Visits::After>]
      def afters(read)
        (read["after"] || []).map do |after|
          Visits::After.new(after["step"], after.dig("wait", "hours"), after.dig("wait", "days"))
        end
      end
    end
  end
end
