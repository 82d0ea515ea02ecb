# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # The stages of an opening, matched by their names, and the families side by
      # side.
      module Stages
        NAMES = Regexp.union(Desk::Stage.all.map(&:key))

        def self.registered(app)
          app.helpers(Taking)
          app.get(%r{/openings/#{Asking::NUMBER}}o) do |id|
            reached = Desk::Stage[find_opening(id).reached]
            to_page Paths.opening(Integer(id, 10), reached.built ? reached.key : "size")
          end
          app.get(%r{/openings/#{Asking::NUMBER}/(#{NAMES})}o) { |id, key| show stage_screen(key, find_opening(id)) }
          app.get(%r{/openings/#{Asking::NUMBER}/slide}o) do |id|
            view(renewed: true).partial("size/slid", screen: stage_screen("size", find_planned(id)))
          end
          app.post(%r{/openings/#{Asking::NUMBER}/set}o) { |id| take_family(find_opening(id)) }
        end

        # Takes one of the families side by side.
        module Taking
          def take_family(opening)
            set = YellowTrack::Files::Candidates.set_named(opening.document.to_h, params["family"].to_s) or
              halt 422, "There is no family of that name. Load the page again."
            set = YellowTrack::Files::HouseRules.for_set(opening.rules, set["family"]).merge(set)
            book.openings.change(opening.id, "set", set, seen:, overrule: true, who:, listing: Desk::Listing.of(book))
            to_page Paths.opening(opening.id, "size")
          end
        end
      end
    end
  end
end
