# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # The stages of an opening, matched by their names, and the choice of a set.
      module Stages
        NAMES = Regexp.union(Desk::Stage.all.map(&:key))

        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(Taking)
          app.reads(%r{/openings/#{Asking::NUMBER}}o) do |id|
            reached = Desk::Stage[find_opening(id).reached]
            to_page Paths.opening(Integer(id, 10), reached.key)
          end
          app.reads(%r{/openings/#{Asking::NUMBER}/(#{NAMES})}o) { |id, key| show stage_screen(key, find_opening(id)) }
          app.reads(%r{/openings/#{Asking::NUMBER}/slide}o) do |id|
            view(renewed: true).partial("size/slid", screen: stage_screen("size", find_planned(id)))
          end
          app.takes(%r{/openings/#{Asking::NUMBER}/set}o, by: :office) { |id| take(find_opening(id)) }
        end

        # Takes one of the ways that were tried, or takes the last one back.
        module Taking
          # Takes one of the ways, or takes the last one back.
          def take(opening)
            choosing = Desk::SetChoice.new(opening)
            set = params["back"] ? choosing.before : taken(choosing)
            halt 422, "There is no such set to take any more. Load the page again." unless set

            choosing.take!(set, seen:, who:)
            to_page Paths.opening(opening.id, "choose")
          end

          # The set of the way that was pressed; nil where there is none any more.
          def taken(choosing)
            return if choosing.refusal

            choosing.find(params["way"].to_s)&.then { |candidate| choosing.set_of(candidate) }
          end
        end
      end
    end
  end
end
