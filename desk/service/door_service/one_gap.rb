# frozen_string_literal: true

module YellowTrack
  module Desk
    class DoorService
      # A gap that is read while the door still hangs as it was found is one reading, wherever it is typed: in Look or
      # Take down as found, or at the bench. Once something of its mend is done, or was turned, the bench reads it as
      # left.
      class OneGap
        FOUND = /\Aservice\.found\.(top|middle|bottom)\z/
        BENCH = /\Ahung\.([A-F])\.gaps\.(top|middle|bottom)\z/

        # Whether a value is a gap of either place.
        #
        # @param key [String]
        def self.gap?(key) = FOUND.match?(key) || BENCH.match?(key)

        # @param opening [KeptOpening] as it stood before
        def initialize(opening)
          @opening = opening
        end

        # The other place of a gap; nil for what has none.
        #
        # @param key [String] what was written
        # @return [String, nil]
        def other(key)
          place = key[FOUND, 1] || key[BENCH, 2] or return
          return if !as_found? || panel.nil? || ![nil, panel].include?(key[BENCH, 1])

          key.start_with?("hung.") ? "service.found.#{place}" : "hung.#{panel}.gaps.#{place}"
        end

        private

        def service = @opening.service

        # Whether it hangs as it was found.
        def as_found?
          service.on? && !service.closed? && @opening.plan && !service.off? && service.fix.none? { |one|
            service.tick(one)
          } && @opening.record.of("move").empty?
        end

        # The panel that is meant, as the bench calls it: as it was said, or the only one.
        def panel
          names = @opening.turning.all.map(&:name)
          leaf = service["leaf"]
          leaf ? names[leaf - 1] : (names.first if names.length == 1)
        end
      end
    end
  end
end
