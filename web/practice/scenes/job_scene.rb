# frozen_string_literal: true

module YellowTrack
  module Web
    module Practice
      module Scenes
        # A small job: its steps; and once it is answered, its visits along the track.
        class JobScene < Scene
          # A step as it is read: opening, words, where, what it takes, what it comes after.
          Row = Struct.new(:opening, :what, :place, :takes, :after)
          PLACES = {"site" => "on site", "shop" => "in the shop", "other" => "others"}.freeze

          # What it is called to somebody who cannot see it.
          def label = "The steps of the job"

          # @return [Array<Row>]
          def rows
            steps.map do |step|
              Row.new(step["opening"], step["what"], PLACES.fetch(step["place"]), takes(step),
                (step["after"] || []).map { |after| after_words(after) }.join(", "))
            end
          end

          # @return [Drawing::VisitTrack, nil] nil until it is answered
          def drawing = @screen.done? ? WorkTrack.of(question.document, question.subject) : nil

          private

          def what(key) = steps.find { |step| step["key"] == key }["what"]

          def steps = question.document["steps"]

          def takes(step)
            return "#{step["days"]} working #{(step["days"] == 1) ? "day" : "days"}" if step["days"]

            "#{step["minutes"]} min"
          end

          def after_words(after)
            hours = after.dig("wait", "hours")
            [what(after["step"]), ("and #{hours} h to dry" if hours)].compact.join(", ")
          end
        end
      end
    end
  end
end
