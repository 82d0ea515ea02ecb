# frozen_string_literal: true

module YellowTrack
  class Board
    # A crew at a house on a day: when it arrives and departs, what it does, how long it is there and on the road for
    # it, what is paid (minutes of people).
    Visit = Struct.new(:day, :job, :crew, :leave, :arrive, :depart, :places, :keys, :hands, :there, :road, :paid, :uid,
      :sequence, keyword_init: true) do
      # Those of a crew's day.
      #
      # @param row [Row]
      # @param model [Model]
      # @return [Array<Visit>]
      def self.of(row, model)
        legs = Legs.of(row, model)
        row.jobs.map { |job| at(job, row, model, legs:) }
      end

      # One of them.
      def self.at(job, row, model, legs:)
        crew = model.crews[row.crew]
        works = legs.select { |leg| leg.is == "site" && leg.job == job }
        road = legs.find { |leg| leg.is == "road" && leg.job == job }
        arrive = road ? road.to : works.first.from
        there = crew.between(row.day, arrive, works.last.to)
        share = part(job, row, model)
        steps = works.map { |leg| model.steps[leg.place] }
        more = steps.sum { |step| [step.hands - crew.people, 0].max * step.minutes }
        new(day: row.day, job:, crew: row.crew, leave: road ? road.from : arrive, arrive:, depart: works.last.to,
          places: works.map(&:place), keys: works.map { |leg| model.key(leg.place) }, hands: steps.map(&:hands).max,
          there:, road: share, paid: crew.people * (there + share) + more,
          uid: "visit.#{model.key(works.first.place)}.#{model.jobs[job].key}@yellow-track", sequence: 0)
      end

      # Of the day's road the part that the job's travel has in the travels of the day's jobs.
      def self.part(job, row, model)
        travels = row.jobs.sum { |one| model.jobs[one].travel }
        return Rational(row.road, row.jobs.length) if travels.zero?

        Rational(row.road * model.jobs[job].travel, travels)
      end
    end
  end
end
