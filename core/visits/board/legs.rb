# frozen_string_literal: true

module YellowTrack
  class Board
    # A crew's day as it is driven and worked (handbook 17, "The files"): the road from the yard ends as late as the
    # step after it lets, every other is driven straight after the step before.
    module Legs
      # is  "road", "site" or "shop"; job, its number (of a road where it leads, nil for the yard); place, the step's.
      Leg = Struct.new(:is, :job, :place, :from, :to)

      module_function

      # @param row [Row]
      # @param model [Model]
      # @return [Array<Leg>] a road of 0 minutes is none
      def of(row, model)
        crew, where, found, now = model.crews[row.crew], nil, [], nil
        row.works.each do |place, (from, to)|
          job = model.site?(place) ? model.job_of(place) : nil
          found.concat(road(model, crew, row.day, where:, job:, now:, from:)) unless where == job
          found << Leg.new(model.site?(place) ? "site" : "shop", model.job_of(place), place, from, to)
          where, now = job, to
        end
        found.concat(where ? road(model, crew, row.day, where:, job: nil, now:, from: nil) : [])
      end

      # From one place to another.
      #
      # @param now [Integer, nil] when the work before it ends; nil for none
      # @param from [Integer, nil] when the work after it begins
      # @return [Array<Leg>]
      def road(model, crew, day, where:, job:, now:, from:)
        minutes = model.road(where, job)
        return [] if minutes.zero?
        return [Leg.new("road", job, nil, *crew.back_from(day, minutes, from))] if where.nil?

        [Leg.new("road", job, nil, crew.begun(day, now), crew.driven(day, minutes, now))]
      end
    end
  end
end
