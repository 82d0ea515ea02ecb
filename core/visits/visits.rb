# frozen_string_literal: true

module YellowTrack
  # When a crew goes where (handbook 14): the steps of a job on days, exactly up to
  # Search::MOST steps of the crew, past that a good plan with a bound. What follows from
  # it: visits, slack, the chain that holds the job up, waits, looks back, what moved.
  class Visits
    FORMAT = {"format" => "yellow-track/visits", "version" => 1}.freeze
    LONGER = 13..40 # crew steps that are looked at longer
    PATIENCE = 3 # seconds that those are looked at, while the bound is not met
    SEARCHED = 0.75 # of that time for looking at every plan
    SHORT = 0.2 # seconds for more steps than that

    # The letter of a step's opening.
    #
    # @param key [String] "D-sand"
    def self.letter(key) = key[/\A[A-Z]+/]

    # Steps in words, what is done in several openings once: "rehang D, B".
    #
    # @param keys [Array<String>]
    # @yieldparam key [String]
    # @yieldreturn [String, nil] what is done there
    # @return [Array<String>]
    def self.words(keys)
      keys.group_by { |key| yield(key) || key }.map { |what, list| "#{what} #{letters(list)}" }
    end

    # @return [String] of steps' openings, each once: "D, B"
    def self.letters(keys) = keys.map { |key| letter(key) }.uniq.join(", ")

    # @return [Model]
    attr_reader :model
    # @return [Array<Days::Row>] days with work of the crew
    attr_reader :rows
    # @return [Timing]
    attr_reader :timing

    # @param name [String] of the job
    # @param steps [Array<Step>]
    # @param calendar [Calendar]
    # @param hands [Integer] of the crew
    # @param job [String, nil] its short name, for what calendars know it by
    # @param was [Was, nil] the plan before
    # @param patience [Patience] how long a better plan of LONGER steps is looked for than the
    #   first good one, while none meets the bound
    def initialize(name:, steps:, calendar:, hands: 1, job: nil, was: nil, patience: Patience.new(PATIENCE))
      @name, @calendar, @hands, @was = name, calendar, hands, was
      @job = job || name.downcase.gsub(/[^a-z0-9]+/, "-").gsub(/\A-|-\z/, "")
      @model = Model.new(steps, calendar)
      @proved, @patience = model.crew.length <= Search::MOST, patience
      @bound = least
      @rows = model.crew.empty? ? [] : held_to(planned)
      @timing = Timing.new(model, rows)
      freeze
    end

    # Whether no plan is better.
    def proved? = @proved

    # @return [Array<Visit>]
    def visits
      @was ? @was.continued(new_visits) : new_visits
    end

    # Whether a longer look could find a better one.
    def longer? = !proved? && LONGER.cover?(model.crew.length) && @patience.seconds < PATIENCE

    # The day of the last end.
    def end_day = timing.last_day

    # No plan ends before its day; none that ends as soon has fewer visits.
    #
    # @return [Array(Integer, Integer)] day and visits
    def bound
      return [end_day, rows.count(&:trip)] if proved?

      @bound
    end

    # @return [Array<Chain::Stretch>]
    def chain = Chain.new(model, timing, rows).stretches

    # Looks back that are due: day and numbers of the steps, those near each other on one.
    #
    # @return [Array<Array(Integer, Array<Integer>)>]
    def look_backs = LookBacks.of(model.steps.each_index.to_a, model:, ends: timing.ends)

    # Steps whose end is on another day than it was: number, day then and now.
    #
    # @return [Array<Array(Integer, Integer, Integer)>]
    def moved
      return [] unless @was

      model.steps.each_index.filter_map do |place|
        then_, now = @was.day_of(model.steps[place].key), @calendar.day_of(timing.ends[place])
        [place, then_, now] if then_ && then_ != now
      end
    end

    # @return [Array<Checks::Found>]
    def checks = Checks.new(self, @calendar, hands: @hands, was: @was).found

    # The visits plan, as bin/visits writes it.
    def to_h = Written.new(self, @name, @calendar, was: !@was.nil?).to_h

    private

    def planned
      return Search.new(model).best if proved?

      greedy = Greedy.new(model)
      rows = greedy.best
      return rows if @patience.none?

      LONGER.cover?(model.crew.length) ? looked_at(rows, greedy) : tried(rows, greedy, @patience.part(1, most: SHORT))
    end

    # Of many steps the plan before, where it can still be done and none found is better: what is
    # found in a time depends on the machine.
    def held_to(rows)
      again = (Again.new(model, @was).rows if @was && model.crew.length > Search::MOST) or return rows

      [again, rows].min_by { |one| model.value(one) }
    end

    # A row of days' works for which most of the time every other is looked at, and the rest of it
    # changed a little at a time.
    def looked_at(rows, greedy)
      found = Search.new(model, patience: @patience.part(SEARCHED)).best
      @proved = !found.nil?
      found || tried(rows, greedy, @patience.part(1 - SEARCHED))
    end

    def tried(rows, greedy, patience)
      Tries.new(model, greedy, patience:) { |value| best?(value) }.better_than(rows)
    end

    # Whether a plan meets its bound.
    def best?((missed, last, visits)) = missed.zero? && ([last, visits] <=> @bound) < 1

    # Day and visits that no plan comes under (handbook 14 and 17).
    def least
      load, start = Load.new(model), model.beginning
      [[model.last_day(model.free(start)), load.day(start, 0)].max,
        [load.trips(start), Apart.new(model).visits(start)].max]
    end

    def new_visits = rows.select(&:trip).map { |row| Visit.of(row, model, @job) }
  end
end
