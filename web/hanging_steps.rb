# frozen_string_literal: true

require "date"
require "time"

module YellowTrack
  module Web
    # The steps of an opening's set, and how far they are done.
    class HangingSteps
      # @param work [Work]
      # @param record [Store::Told] what the log tells of its set
      def initialize(work, record)
        @work = work
        @ticks, @waits, rounds = %w[step wait round].map { |kind| record.latest(kind) }
        @rounds = rounds.values.map(&:after).max || 1
        @hang = work.piece(:hang, work.shown, @rounds) { Hang.new(work.plan, Data::Steps.of(work.opening.kit), work.printer, rounds: @rounds) }
      end

      attr_reader :rounds

      def steps = @hang.steps

      def find(key) = steps.find { |step| step.key == key }

      # The entry that ticked a step; nil for one that is not done.
      def tick(step) = @ticks[step.key]&.then { |entry| entry if entry.after }

      def done? = steps.all? { |step| tick(step) }

      # @return [Hang::Step, nil] the first that is not done
      def now = @now ||= steps.find { |step| tick(step).nil? }

      def done = steps.count { |step| tick(step) }

      # Steps that should come before this one and are not done.
      def early(step) = @hang.early(step, @ticks.select { |_, entry| entry.after }.keys)

      # What a step waits for still, in words; nil for nothing.
      #
      # @param today [Date]
      # @param moment [Time]
      # @yieldparam day [Date, Time] to be put in words
      def waits(step, today, moment)
        return if tick(step)

        drying(step, moment) || trade(step, today)
      end

      # The day that another trade was promised for.
      #
      # @return [Date, nil]
      def promised(step) = @waits[step.key]&.after&.then { |text| Date.iso8601(text) }

      # The trial hang can be done over once it is done.
      def again? = looped.any? && looped.all? { |step| tick(step) }

      # The last step of the trial hang's latest round.
      def last_of_loop = looped.last

      private

      def looped = steps.select(&:loop)

      # @return [Array(Symbol, Object)] :dry and until when, or which step
      def drying(step, moment)
        return unless step.dry

        painted = @ticks[step.dry["step"]]&.then { |entry| entry.at if entry.after } or return
        ready = Time.iso8601(painted).localtime + step.dry["hours"] * 3600
        [:dry, ready] if ready > moment
      end

      def trade(step, today)
        return unless step.waits

        date = promised(step)
        return [:undated, step.waits] unless date

        (date >= today) ? [:until, date] : [:overdue, date]
      end
    end
  end
end
