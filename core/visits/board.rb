# frozen_string_literal: true

module YellowTrack
  # The firm's board (handbook 17): the steps of all its jobs on days of all its crews, exactly for few steps, beyond
  # that a good plan with a bound. What follows from it: days with their roads, visits and what they cost, slack, what
  # holds each job up, what moved and whom to tell.
  class Board
    FORMAT = {"format" => "yellow-track/board-plan", "version" => 1}.freeze
    PATIENCE = 4 # seconds that good plans are looked for
    # Seconds, counted, before a board that is small enough is searched through: a plan to be under is all that it
    # takes, and a longer look finds what the search finds anyway (12 times as long over boards of ten steps).
    START = 0.005

    # What was planned: crews' days, by date, then crews as in the file; the end of every step; whether no plan is
    # better.
    Outcome = Struct.new(:rows, :ends, :proved)

    # @return [Model]
    attr_reader :model
    # @return [String]
    attr_reader :name
    # @return [Was, nil]
    attr_reader :was

    # @param name [String]
    # @param model [Model]
    # @param was [Was, nil] the plan that was kept before
    # @param patience [Visits::Patience] how long a good plan of many steps is looked for
    # @param rows [Array<Row>, nil] a plan that is told as it stands, for what follows from it; nil to plan
    def initialize(name:, model:, was: nil, patience: Visits::Patience.new(PATIENCE), rows: nil)
      @name, @model, @was, @value = name, model, was, Value.new(model)
      small = rows.nil? && Search.small?(model)
      rows = (rows || planned(patience, small)).sort_by { |row| [row.day, row.crew] }
      @outcome = Outcome.new(rows, @value.last_ends(rows), small).freeze
      freeze
    end

    # @return [Array<Row>] crews' days, by date, then crews as in the file
    def rows = @outcome.rows

    # @return [Array<Integer>] the end of every step
    def ends = @outcome.ends

    # Whether no plan is better.
    def proved? = @outcome.proved

    # Broken, unkept, ends, days, road, visits and their dates.
    #
    # @return [Array]
    def value = @value.of(rows)

    # Told visits: job and day.
    def told = @value.told

    # @return [Array(Integer, Integer, Integer)] broken, ends and days that no plan comes under
    def bound = proved? ? value.values_at(0, 2, 3) : Bound.new(model).least

    # @return [Array<Visit>] by date, crew and arrival
    def visits = @was ? @was.continued(self, new_visits) : new_visits

    # Legs of a crew's day.
    #
    # @param row [Row]
    # @return [Array<Legs::Leg>]
    def legs(row) = Legs.of(row, model)

    # What follows for the jobs.
    #
    # @return [Follows]
    def follows = Follows.new(self)

    # Looks back at what is handed over of a job: day and numbers of the steps.
    #
    # @param job [Integer]
    # @return [Array<Array(Integer, Array<Integer>)>]
    def look_backs(job) = Visits::LookBacks.of(model.of_job(job), model:, ends:)

    # @return [Array<Checks::Found>]
    def checks = Checks.new(self).found

    # The plan, as bin/board writes it.
    def to_h = Written.new(self).to_h

    private

    # @param small [Boolean] whether every plan is looked at
    def planned(patience, small)
      return [] if model.crew.empty?

      greedy = Greedy.new(model, @value, patience: small ? Visits::Patience.counted(START) : patience)
      least = small ? nil : Bound.new(model).least
      good = greedy.best(@was&.rows(model)) do |value|
        least && value.values_at(0, 1) == [0, 0] && value.values_at(2, 3) == least.drop(1)
      end
      small ? Search.new(model, @value).best(good) : good
    end

    def new_visits
      rows.flat_map { |row| Visit.of(row, model) }.sort_by { |visit| [visit.day, visit.crew, visit.arrive] }
    end
  end
end
