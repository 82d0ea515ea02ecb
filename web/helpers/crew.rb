# frozen_string_literal: true

module YellowTrack
  module Web
    module Helpers
      # Who is at work: what is logged is logged under his name.
      module Crew
        NOBODY = "fitter"

        def who = session["who"].to_s.empty? ? NOBODY : session["who"]

        # Names that were at work before.
        def crew = @crew ||= book.log.names - [NOBODY]

        # A moment of the log as it is read on site: "25 November, 14:05".
        def moment(at) = Time.iso8601(at).localtime.then { |time| "#{time.day} #{MONTHS[time.month - 1]}, #{time.strftime("%H:%M")}" }

        def day(date) = "#{WEEKDAYS[date.wday]} #{date.day} #{MONTHS[date.month - 1]}"

        MONTHS = %w[January February March April May June July August September October November December].freeze
        WEEKDAYS = %w[Sunday Monday Tuesday Wednesday Thursday Friday Saturday].freeze
      end
    end
  end
end
