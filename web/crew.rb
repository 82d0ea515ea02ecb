# frozen_string_literal: true

module YellowTrack
  module Web
    # Pages on which it is said who is at work.
    module Crew
      NOBODY = "fitter"
      LONGEST = 40
      KNOWN = 30 # names that are offered

      # The name as it was typed on this device; nothing for none.
      def at_work = (visitor.who == NOBODY) ? "" : visitor.who

      # Names that were at work before, the latest first.
      def crew = @crew ||= book.log.names(most: KNOWN) - [NOBODY]
    end
  end
end
