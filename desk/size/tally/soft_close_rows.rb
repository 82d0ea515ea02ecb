# frozen_string_literal: true

module YellowTrack
  module Desk
    class Tally
      # Where catches and strikers of a soft close are fixed.
      module SoftCloseRows
        # Soft close: catches, strikers; nil for none.
        def soft_close
          soft = @set.soft_close or return soft_close_unknown
          [catches(soft, :closing), catches(soft, :opening),
            row("Strikers", [soft.places.flat_map(&:strikers).map { |at| derived(at) }.join(", ")],
              "from each panel's left edge", keys: soft_keys("striker"), line: [])]
        end

        private

        # Where the catches stand.
        def catches(soft, way)
          row("Soft close", [list(soft.places.map(&way))], "#{way} catches, from the left jamb", keys: soft_keys(way),
            line: [])
        end

        # Ledger keys of a part of it.
        def soft_keys(part) = @plan.working.entries.map(&:key).grep(/\Asoft_close\.\w+\.#{part}/)

        # One that is asked for, and whose dampers nobody knows.
        def soft_close_unknown
          return if @opening.checks(SoftClose::Fitted::UNKNOWN).empty?

          row("Soft close", ["–"], "its dampers are not known", keys: [], line: [],
            codes: [SoftClose::Fitted::UNKNOWN])
        end
      end
    end
  end
end
