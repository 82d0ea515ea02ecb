# frozen_string_literal: true

module YellowTrack
  class Visits
    # A step of a job (handbook 14). place "site", "shop" or "other"; minutes of the
    # crew; after, what it comes after; not_before, a day; days or done, of others, in
    # working days or a day; ended, the moment at which it was over before the start;
    # look_back, in days.
    Step = Struct.new(:key, :opening, :what, :place, :minutes, :hands, :after, :not_before, :days, :done, :ended,
      :look_back, keyword_init: true) do
      # Whether it keeps the crew, and is not done.
      def crew? = place != "other" && ended.nil?

      # Whether somebody else does it, and has not yet.
      def others? = place == "other" && ended.nil?

      # Whether it is of others, on a date that is fixed.
      def fixed? = others? && !done.nil?
    end

    # What a step comes after, and how long is waited: hours, or working days.
    After = Struct.new(:key, :hours, :days) do
      # Whether something dries, sets or is delivered meanwhile.
      def wait? = !hours.nil? || !days.nil?

      # When the wait is over.
      #
      # @param ends [Integer] the moment at which that step does
      def over(ends, calendar)
        return ends + (hours * 60).round if hours
        return calendar.morning(calendar.working_after(calendar.day_of(ends), days)) if days

        ends
      end
    end
  end
end
