# frozen_string_literal: true

require "forwardable"

module YellowTrack
  # When a crew goes where (handbook 14): the steps of a job on days, exactly up to
  # Search::MOST steps of the crew, past that a good plan with a bound. What follows from
  # it: visits, slack, the chain that holds the job up, waits, looks back, what moved.
  class Visits
    extend Forwardable

    FORMAT = {"format" => "yellow-track/visits", "version" => 1}.freeze
    LONGER = 13..40 # crew steps that are looked at longer
    PATIENCE = 3 # seconds that those are looked at, while the bound is not met

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

    # What it is of: the job's name, and its short one, that calendars know it by.
    Job = Struct.new(:name, :key)

    def_delegators :@days, :model, :rows, :proved?, :longer?

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
      @hands, @was = hands, was
      @job = Job.new(name, job || name.downcase.gsub(/[^a-z0-9]+/, "-").gsub(/\A-|-\z/, ""))
      @days = CrewDays.new(Model.new(steps, calendar), patience:, was:)
      @timing = Timing.new(model, rows)
      freeze
    end

    # @return [Array<Visit>]
    def visits
      @was ? @was.continued(new_visits) : new_visits
    end

    # The day of the last end.
    def end_day = timing.last_day

    # No plan ends before its day; none that ends as soon has fewer visits.
    #
    # @return [Array(Integer, Integer)] day and visits
    def bound
      return [end_day, rows.count(&:trip)] if proved?

      @days.bound
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
        then_, now = @was.day_of(model.steps[place].key), model.calendar.day_of(timing.ends[place])
        [place, then_, now] if then_ && then_ != now
      end
    end

    # @return [Array<Checks::Found>]
    def checks = Checks.new(self, hands: @hands, was: @was).found

    # The visits plan, as bin/visits writes it.
    def to_h = Written.new(self, @job.name, was: !@was.nil?).to_h

    private

    def new_visits = rows.select(&:trip).map { |row| Visit.of(row, model, @job.key) }
  end
end
