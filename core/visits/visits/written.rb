# frozen_string_literal: true

module YellowTrack
  class Visits
    # A plan of visits as its file has it (handbook 14, "The files").
    class Written
      # @param plan [Visits]
      # @param name [String]
      # @param was [Boolean] whether there was a plan before
      def initialize(plan, name, was:)
        @plan, @name, @was = plan, name, was
      end

      # @return [Hash] as it stands in the file of visits
      def to_h = FORMAT.merge(outcome, what_follows, @was ? {"moved" => moves} : {}, {"checks" => checks})

      private

      def calendar = @plan.model.calendar

      def steps = @plan.model.steps

      def outcome
        day, visits = @plan.bound
        {"name" => @name, "end" => date(@plan.end_day), "proved" => @plan.proved?,
         "bound" => {"end" => date(day), "visits" => visits}, "visits" => @plan.visits.map { |one| visit(one) },
         "days" => @plan.rows.map { |row| date(row.day) }}
      end

      def what_follows
        {"steps" => steps.each_index.map { |place| step(place) }, "chain" => @plan.chain.map { |one| stretch(one) },
         "waits" => @plan.timing.waits.map { |one| wait(one) },
         "look_backs" => @plan.look_backs.map { |due, places| look_back(due, places) }}
      end

      def moves = @plan.moved.map { |one| moved(*one) }

      def checks = @plan.checks.map { |one| check(one) }

      def date(day) = calendar.date(day).to_s

      def told(moment) = moment && calendar.told(moment)

      def key(place) = place && steps[place].key

      def visit(one)
        {"date" => date(one.day), **%w[leave arrive depart back].zip(one.times(calendar)).to_h, "steps" => one.keys,
         "hands" => one.hands, "uid" => one.uid, "sequence" => one.sequence}
      end

      def step(place)
        over = steps[place].ended
        timing = @plan.timing
        {"key" => key(place), "start" => over ? nil : told(timing.starts[place]), "end" => told(timing.ends[place]),
         "slack" => timing.slack(place)}
      end

      def stretch(one) = {"step" => key(one.place), "by" => one.by, "from" => told(one.from), "to" => told(one.to)}

      def wait(one)
        {"after" => key(one.after), "before" => key(one.before), "from" => told(one.from), "to" => told(one.to),
         "done" => one.done.map { |place| key(place) }, "could" => one.could.map { |place| key(place) }}
      end

      def look_back(day, places)
        {"date" => date(day), "steps" => places.map { |place| key(place) },
         "openings" => places.map { |place| steps[place].opening }.uniq}
      end

      def moved(place, was, now)
        days = calendar.working_days([was, now].min, [was, now].max) * ((now < was) ? -1 : 1)
        {"step" => key(place), "was" => date(was), "now" => date(now), "days" => days}
      end

      def check(one)
        {"code" => one.check.code, "level" => one.check.level.to_s, "date" => date(one.day),
         "steps" => one.places.map { |place| key(place) }, "says" => one.check.says, "do" => one.check.do}
      end
    end
  end
end
