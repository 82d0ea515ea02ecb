# frozen_string_literal: true

module YellowTrack
  module Web
    module Sheets
      # All the sums of an opening, or those that are asked for.
      class Working < OpeningScreen
        # The template that it is drawn with.
        def template = "sheets/working"

        # The stage that it stands on; nil for none of them.
        def stage = nil

        # A key that an address makes up has no sum, and is passed over.
        #
        # @return [Array<Working::Entry>]
        def entries
          return plan.working.entries unless params.key?("keys")

          params["keys"].to_s.split(",").filter_map { |key| plan.working.find(key) }
        end
      end
    end
  end
end
