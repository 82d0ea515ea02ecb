# frozen_string_literal: true

require "date"

module YellowTrack
  module Desk
    class FirmBoard
      # What is tried of the board: a crew away, a day that nobody works, a house shut, a promise, whose a job is, steps
      # put on days. It stands in the page's address until it is kept.
      class Changes
        include TriedDays

        STEP = /\A[a-z0-9-]{1,200}:[A-Z]{1,3}-[a-z0-9-]{1,30}\z/
        CREW = /\A[a-z0-9-]{1,60}\z/
        MOST = 400
        ANYBODY = "anybody"

        # A crew away: its key; day, ISO; from and to, minutes of the day, nil for all of it.
        Gone = Struct.new(:crew, :day, :from, :to) do
          # The day and its hours, as they are read.
          def told = "#{Changes.day_told(day)}#{", #{CrewHours.clock(from)} to #{CrewHours.clock(to)}" if from}"
        end

        # What was read of it.
        #
        # away [Array<Gone>]
        # off, open [Array<String>] days that nobody works, and that are days like others
        # put  [Hash{String => String}] the day of "job:step", empty where it is taken out
        # shut [Array<Array(Integer, String)>] job and day
        # by   [Hash{Integer => String, nil}] the day that a job is promised for
        # only [Hash{Integer => String}] the crew that a job is for
        Tried = Struct.new(:away, :off, :open, :put, :shut, :by, :only, keyword_init: true)

        # @param typed [Hash] "away", a list of "crew@2026-12-01" or "crew@2026-12-01@7:30-10:00"; "off", "open", lists
        #   of days; "put", {"job:step" => day}; "shut", a list of "job number@day"; "by", {job number => day};
        #   "only", {job number => crew}
        # @raise [Faults] what cannot be read
        def initialize(typed = {})
          @faults, @typed = [], typed
          @tried = Tried.new(away: list("away").filter_map { |text| gone(text) },
            off: days_of("off"), open: days_of("open"),
            put: table("put", STEP).to_h { |step, text| [step, text.strip.empty? ? "" : day(text, step)] },
            shut: list("shut").filter_map { |text| at_job(text) },
            by: table("by", /\A\d{1,9}\z/).to_h { |job, text| [job.to_i, text.strip.empty? ? nil : day(text, "by")] },
            only: table("only", /\A\d{1,9}\z/).select { |_, text| CREW.match?(text) }.transform_keys(&:to_i))
          raise Faults.new(@faults) if @faults.any?
        end

        # Whether anything is tried.
        def any? = to_h.any?

        # What is put where, over what was kept; an empty day takes it out.
        #
        # @param kept [Hash{String => String}]
        def put(kept) = kept.merge(@tried.put).reject { |_, text| text.empty? }

        # Days that nobody works, over those that are kept.
        #
        # @param kept [Array<Store::CrewDays::Day>]
        def days(kept)
          rest = kept.reject { |one| @tried.open.include?(one.day.iso8601) || @tried.off.include?(one.day.iso8601) }
          rest + @tried.off.map { |text| Store::CrewDays::Day.new(day: Date.iso8601(text), how: "off", why: "") }
        end

        # When crews are away, with what is kept.
        #
        # @param kept [Array<Store::Crews::Away>]
        # @param ids [Hash{String => Integer}] numbers of the crews, by their keys
        def away(kept, ids)
          kept + @tried.away.map { |one|
            Store::Crews::Away.new(crew_id: ids[one.crew], day: one.day, from: one.from, to: one.to, why: "")
          }
        end

        # What a job is bound to.
        #
        # @param kept [Store::JobTerms::Terms]
        def terms(kept, ids)
          kept.dup.tap do |terms|
            terms.by = @tried.by[kept.job_id] if @tried.by.key?(kept.job_id)
            terms.crew_id = ids[@tried.only[kept.job_id]] if @tried.only.key?(kept.job_id)
            terms.shut = (kept.shut + @tried.shut.select { |job, _| job == kept.job_id }.map(&:last)).uniq.sort
          end
        end

        # As a page's address has it.
        #
        # @return [Hash]
        def to_h
          {"away" => list("away"), "off" => @tried.off, "open" => @tried.open, "put" => @tried.put,
           "shut" => list("shut"), "by" => @tried.by.to_h { |job, text| [job.to_s, text.to_s] },
           "only" => @tried.only.transform_keys(&:to_s)}.reject { |_, value| value.empty? }
        end

        # As hidden fields of a form.
        #
        # @return [Array<Array(String, String)>]
        def fields
          to_h.flat_map { |name, value|
            next value.map { |text| ["#{name}[]", text] } unless value.is_a?(Hash)

            value.map { |key, text| ["#{name}[#{key}]", text] }
          }
        end

        # In words, a line each.
        #
        # @param board [FirmBoard]
        # @return [Array<String>]
        def told(board)
          crews = board.crews.to_h { |one| [one.key, one.name] }
          jobs = board.jobs.to_h { |one| [one.id, one.name] }
          [*@tried.away.map { |one| "#{crews[one.crew] || one.crew} away on #{one.told}" },
            *@tried.off.map { |text| "nobody works on #{Changes.day_told(text)}" },
            *@tried.open.map { |text| "#{Changes.day_told(text)} is a day like others" },
            *@tried.shut.map { |job, text| "#{jobs[job]} shut on #{Changes.day_told(text)}" },
            *@tried.by.map { |job, text| "#{jobs[job]} #{promise_told(text)}" },
            *@tried.only.map { |job, crew| "#{jobs[job]} for #{crews[crew] || "any crew"}" }, *put_told(board)]
        end

        # A day as it is read: "1 December".
        def self.day_told(text) = Date.iso8601(text).strftime("%-d %B")

        # Writes what is tried where it belongs.
        #
        # @param ids [Hash{String => Integer}] numbers of the crews, by their keys
        def write(book, ids)
          @tried.off.each { |text| book.crew_days.set(Date.iso8601(text), "off") }
          @tried.open.each { |text| book.crew_days.set(Date.iso8601(text), nil) }
          @tried.away.each { |one| leave(book, one, ids[one.crew]) }
          @tried.by.each { |job, text| book.job_terms.set(job, by: text) }
          @tried.only.each { |job, crew| book.job_terms.set(job, crew_id: ids[crew]) }
          @tried.shut.group_by(&:first).each do |job, list|
            book.job_terms.shut(job, book.job_terms.of(job).shut + list.map(&:last))
          end
        end

        private

        def promise_told(text) = text ? "promised for #{Changes.day_told(text)}" : "not promised"

        # Steps that are put on a day, those of a house and a day together.
        def put_told(board)
          @tried.put.group_by { |step, text| [step.split(":").first, text] }.map do |(job, text), list|
            keys = board.words(job, list.map { |step, _| step.split(":").last }).join(", ")
            where = text.empty? ? "wherever they fit" : "put on #{Changes.day_told(text)}"
            "#{board.name(job) || job}: #{keys} #{where}"
          end
        end

        # The crew of a firm that made none is away on a day of the firm's.
        def leave(book, one, id)
          day = Date.iso8601(one.day)
          id ? book.crews.leave(id, day:, from: one.from, to: one.to) : book.crew_days.set(day, "away")
        end

        def list(name) = Array(@typed[name]).grep(String).map(&:strip).reject(&:empty?).uniq.first(MOST)

        def days_of(name) = list(name).map { |text| day(text, name) }

        def table(name, keys)
          given = @typed[name]
          given.is_a?(Hash) ? given.select { |key, text| keys.match?(key) && text.is_a?(String) }.first(MOST).to_h : {}
        end

        def gone(text)
          crew, on, hours = text.split("@", 3)
          date = day(on.to_s, "away")
          return Gone.new(crew, date) if hours.nil? && CREW.match?(crew)

          from_to = CrewHours.stretch(hours)
          return Gone.new(crew, date, *from_to) if CREW.match?(crew) && from_to

          refuse("\"#{hours.to_s[0, 40]}\" are no hours of a day. Write them as 7:30-10:00.", "away")
          nil
        end

        def at_job(text)
          job, on = text.split("@", 2)
          return [job.to_i, day(on.to_s, "shut")] if job.match?(/\A\d{1,9}\z/)

          refuse("\"#{text[0, 40]}\" names no job.", "shut")
          nil
        end
      end
    end
  end
end
