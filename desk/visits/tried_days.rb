# frozen_string_literal: true

require "date"

module YellowTrack
  module Desk
    # Days of what is tried, as they are typed. Whoever reads so has @faults, a list.
    module TriedDays
      FAR = 3650 # days

      private

      # @return [String] ISO; empty for what is no day, which is told
      def day(text, key)
        text = text.to_s.strip
        date = Date.strptime(text, "%Y-%m-%d") if text.match?(/\A\d{4}-\d\d-\d\d\z/)
        return date.iso8601 if date && (date - Date.today).to_i.abs <= FAR

        refuse("\"#{text[0, 40]}\" is no day within ten years. Write it as #{Date.today.iso8601}.", key)
      rescue Date::Error
        refuse("\"#{text[0, 40]}\" is no day: the calendar does not have it. Write it as #{Date.today.iso8601}.", key)
      end

      def refuse(words, key)
        @faults << Fault.new(words, key:)
        ""
      end
    end
  end
end
