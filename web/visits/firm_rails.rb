# frozen_string_literal: true

require "date"

module YellowTrack
  module Web
    module Visits
      # A board's plan as its rails are drawn.
      class FirmRails
        MOST = 24 # boxes below

        # @param screen [Board]
        # @param first [Date]
        # @param days [Integer] how many are shown
        # @param job [Integer, nil] whose visits alone are drawn; nil for all
        # @yieldparam visit [Desk::FirmBoard::Shown::Visit]
        # @yieldreturn [String] where it opens
        def initialize(screen, first:, days:, job: nil, &path)
          @screen, @shown, @firm, @job = screen, screen.shown, screen.firm, job
          @first, @last = first, first + days - 1
          @path = path || ->(visit) { "#{screen.path(visit: visit.uid)}#open-visit" }
        end

        # @param below [Boolean] with what others do and what is waited for
        # @return [Drawing::FirmTrack]
        def drawing(below: true)
          Drawing::FirmTrack.new(days, rails:, boxes: below ? boxes.first(MOST) : [], holds:, today: @firm.today)
        end

        private

        def days
          (@first..@last).map do |date|
            Drawing::VisitTrack::Day.new(date:, kind: @screen.works?(date) ? :open : :closed, note: nil)
          end
        end

        def rails
          gone, shop = away, @job ? {} : @shown.shop_days
          @shown.crew_keys.map do |key|
            Drawing::FirmTrack::Rail.new(key:, name: @shown.crew(key), people: @shown.people(key), panels: panels(key),
              away: {**(shop[key] || []).to_h { |day| [Date.iso8601(day), "shop"] }, **(gone[key] || {})})
          end
        end

        # Days on which a crew is away, with what is tried.
        def away
          kept = @screen.planning? ? @firm.file["crews"] : kept_away
          kept.to_h do |crew|
            whole = (crew["away"] || []).to_h { |day| [Date.iso8601(day), "away"] }
            parts = (crew["partly"] || []).to_h { |one|
              [Date.iso8601(one["date"]), "away #{hours(one["from"])}–#{hours(one["to"])}"]
            }
            [crew["key"], parts.merge(whole)]
          end
        end

        def kept_away
          all = @firm.book.crews.away(from: @first).group_by(&:crew_id)
          @firm.crews.map do |crew|
            whole, parts = (all[crew.id] || []).partition { |one| one.from.nil? }
            {"key" => crew.key, "away" => whole.map(&:day) + @firm.hours.days("away"),
             "partly" => parts.map { |one| {"date" => one.day, "from" => one.from, "to" => one.to} }}
          end
        end

        def hours(minutes) = Desk::CrewHours.clock(minutes)

        def panels(key)
          seen = @shown.visits.select { |one| one.visit["crew"] == key && drawn?(one) }
          seen.sort_by { |one| one.visit["arrive"] }.map do |one|
            Drawing::FirmTrack::Panel.new(date: Date.iso8601(one.date), title: one.job, times: one.times,
              lines: one.words, uid: one.uid, path: @path.call(one),
              now: one.uid == @screen.open&.uid, told: !@screen.told(one).nil?, was: was(one))
          end
        end

        def drawn?(one) = (@first..@last).cover?(Date.iso8601(one.date)) && (@job || one.job_id) == one.job_id

        # When a visit was that is tried elsewhere: "2 Dec".
        def was(one)
          move = @screen.moves.find { |other| other.now&.uid == one.uid && other.was } or return
          (move.was.date == one.date) ? move.was.times : Date.iso8601(move.was.date).strftime("%-d %b")
        end

        def boxes
          @boxes ||= jobs.flat_map { |job| others(job) + waits(job) }
            .select { |box| box.to[0, 10] >= @first.iso8601 && box.from[0, 10] <= @last.iso8601 }
            .sort_by { |box| holds.include?(box.key) ? 0 : 1 }
        end

        def jobs = @screen.plan["jobs"].select { |job| @job.nil? || @shown.id(job["key"]) == @job }

        def others(job)
          job["steps"].select { |step| step["crew"].nil? && step["start"] }.map do |step|
            box(job, step["key"], step["start"], to: step["end"], others: true,
              words: "#{@shown.what(job["key"], step["key"])} #{YellowTrack::Visits.letter(step["key"])}")
          end
        end

        def waits(job)
          Waits.of(job["waits"]) { |key| @shown.what(job["key"], key) }.map do |wait|
            box(job, wait.befores.join(" "), wait.from, to: wait.to, others: false, words: wait.words)
          end
        end

        def box(job, keys, from, to:, words:, others:)
          Drawing::VisitTrack::Box.new(from:, to:, others:, key: key(job["key"], others ? "other" : "wait", keys),
            words: "#{words}, #{@shown.job(job["key"])}")
        end

        def key(job, kind, keys) = "#{job} #{kind} #{keys}"

        # Boxes that the jobs' chains go through.
        def holds
          @holds ||= jobs.flat_map do |job|
            drawn = others(job) + waits(job)
            job["chain"].filter_map do |one|
              drawn.find { |box|
                _, kind, *keys = box.key.split
                kind == one["by"] && keys.include?(one["step"])
              }&.key
            end
          end
        end
      end
    end
  end
end
