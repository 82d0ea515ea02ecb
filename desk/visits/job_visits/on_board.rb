# frozen_string_literal: true

module YellowTrack
  module Desk
    class JobVisits
      # A job's part of the board that is kept, as far as its steps still are what they were then: what was binned since
      # is left out, what is new has no time yet.
      class OnBoard
        # @param visiting [JobVisits] of a job on the board
        def initialize(visiting)
          @plan, @steps = visiting.kept.plan, visiting.steps
          @there = @steps.to_h { |step| [step["key"], step] }
        end

        # @return [Hash] a visits file; steps that are new since have neither start nor end
        def to_h
          @plan.merge("visits" => visits, "steps" => times, "checks" => @plan["checks"],
            "chain" => @plan["chain"].select { |one| there?(one["step"]) }, "look_backs" => looks,
            "waits" => waits)
        end

        private

        def there?(key) = @there.key?(key)

        def waits
          @plan["waits"].select { |one| there?(one["after"]) && (one["before"].nil? || there?(one["before"])) }
        end

        def visits
          @plan["visits"].filter_map do |visit|
            keys = visit["steps"].select { |key| there?(key) }
            visit.merge("steps" => keys) if keys.any?
          end
        end

        def looks
          @plan["look_backs"].map { |look| look.merge("steps" => look["steps"].select { |key| there?(key) }) }
            .select { |look| look["steps"].any? }
        end

        def times
          known = @plan["steps"].to_h { |step| [step["key"], step] }
          @steps.map do |step|
            next {"key" => step["key"], "start" => nil, "end" => step["ended"], "slack" => nil} if step["ended"]

            known[step["key"]] || {"key" => step["key"], "start" => nil, "end" => nil, "slack" => nil}
          end
        end
      end
    end
  end
end
