# frozen_string_literal: true

module YellowTrack
  class Visits
    # Steps on site that no one day holds both of (handbook 17, "The bound"): as many visits as
    # the longest row of them, each apart from the next, takes every plan.
    class Apart
      # The longest way from a step to one after it: minutes of work and waits between their
      # starts, whether work of others or a wait in days lies on a way, and whether work in the
      # shop does.
      Way = Struct.new(:minutes, :others, :shop)

      # @param model [Model]
      def initialize(model)
        @model, @calendar = model, model.calendar
      end

      # @param ends [Array<Integer, nil>] what is over
      # @return [Integer] visits that are left at least
      def visits(ends)
        site = @model.order.select { |place| ends[place].nil? && step(place).place == "site" }
        longest = site.each_with_object({}) do |place, rows|
          rows[place] = 1 + (rows.select { |before, _| apart?(before, place) }.values.max || 0)
        end
        longest.values.max || 0
      end

      private

      def step(place) = @model.steps[place]

      def apart?(first, last)
        way = ways(first)[last] or return false
        there = @calendar.to - @calendar.from - 2 * @calendar.travel
        way.others || way.shop || way.minutes + step(last).minutes > there
      end

      # Ways from a step to all that come after it.
      def ways(first)
        @ways ||= {}
        @ways[first] ||= @model.after(first).each_with_object({first => Way.new(0, false, false)}) do |place, found|
          found[place] = merged(@model.before(place).filter_map { |one, wait| on(found[one], one, first, wait:) })
        end
      end

      # A way with the step that it has come to, and the wait after it.
      def on(way, place, first, wait:)
        return unless way

        Way.new(way.minutes + (step(place).minutes || 0) + (wait.hours || 0) * 60,
          way.others || !wait.days.nil? || step(place).others?,
          way.shop || (place != first && step(place).place == "shop"))
      end

      def merged(ways) = Way.new(ways.map(&:minutes).max, ways.any?(&:others), ways.any?(&:shop))
    end
  end
end
