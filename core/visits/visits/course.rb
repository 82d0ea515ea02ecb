# frozen_string_literal: true

module YellowTrack
  class Visits
    # A plan as it is being made, one step after another: what has ended, and from when
    # each step could begin that nothing holds any more.
    class Course
      # @return [Array<Integer, nil>] moments by number
      attr_reader :ends
      # @return [Hash{Integer => Integer}] steps of the crew that may come next, with the
      #   moment from which
      attr_reader :open

      # @param model [Model]
      def initialize(model)
        @model, @ends, @open = model, model.beginning, {}
        model.crew.each { |place| settle(place) }
      end

      # A step is done, and others come when it lets them.
      #
      # @param moment [Integer] when it ends
      def done(place, moment)
        ends[place] = moment
        open.delete(place)
        @model.next(place).each { |one| settle(one) unless ends[one] }
      end

      private

      def settle(place)
        ready = @model.ready(place, ends) or return
        return open[place] = ready if @model.steps[place].crew?

        done(place, @model.others(place, ends).end)
      end
    end
  end
end
