# frozen_string_literal: true

require "date"
require "json"

module YellowTrack
  module Web
    module Practice
      # A work file along the track, as the visits of a job are drawn.
      module WorkTrack
        # The work file, as the track asks for what stands in a job.
        Work = Struct.new(:steps, :start, :work, :hours)

        module_function

        # @param document [Hash] the work file
        # @param visits [YellowTrack::Visits]
        # @return [Drawing::VisitTrack]
        def of(document, visits)
          steps = document["steps"]
          hours = Desk::CrewHours.new({"visits.week" => Files::WorkFile::WEEK.join(",")}, [])
          work = Work.new(steps, Date.iso8601(document["start"]), {"away" => []}, hours)
          what = steps.to_h { |step| [step["key"], step["what"]] }
          words = ->(keys) { YellowTrack::Visits.words(keys) { |key| what.fetch(key) } }
          Visits::DayTrack.new(work, JSON.parse(JSON.generate(visits.to_h)), open: nil, words:) {}.drawing
        end
      end
    end
  end
end
