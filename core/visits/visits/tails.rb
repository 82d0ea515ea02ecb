# frozen_string_literal: true

module YellowTrack
  class Visits
    # What hangs on each step of a job, in minutes, its own with them: the longest way from it to the job's end.
    class Tails
      # @return [Integer] minutes of the longest of all
      attr_reader :longest

      # @param model [Model]
      def initialize(model)
        @model = model
        @minutes = model.order.reverse.each_with_object([]) do |place, found|
          found[place] = length(place) + (model.next(place).map { |one| found[one] + wait(place, one) }.max || 0)
        end
        @longest = @minutes.compact.max
        freeze
      end

      # @return [Integer] minutes
      def of(place) = @minutes[place]

      private

      def length(place)
        step = @model.steps[place]
        step.crew? ? step.minutes : (step.days || 0) * Calendar::DAY
      end

      def wait(place, after)
        @model.before(after).select { |one, _| one == place }
          .map { |_, wait| (wait.hours || 0) * 60 + (wait.days || 0) * Calendar::DAY }.max
      end
    end
  end
end
