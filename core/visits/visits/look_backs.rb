# frozen_string_literal: true

module YellowTrack
  class Visits
    # Looks back at what is handed over (handbook 14): so many days after, on the next day that the crew works; those
    # near each other on one day.
    module LookBacks
      SHARED = 7 # days that looks back may lie apart to be one

      module_function

      # @param places [Array<Integer>] steps, by their numbers
      # @param model [Model]
      # @param ends [Array<Integer, nil>] moments, by number
      # @return [Array<Array(Integer, Array<Integer>)>] day and numbers
      def of(places, model:, ends:)
        calendar = model.calendar
        looked = places.select { |place| model.steps[place].look_back && ends[place] }
        shared(looked.map { |place|
          [calendar.crew_from(calendar.day_of(ends[place]) + model.steps[place].look_back), place]
        }.sort)
      end

      # @param all [Array<Array(Integer, Integer)>] day and number, sorted
      def shared(all)
        return [] if all.empty?

        first = all.first.first
        group, rest = all.partition { |day, _| day - first <= SHARED }
        [[group.last.first, group.map(&:last)], *shared(rest)]
      end
    end
  end
end
