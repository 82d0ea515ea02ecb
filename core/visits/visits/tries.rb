# frozen_string_literal: true

module YellowTrack
  class Visits
    # Goes on from a good plan of many steps: what comes first on a day, which days have no trip
    # and till when trips wait is changed a little at a time, and what is no worse is gone on from.
    # The same tries in the same order each time, until the bound is met or patience is over.
    class Tries
      SEED = 7
      WAITS = 4 # days past the free end till which trips may wait
      SQUARE = 400.0 # a plan takes as long as its steps' square, by so much, in looks

      # The plan that stands: its rows, and what it comes to.
      Plan = Struct.new(:rows, :value)

      # @param greedy [Greedy]
      # @param patience [Patience]
      # @yieldparam value [Array] of a plan, as Model#value
      # @yieldreturn [Boolean] whether none can be better
      def initialize(greedy, patience:, &best)
        @greedy, @patience, @best = greedy, patience, best
        @random = Random.new(SEED)
      end

      # @param rows [Array<Days::Row>] of the plan that is there
      # @return [Array<Days::Row>]
      def better_than(rows)
        @plan = Plan.new(rows, @greedy.model.value(rows))
        way, looks = {ranks: {}, home: {}, target: nil}, @greedy.places.length**2 / SQUARE
        way = tried(changed(way)) || way until @patience.over?(looks) || @best.call(@plan.value)
        @plan.rows
      end

      private

      # The way, where its plan is no worse.
      def tried(way)
        rows = @greedy.plan(way[:target], way[:home], way[:ranks])
        value = @greedy.model.value(rows)
        return if (value <=> @plan.value).positive?

        @plan = Plan.new(rows, value)
        way
      end

      def changed(way)
        case @random.rand(4)
        when 0 then way.merge(home: toggled(way[:home]))
        when 1 then way.merge(target: [nil, *0..WAITS].sample(random: @random)&.then { |days| @greedy.free_end + days })
        else way.merge(ranks: way[:ranks].merge(@greedy.places.sample(random: @random) => @random.rand(-1.0..1.0)))
        end
      end

      # One day more, or one less, without a trip.
      def toggled(home)
        day = @plan.rows.select(&:trip).map(&:day).sample(random: @random) or return home
        home.key?(day) ? home.except(day) : home.merge(day => true)
      end
    end
  end
end
