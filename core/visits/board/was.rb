# frozen_string_literal: true

require "date"

module YellowTrack
  class Board
    # The plan that was kept before: ends of its jobs, its visits.
    class Was
      # A visit as it was.
      Before = Struct.new(:day, :job, :crew, :arrive, :depart, :keys, :uid, :sequence)

      # @return [Array<Before>] as in the file
      attr_reader :visits

      # @param plan [Hash] as read
      # @param calendar [Calendar]
      def initialize(plan, calendar)
        @calendar = calendar
        @steps = (plan["jobs"] || []).flat_map { |job| (job["steps"] || []).map { |step| [job["key"], step] } }
        @ends = (plan["jobs"] || []).to_h { |job| [job["key"], job["end"] && day(job["end"])] }
        @visits = (plan["visits"] || []).map do |one|
          Before.new(day(one["date"]), *one.values_at("job", "crew", "arrive", "depart", "steps", "uid"),
            one["sequence"] || 0)
        end
      end

      # The day of a job's end then; nil for none.
      def end_of(job) = @ends[job]

      # The rows that it had, worked again as far as they still can be.
      #
      # @param model [Model]
      # @return [Array<Row>, nil] nil where not all that is left can be done so
      def rows(model)
        rows, ends, found = Rows.new(model), model.beginning, []
        by_day(model).each do |day, crews|
          today = crews.filter_map { |crew, places| again(rows, rows.blank(crew, day, ends), places) }
          today.each { |row| row.works.each { |place, (_, over)| ends[place] = over } }
          ends = model.come(ends)
          found.concat(today)
        end
        found if model.crew.all? { |place| ends[place] }
      end

      # New visits under the names of those that they continue, within their job: pairs with most steps in common first.
      #
      # @param visits [Array<Visit>]
      # @return [Array<Visit>]
      def continued(board, visits)
        taken = pairs(board.model, visits)
        visits.each_with_index.map { |now, place| taken[place] ? named(board.model, now, @visits[taken[place]]) : now }
      end

      # Visits from the start on that none goes on from.
      #
      # @return [Array<Before>]
      def gone(board)
        going = pairs(board.model, board.rows.flat_map { |row| Visit.of(row, board.model) }
          .sort_by { |visit| [visit.day, visit.crew, visit.arrive] }).values
        @visits.each_index.reject { |place| going.include?(place) || @visits[place].day.negative? }
          .map { |one| @visits[one] }
      end

      # The new visit that goes on from an old one; nil for none.
      #
      # @param old [Integer] its place
      def goes_on(board, visits, old) = pairs(board.model, visits).key(old)&.then { |place| visits[place] }

      private

      def again(rows, row, places)
        places.each { |place| row = rows.with(row, place) || row }
        rows.closed(row) if row.any?
      end

      # Steps that crews did, by day and crew, in their order; days that a crew does not work on are left out.
      def by_day(model)
        places = model.steps.each_index.to_h do |place|
          [[model.jobs[model.job_of(place)].key, model.key(place)], place]
        end
        crews = model.crews.each_with_index.to_h { |crew, number| [crew.key, number] }
        planned = @steps.select { |job, step| step["crew"] && step["start"] && places.key?([job, step["key"]]) }
        planned.sort_by { |_, step| step["start"] }.map { |job, step|
          [day(step["start"][0, 10]), crews[step["crew"]], places[[job, step["key"]]]]
        }.select { |on, crew, place| crew && model.crew.include?(place) && model.crews[crew].works?(on) }
          .group_by(&:first).sort.to_h do |on, list|
            [on, list.group_by { |one| one[1] }.transform_values { |all| all.map(&:last) }]
          end
      end

      def day(text) = @calendar.day(Date.iso8601(text))

      # Places of new visits with those of the old ones.
      def pairs(model, visits)
        both = visits.each_index.to_a.product(@visits.each_index.to_a).filter_map do |now, before|
          next unless model.jobs[visits[now].job].key == @visits[before].job

          shared = (visits[now].keys & @visits[before].keys).length
          [-shared, now, before] if shared.positive?
        end
        both.sort.each_with_object({}) do |(_, now, before), taken|
          taken[now] = before unless taken.key?(now) || taken.value?(before)
        end
      end

      def named(model, now, before)
        hours = [now.arrive, now.depart].map { |one| @calendar.told(one) }
        told = [now.day, model.crews[now.crew].key, *hours, now.keys]
        same = told == [before.day, before.crew, before.arrive, before.depart, before.keys]
        now.dup.tap { |visit| visit.uid, visit.sequence = before.uid, before.sequence + (same ? 0 : 1) }
      end
    end
  end
end
