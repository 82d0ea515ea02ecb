# frozen_string_literal: true

module YellowTrack
  module Desk
    class FirmBoard
      # The board's file (handbook 17, "The files").
      class BoardText
        # @param board [FirmBoard]
        def initialize(board)
          @board, @hours, @book = board, board.hours, board.book
        end

        # @return [Hash]
        def to_h
          {"format" => "yellow-track/board", "version" => 1, "name" => @book.accounts.firm || "The firm",
           "start" => @board.start.iso8601, **@hours.to_h, "off" => @hours.days("off"), "yearly" => @hours.yearly,
           "pause" => @hours.pause, "crews" => crews, "jobs" => @board.jobs.map { |job| job(job) }, "roads" => roads,
           "told" => told, "only" => only, "was" => was}.compact
        end

        private

        def crews
          gone = @board.changes.away(@book.crews.away(from: @board.start), @board.crew_ids).group_by(&:crew_id)
          @board.crews.map do |crew|
            days, hours = (gone[crew.id] || []).partition { |one| one.from.nil? }
            crew.to_h.merge("away" => (days.map(&:day) + @hours.days("away")).uniq.sort,
              "partly" => hours.map { |one| {"date" => one.day, "from" => one.from, "to" => one.to} })
          end
        end

        def job(job)
          terms = @board.terms(job.id)
          {"key" => job.visiting.short_name, "name" => job.name, "place" => job.row.place.to_s,
           "travel" => @board.travel(job), "by" => terms.by, "shut" => terms.shut,
           "steps" => @board.steps(job)}.compact
        end

        def roads
          keys = @board.ids.invert
          @book.job_terms.roads(keys.keys).map do |pair, minutes|
            {"between" => keys.values_at(*pair), "minutes" => minutes}
          end
        end

        def told
          keys = @board.ids.invert
          @board.told.map { |one| {"job" => keys.fetch(one.job_id), "date" => one.day} }
        end

        def only
          crews = @board.crews.to_h { |crew| [crew.id, crew.key] }
          @board.jobs.filter_map { |job|
            key = crews[@board.terms(job.id).crew_id]
            [job.visiting.short_name, key] if key && @board.terms(job.id).crew_id
          }.to_h
        end

        # The board that is kept, and what was planned of jobs by themselves before any board had them.
        def was
          kept, alone = @board.kept, @board.alone.map(&:visiting)
          return if kept.nil? && alone.empty?

          before = kept ? kept.plan.slice("jobs", "visits") : {"jobs" => [], "visits" => []}
          own = alone.map { |one| {"key" => one.short_name, "end" => one.kept.plan["end"], "steps" => []} }
          visits = alone.flat_map { |one|
            one.kept.plan["visits"].map { |visit| visited(one.short_name, visit) }
          }
          {"jobs" => before["jobs"] + own, "visits" => before["visits"] + visits}
        end

        def visited(key, visit)
          visit.slice("date", "arrive", "depart", "steps", "uid", "sequence")
            .merge("job" => key, "crew" => @board.crews.first.key)
        end
      end
    end
  end
end
