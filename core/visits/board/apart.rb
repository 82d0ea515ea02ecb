# frozen_string_literal: true

module YellowTrack
  class Board
    # Steps of a job that no crew's day holds both of (handbook 17, "The bound"): as many crew days as the
    # longest row of them, each apart from the next, takes every plan.
    class Apart < Visits::Apart
      # @param job [Integer]
      # @return [Integer] crew days of a job at least
      def days(job)
        steps = @model.order.select { |place| @model.job_of(place) == job && @model.steps[place].crew? }
        longest = steps.each_with_object({}) do |place, rows|
          rows[place] = 1 + (rows.select { |before, _| apart?(before, place) }.values.max || 0)
        end
        longest.values.max || 0
      end

      private

      def apart?(first, last)
        way = ways(first)[last] or return false
        both = @model.may(first) & @model.may(last)
        return true if way.others || both.empty?
        return true if way.shop && @model.site?(first) && @model.site?(last)

        way.minutes + step(last).minutes > room(both, first, last)
      end

      # The longest day of those that may, less the yard's road for each that is on site.
      def room(crews, first, last)
        day = crews.map { |crew| @model.crews[crew].long }.max
        sites = [first, last].select { |place| @model.site?(place) }
        day - sites.sum { |place| @model.road(nil, @model.job_of(place)) }
      end
    end
  end
end
