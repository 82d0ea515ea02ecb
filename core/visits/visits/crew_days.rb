# frozen_string_literal: true

module YellowTrack
  class Visits
    # The crew's days of a job as they were planned, and what no plan comes under (handbook 14 and 17): exactly up to
    # Search::MOST steps, past that a good plan, which is bettered while there is time.
    class CrewDays
      SEARCHED = 0.75 # of the time for looking at every plan
      SHORT = 0.2 # seconds for more steps than LONGER

      # @return [Model]
      attr_reader :model
      # @return [Array<Days::Row>] days with work of the crew
      attr_reader :rows
      # @return [Array(Integer, Integer)] day and visits that no plan comes under
      attr_reader :bound

      # @param model [Model]
      # @param patience [Patience] how long a better plan of LONGER steps is looked for than the
      #   first good one, while none meets the bound
      # @param was [Was, nil] the plan before
      def initialize(model, patience:, was:)
        @model, @patience = model, patience
        @bound = least
        @proved = model.crew.length <= Search::MOST
        @rows = model.crew.empty? ? [] : held_to(was, planned)
        freeze
      end

      # Whether no plan is better.
      def proved? = @proved

      # Whether a longer look could find a better one.
      def longer? = !proved? && long? && @patience.seconds < PATIENCE

      private

      def long? = LONGER.cover?(model.crew.length)

      # Day and visits that no plan comes under.
      def least
        load, start = Load.new(model), model.beginning
        [[model.last_day(model.free(start)), load.day(start, 0)].max,
          [load.trips(start), Apart.new(model).visits(start)].max]
      end

      def planned
        return Search.new(model).best if proved?

        greedy = Greedy.new(model)
        rows = greedy.best
        return rows if @patience.none?

        long? ? looked_at(rows, greedy) : tried(rows, greedy, @patience.part(1, most: SHORT))
      end

      # Of many steps the plan before, where it can still be done and none found is better: what is
      # found in a time depends on the machine.
      def held_to(was, rows)
        again = (Again.new(model, was).rows if was && model.crew.length > Search::MOST) or return rows

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
        Tries.new(greedy, patience:) { |value| best?(value) }.better_than(rows)
      end

      # Whether a plan meets its bound.
      def best?((missed, last, visits)) = missed.zero? && ([last, visits] <=> bound) < 1
    end
  end
end
