# frozen_string_literal: true

require "icalendar"
require "time"

module YellowTrack
  module Files
    # Kept plans of visits as calendars read them (handbook 14, "iCalendar"): one event a
    # visit, at the site's own clock; looks back as whole days.
    # A visit of a day is one event, in the time of the place and of no zone: 7:30 stays 7:30 whatever the reader's
    # clock says. Kept again, it has the same name and the next number, so that a calendar moves it and adds none.
    class CalendarFile
      WORDS = 3 # works that a summary names

      # A job's kept plan. name; place, where it is; plan, the visits file; gone, visits that none continues;
      # steps, what and hands by their keys; looks, looks back: uid, date, sequence,
      # openings; at, when it was kept, ISO.
      Job = Struct.new(:name, :place, :plan, :gone, :steps, :looks, :at, keyword_init: true)

      # @param jobs [Array<Job>]
      # @param crew [String, nil] whose visits alone; nil for all
      # @return [String] text/calendar
      def self.of(jobs, crew: nil) = new(jobs, crew:).to_s

      # @param jobs [Array<Job>]
      # @param crew [String, nil]
      def initialize(jobs, crew: nil)
        @jobs, @crew = jobs, crew
      end

      # @return [String] iCalendar, its lines folded
      def to_s
        calendar = Icalendar::Calendar.new
        calendar.prodid = "-//Yellow Track//visits//EN"
        calendar.append_custom_property("X-WR-CALNAME", ["Visits", @crew].compact.join(" "))
        @jobs.each { |job| write(calendar, job) }
        calendar.to_ical
      end

      private

      def write(calendar, job)
        of_crew(job.plan["visits"]).each { |visit| calendar.add_event(event(job, visit)) }
        of_crew(job.gone).each { |visit|
          calendar.add_event(event(job, visit).tap { |event| event.status = "CANCELLED" })
        }
        job.looks.each { |look| calendar.add_event(look_back(job, look)) }
      end

      # A crew reads its own calendar; the firm all of them.
      def of_crew(visits) = visits.select { |visit| @crew.nil? || visit["crew"] == @crew }

      # When the crew leaves and is back, where, and what is done there.
      def event(job, visit)
        made(job, visit["uid"], visit["sequence"]) do |event|
          event.dtstart, event.dtend = %w[leave back].map { |name| floating(visit[name]) }
          event.summary = "#{job.name}: #{summary(job, visit)}"
          event.categories = [visit["crew"]] if visit["crew"]
          event.description = [*visit["steps"].map { |key| line(job, key) }, *checks(job, visit)].join("\n")
        end
      end

      # A day without hours: whoever is near then reads the gaps.
      def look_back(job, look)
        made(job, look["uid"], look["sequence"]) do |event|
          event.dtstart = Icalendar::Values::Date.new(look["date"].delete("-"))
          event.summary = "#{job.name}: look back at #{look["openings"].join(", ")}"
          event.description = "Read the gaps again, beside those at the hand-over."
        end
      end

      def made(job, uid, sequence)
        Icalendar::Event.new.tap do |event|
          event.uid, event.sequence = uid, sequence
          event.location = job.place unless job.place.to_s.empty?
          event.dtstamp = Icalendar::Values::DateTime.new(Time.iso8601(job.at).utc, "tzid" => "UTC")
          yield event
        end
      end

      # A moment without a zone, as the format writes it.
      def floating(moment) = Icalendar::Values::DateTime.new(moment.delete("-:").ljust(15, "0"))

      # A visit in a few words: "hang A, B; track C; and 2 more".
      def summary(job, visit)
        all = Visits.words(visit["steps"]) { |key| job.steps.dig(key, "what") || key.split("-", 2).last }
        [*all.first(WORDS), *("and #{all.length - WORDS} more" if all.length > WORDS)].join("; ")
      end

      # One step of the visit, with its time.
      def line(job, key)
        step, time = job.steps[key] || {"what" => key.split("-", 2).last}, times(job)[key]
        hours = (time && time["start"]) ? "#{time["start"][11, 5]}–#{time["end"][11, 5]} " : ""
        hands = (step["hands"].to_i > 1) ? ", #{step["hands"]} hands" : ""
        "#{hours}#{Visits.letter(key)}: #{step["what"]}#{hands}"
      end

      def times(job) = (@times ||= {})[job] ||= job.plan["steps"].to_h { |step| [step["key"], step] }

      def checks(job, visit)
        job.plan["checks"].select { |check| check["date"] == visit["date"] }
          .map { |check| "#{check["level"]}: #{check["says"]} #{check["do"]}" }
      end
    end
  end
end
