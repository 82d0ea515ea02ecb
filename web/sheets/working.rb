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

        # @return [Array<Working::Entry>]
        def entries = params.key?("keys") ? workings(params["keys"].to_s.split(",")) : plan.working.entries
      end
    end
  end
end
