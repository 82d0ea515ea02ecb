# frozen_string_literal: true

module YellowTrack
  module Web
    module Sheets
      # A stop that a fitter overrides, with his reason in the log (handbook 1).
      class Override < OpeningScreen
        LONGEST = 1_000

        # @param check [Check] the stop
        def initialize(opening, check, **rest)
          super(opening, **rest)
          @check = check
        end

        attr_reader :check

        # The template that it is drawn with.
        def template = "sheets/override"

        # The reason that stands.
        def reason_before = opening.overrides[check.code].to_s

        # The stage that it stands on; nil for none of them.
        def stage = nil
      end
    end
  end
end
