# frozen_string_literal: true

require "date"

module YellowTrack
  module Desk
    class JobVisits
      # A step that is not done on the day it was put on, and why.
      #
      # key   of the step; day, that it was put on; now, that it comes to
      # says  the reason, as a sentence
      Unmet = Struct.new(:key, :day, :now, :says, keyword_init: true) do
        # @param visiting [JobVisits]
        # @return [Array<Unmet>]
        def self.of(visiting)
          plan, model = visiting.plan, visiting.plan.model
          model.steps.each_index.filter_map do |place|
            step = model.steps[place]
            asked = visiting.put[step.key]
            next if asked.nil? || step.ended

            now = model.calendar.date(model.calendar.day_of(plan.timing.ends[place]))
            new(key: step.key, day: Date.iso8601(asked), now:, says: Why.new(plan, visiting).says(place)) if
              now.iso8601 != asked
          end
        end
      end
    end
  end
end
