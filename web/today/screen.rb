# frozen_string_literal: true

require "date"
require "forwardable"

module YellowTrack
  module Web
    module Today
      # The day of a crew: when it leaves, for where, with what; whom it meets; the steps in their order; what the next
      # day wants ordered; the next visit. It reads the board as it is kept.
      class Screen < Wall::Screen
        extend Forwardable

        # @param crew [Store::Crews::Crew]
        # @param now [Time]
        def initialize(book, crew:, now: Time.now, **rest)
          super(book, **rest)
          @crew, @now, @houses = crew, now, Houses.new(book)
          shown = Desk::FirmBoard::Shown.new(book, book.boards.last.plan, firm: Desk::FirmBoard.new(book))
          @day = Day.new(crew.key, shown, Openings.new(book), today:)
        end

        # The crew whose day it is.
        attr_reader :crew

        # A job by its number, whom it is for, where that is, and links that lead there.
        def_delegators :@houses, :job_of, :customer, :address, :map_link, :telephone_link
        # The day's date, ISO, nil for none; its parts; the visit after it, nil for none.
        def_delegators :@day, :on, :parts, :following

        # The template that it is drawn with.
        def template = "today/page"

        # What stands in the window's own line.
        def title = "Today"

        # Whether it is today.
        def today? = on == today

        # The crew's people that day.
        def people = (book.crews.people(Date.iso8601(on || today))[crew.id] || []).map(&:name)

        # Other crews, whose days can be looked at.
        def others = book.crews.all.reject { |one| one.id == crew.id }

        # When it leaves: the first road's begin; nil for a day in the shop.
        def leave = parts.find { |one| one.is == "road" }&.from

        # What a visit takes along, as it was kept; nil for nothing.
        #
        # @return [Hash, nil]
        def load(visit)
          due = dues.find { |one|
            one.job_id == visit.job_id && one.day == visit.date && (one.says["steps"] & visit.visit["steps"]).any?
          }
          due&.says&.fetch("load")
        end

        # What the next visit wants ordered, and nobody has: the job's number and the letters.
        #
        # @return [Array<Array(Integer, String)>]
        def to_order
          open = @day.to_order
          open.any? ? [[following.job_id, open.join(", ")]] : []
        end

        # A moment's time of the day: "7:30".
        def clock(moment) = Desk::FirmBoard::Shown.clock(moment)

        # What stands in the line at the foot.
        def next_sentence
          return "No day of #{crew.name} is planned." unless on

          open = parts.flat_map(&:steps).find { |step| step.ended.nil? }
          return "All of it is done." unless open
          return "Leave at #{clock(leave)} for #{first_house}." if leave && (!today? || leave > now)

          "#{clock(open.from)} #{open.says}."
        end

        private

        # Asked once for all houses of the day.
        def dues = @dues ||= book.dues.of("visit", from: on, until_day: on)

        def today = @now.to_date.iso8601

        def now = @now.strftime("%Y-%m-%dT%H:%M")

        def first_house = job_of(parts.find { |one| one.is == "site" }.job_id).name
      end
    end
  end
end
