# frozen_string_literal: true

module YellowTrack
  module Desk
    class Tally
      # Its parts by what one does with their numbers: cut, mark, gaps, opens. Each motion has its own in GROUPS.
      module Groups
        # Its parts by what one does with their numbers, in working order.
        #
        # @return [Hash{Symbol => Array<Symbol>}] of cut, mark, gaps and opens
        def groups = self.class::GROUPS.transform_values { |list| list & known_parts }.reject { |_, list| list.empty? }

        # Its parts, in working order.
        def parts = groups.values.flatten

        # The worst that is to be said of a group's numbers.
        #
        # @param group [Symbol]
        # @return [nil, :stop, :watch]
        def worst(group)
          codes = groups.fetch(group).flat_map { |part| rows(part) }.flat_map(&:codes).uniq
          levels = @opening.checks(*codes).map(&:level)
          %i[stop watch].find { |level| levels.include?(level) }
        end

        private

        # Those that its set has.
        def known_parts = self.class::GROUPS.values.flatten
      end
    end
  end
end
