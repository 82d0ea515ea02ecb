# frozen_string_literal: true

module YellowTrack
  class Board
    # A board's plan as its file has it (handbook 17, "The files").
    class Written
      PLACES = 2 # of minutes that are paid

      # @param board [Board]
      def initialize(board)
        @board = board
        @follows = board.follows
        @visits = board.visits
        @free = model.job_ends(model.free(model.beginning))
        @last = model.job_ends(board.ends)
      end

      # @return [Hash] as it stands in the file of a board's plan
      def to_h
        FORMAT.merge("name" => @board.name, "proved" => @board.proved?, "best" => best, "bound" => bound,
          "days" => @board.rows.map { |row| day(row) }, "jobs" => model.jobs.each_index.map { |job| job(job) },
          "visits" => @visits.map { |one| visit(one) }, "moved" => moved, "tell" => tell, "gone" => gone,
          "checks" => @board.checks.map { |one| check(one) })
      end

      private

      def model = @board.model

      def calendar = model.calendar

      def best = %w[broken unkept ends days road visits].zip(@board.value).to_h

      def bound = %w[broken ends days].zip(@board.bound).to_h

      def date(day) = day && calendar.date(day).to_s

      def moment(time) = time && calendar.told(time)

      def key(job) = job && model.jobs[job].key

      def rounded(number) = number.to_f.round(PLACES)

      def day(row)
        {"date" => date(row.day), "crew" => model.crews[row.crew].key,
         "legs" => @board.legs(row).map { |one| leg(one) }}
      end

      def leg(one)
        {"is" => one.is, "job" => key(one.job), **(one.place ? {"step" => model.key(one.place)} : {}),
         "from" => moment(one.from), "to" => moment(one.to)}
      end

      def job(number)
        places = model.of_job(number)
        last, free = [@last, @free].map { |ends| ends[number] && calendar.day_of(ends[number]) }
        {"key" => key(number), "end" => date(last), "number" => last && calendar.number(last), "free" => date(free),
         "labour" => rounded(labour(number)), "steps" => places.map { |place| step(place) },
         "chain" => @follows.chain(number).map { |one| stretch(one) },
         "waits" => @follows.waits(number).map { |after, before, from, to| wait(after, before, from, to:) }}
      end

      # What the job is paid for: its visits, and shop minutes times hands.
      def labour(job)
        shop = model.of_job(job).reject { |place| model.site?(place) }
          .map { |place| model.steps[place] }.select(&:crew?)
        @visits.select { |one| one.job == job }.sum(&:paid) + shop.sum { |step| step.minutes * step.hands }
      end

      def step(place)
        crew = @follows.crew(place)
        {"key" => model.key(place), "crew" => crew && model.crews[crew].key, "start" => moment(@follows.start(place)),
         "end" => moment(@board.ends[place]), "slack" => @follows.slack(place)}
      end

      def stretch(one)
        {"step" => model.key(one.place), "by" => one.by, "from" => moment(one.from), "to" => moment(one.to)}
      end

      def wait(after, before, from, to:)
        {"after" => model.key(after), "before" => before && model.key(before), "from" => moment(from),
         "to" => moment(to)}
      end

      def visit(one)
        {"date" => date(one.day), "job" => key(one.job), "crew" => model.crews[one.crew].key,
         "arrive" => moment(one.arrive), "depart" => moment(one.depart), "steps" => one.keys, "hands" => one.hands,
         "there" => one.there, "road" => rounded(one.road), "paid" => rounded(one.paid), "uid" => one.uid,
         "sequence" => one.sequence}
      end

      # Jobs whose end is on another day than it was.
      def moved
        return [] unless @board.was

        model.jobs.each_with_index.filter_map do |job, number|
          was, now = @board.was.end_of(job.key), @last[number] && calendar.day_of(@last[number])
          next if was == now || was.nil? || now.nil?

          {"job" => job.key, "was" => date(was), "now" => date(now), "days" => calendar.days_between(was, now)}
        end
      end

      # Told visits that are not kept, with the day on which somebody comes instead.
      def tell
        kept = @visits.map { |one| [one.job, one.day] }
        (@board.told - kept).sort_by { |job, day| [day, job] }.map do |job, day|
          now = instead(job, day)
          {"job" => key(job), "was" => date(day), "now" => date(now), "days" => now && calendar.days_between(day, now)}
        end
      end

      # The day of the visit that goes on from that day's, of two the earlier; else the job's nearest on a day that was
      # not told to it.
      def instead(job, day)
        going = (@board.was&.visits || []).each_index.select { |place|
          one = @board.was.visits[place]
          one.job == key(job) && one.day == day
        }.filter_map { |place| @board.was.goes_on(@board, @visits, place)&.day }
        return going.min if going.any?

        told = @board.told.select { |one, _| one == job }.map(&:last)
        (@visits.select { |one| one.job == job }.map(&:day) - told).min_by { |one| [(one - day).abs, one] }
      end

      def gone
        return [] unless @board.was

        @board.was.gone(@board).map { |one| {"uid" => one.uid, "sequence" => one.sequence + 1} }
      end

      def check(one)
        {"code" => one.check.code, "level" => one.check.level.to_s, "date" => date(one.day), "job" => key(one.job),
         "crew" => one.crew && model.crews[one.crew].key, "says" => one.check.says, "do" => one.check.do}.compact
      end
    end
  end
end
