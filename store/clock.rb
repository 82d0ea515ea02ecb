# frozen_string_literal: true

require "time"

module YellowTrack
  module Store
    # The time as the store writes it: UTC to the second, sortable as text.
    module Clock
      module_function

      def now = Time.now.utc.iso8601
    end
  end
end
