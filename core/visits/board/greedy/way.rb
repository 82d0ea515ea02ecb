# frozen_string_literal: true

module YellowTrack
  class Board
    class Greedy
      # A way of choosing. weights  of jobs, the heavier first; lead  days by which a job is looked at as if it were
      # urgent before it is; shy  jobs that are not gone to on a day; prefers  a crew for a job; fill  whether a day is
      # filled with what is not urgent at other houses; far  minutes of road that are driven for that; early  for how
      # many houses of a trip shop steps are done before it from which, over several of them, something could go on that
      # day.
      Way = Struct.new(:weights, :lead, :shy, :prefers, :fill, :far, :early, keyword_init: true) do
        # Those that a looking begins with.
        #
        # @param model [Model]
        # @return [Array<Way>]
        def self.starts(model)
          none = Array.new(model.jobs.length, 0)
          longest = model.jobs.each_index.map do |job|
            model.of_job(job).sum { |place| model.steps[place].minutes || 0 }
          end
          kinds = [[none, 0, false], [none, 0, true], [longest, 0, true], [longest.map(&:-@), 0, true],
            [none, 1, false]]
          [1, 0].product(kinds).map do |early, (weights, lead, fill)|
            new(weights: weights.map(&:to_f), lead: none.map { lead }, shy: {}, prefers: {}, fill:, far: 60, early:)
          end
        end

        # The same, apart.
        def copy = self.class.new(**to_h, weights: weights.dup, lead: lead.dup, shy: shy.dup, prefers: prefers.dup)

        # Another, one thing of it changed, at times a few.
        #
        # @param model [Model]
        # @param rows [Array<Row>] of the best plan so far
        # @param random [Random]
        # @return [Way]
        def changed(model, rows, random)
          copy.tap { |one| random.rand(1..3).times { one.change(model, rows, random) } }
        end

        protected

        def change(model, rows, random)
          job = random.rand(model.jobs.length)
          case random.rand(8)
          when 0 then weights[job] = random.rand(-500.0..500.0)
          when 1 then lead[job] = random.rand(0..3)
          when 2, 3
            row = rows.sample(random:)
            shy[[row.jobs.sample(random:) || job, row.day]] = true if row
          when 4 then shy.delete(shy.keys.sample(random:)) if shy.any?
          when 5 then prefers[job] = random.rand(model.crews.length)
          when 6 then self.early = random.rand(4)
          else
            self.fill = !fill if random.rand(2).zero?
            self.far = [0, 15, 30, 60, 120].sample(random:)
          end
        end
      end
    end
  end
end
