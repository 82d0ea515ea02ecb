# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # The record: as built beside as planned.
      module Built
        # Its routes, and what they share.
        def self.registered(app)
          app.reads(%r{/openings/#{Asking::NUMBER}/built}o) { |id|
            show screen_of(Web::Built::OpeningRecord,
              find_opening(id))
          }
          app.reads(%r{/jobs/#{Asking::NUMBER}/built}o) { |id| show Web::Built::HouseRecord.new(find_job(id), **asked) }
          app.reads(%r{/kits/#{Kits::NAME}/built}o) do |id|
            show Web::Built::KitRecord.new(book, YellowTrack::Files::Shelf.kit(sheet_of(id)), **asked)
          end
        end
      end
    end
  end
end
