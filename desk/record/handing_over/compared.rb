# frozen_string_literal: true

module YellowTrack
  module Desk
    class HandingOver
      # Gaps of a look back beside those at the hand-over (handbook 10): more than 1 mm is
      # told, with its likely reason.
      class Compared
        MUCH = 1 # mm
        ENDS = %w[top bottom].freeze

        # A gap: of a panel, at a place; then and now, mm, now nil where it was not read.
        Row = Struct.new(:panel, :place, :before, :now, keyword_init: true) do
          # @return [Rational, nil] mm
          def by = now && now - before

          # Whether it moved by so much that it is told.
          def told? = !by.nil? && by.abs > MUCH
        end

        # @param before [Hash] gaps as the log has them
        # @param now [Hash] likewise
        def initialize(before, now)
          @before, @now = before, now
        end

        # @return [Array<Row>]
        def rows
          @before.flat_map do |panel, places|
            places.map do |place, mm|
              read = @now.dig(panel, place)
              Row.new(panel:, place:, before: exact(mm), now: read && exact(read))
            end
          end
        end

        # The likely reason of what is told of a panel.
        #
        # @return [String, nil] nil for nothing to tell
        def reason(panel)
          of = rows.select { |row| row.panel == panel }
          return unless of.any?(&:told?)

          ends = of.select { |row| ENDS.include?(row.place) }.filter_map(&:by)
          Files::Care.reason((ends.length == 2 && (ends.first - ends.last).abs > MUCH) ? "taper" : "shift")
        end

        private

        def exact(mm) = Rational(mm.to_s)
      end
    end
  end
end
