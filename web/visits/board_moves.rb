# frozen_string_literal: true

module YellowTrack
  module Web
    module Visits
      # Visits of a board that is tried beside those of the one that is kept: told ones first.
      class BoardMoves
        # What moves of a visit: the job's name; was and now, each a visit with its words, nil for none; told, by whom.
        Move = Struct.new(:job, :was, :now, :told, keyword_init: true)

        # @param standing [Desk::FirmBoard::Shown] the board that is kept
        # @param shown [Desk::FirmBoard::Shown] the one that is tried
        # @param from [String] ISO: earlier visits are over
        # @yieldparam visit [Desk::FirmBoard::Shown::Visit]
        # @yieldreturn [Store::ToldVisits::Told, nil]
        def initialize(standing, shown, from:, &told)
          @was, @now = [standing.visits(from:), shown.visits].map { |list| list.to_h { |one| [one.uid, one] } }
          @told = told
        end

        # @return [Array<Move>]
        def all
          (@was.keys | @now.keys).filter_map { |uid| move(@was[uid], @now[uid]) }
            .sort_by { |one| [one.told ? 0 : 1, (one.was || one.now).date] }
        end

        private

        def move(was, now)
          return if was && now && was.visit.slice("date", "crew", "arrive") == now.visit.slice("date", "crew", "arrive")

          Move.new(job: (was || now).job, was:, now: now || same_day(was), told: was && @told.call(was))
        end

        # Who else comes to that house that day.
        def same_day(was) = @now.values.find { |one| one.job_id == was.job_id && one.date == was.date }
      end
    end
  end
end
