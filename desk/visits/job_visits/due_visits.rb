# frozen_string_literal: true

module YellowTrack
  module Desk
    class JobVisits
      # What a kept plan leaves for the first page: its visits with what to load, and what
      # of others is waited for.
      class DueVisits
        # @param visiting [JobVisits]
        def initialize(visiting)
          @visiting = visiting
          @loads = Loads.new(visiting)
        end

        # Leaves for the first page what is due of the plan.
        def write
          dues, id = @visiting.book.dues, @visiting.job.id
          dues.replace("visit", visits, job_id: id)
          dues.replace("wait", waits, job_id: id)
        end

        private

        def visits
          @visiting.result["visits"].each_with_index.map do |visit, place|
            {day: visit["date"], says: {"number" => place + 1, **visit.slice("leave", "arrive", "back", "steps", "han" \
"ds"),
                                        "words" => @loads.words(visit["steps"]), "load" => @loads.of(visit).to_h}}
          end
        end

        # What is waited for, of whom, since when, until when.
        def waits
          result = @visiting.result
          ends = result["steps"].to_h { |step| [step["key"], step] }
          @visiting.steps.select { |step| step["place"] == "other" && step["ended"].nil? }.map do |step|
            since = (step["after"] || []).map { |after| ends[after["step"]]["end"] }.max
            {day: ends[step["key"]]["end"][0, 10],
             says: {**step.slice("key", "what", "opening"), "since" => since&.[](0, 10),
                                                            "undated" => step["done"].nil?,
                                                            "ticks" => @loads.row(step["key"])&.ticks || []}}
          end
        end
      end
    end
  end
end
