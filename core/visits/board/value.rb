# frozen_string_literal: true

module YellowTrack
  class Board
    # How good rows of works are, in the order of handbook 17 ("Best"): promises broken, told visits unkept, the sum of
    # the ends, crew days, minutes on the road, visits and their dates. The less, the better.
    class Value
      # @param model [Model]
      def initialize(model)
        @model = model
        @told = model.jobs.each_with_index.flat_map { |job, place| job.told.map { |day| [place, day] } }.uniq
      end

      # Told visits: job and day.
      attr_reader :told

      # @param rows [Array<Row>] by day, closed
      # @return [Array]
      def of(rows)
        ends = rows.empty? ? @model.beginning : last_ends(rows)
        visits = rows.flat_map { |row| row.jobs.map { |job| [row.day, job] } }
        [@model.broken(ends), unkept(visits), @model.ends_sum(ends), rows.length, rows.sum(&:road), visits.length,
          visits.map(&:first).sort]
      end

      # Told visits on which no crew has a step of the job on site.
      def unkept(visits)
        kept = visits.to_h { |day, job| [[job, day], true] }
        @told.count { |one| !kept[one] }
      end

      # All ends, once rows of several crews on a day are laid together.
      #
      # @return [Array<Integer>]
      def last_ends(rows)
        ends = @model.steps.map(&:ended)
        rows.each { |row| row.works.each { |place, (_, over)| ends[place] = over } }
        @model.come(ends)
      end
    end
  end
end
