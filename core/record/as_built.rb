# frozen_string_literal: true

module YellowTrack
  # What was taken beside what was planned (handbook 10, "As built beside as planned"):
  # cuts, gaps, floor gaps, readings, each with its difference.
  module AsBuilt
    KINDS = %w[cut gap floor reading].freeze

    # One that was taken. kind, of KINDS; name; planned and taken, mm.
    Item = Struct.new(:kind, :name, :planned, :taken, keyword_init: true) do
      # mm that it came out more than planned.
      def by = taken - planned
    end

    module_function

    # Gaps of what hangs, at its jambs, and under its corners with the adjusters as noted.
    #
    # @param set [Family]
    # @return [Array<Item>]
    def hung(set)
      set.readings.flat_map do |one|
        of("gap", one.name, one.planned, read: one.read["gaps"]) + of("floor", one.name, one.planned_floor,
          read: one.read["floor"])
      end
    end

    # Readings beside what the sums of the opening's shape make of them.
    #
    # @param survey [Survey]
    # @param closure [Survey::Closure, nil]
    # @return [Array<Item>]
    def readings(survey, closure)
      return [] unless closure&.checked?

      closure.residuals.filter_map do |key, residual|
        taken = survey[key]
        next unless taken.is_a?(Numeric) # the floor is a list of stations

        Item.new(kind: "reading", name: key, taken:, planned: taken - Rational(residual.v.round(3).to_s))
      end
    end

    # Pieces that were cut.
    #
    # @param cuts [Array<Array(String, Rational, Rational)>] code, planned, as cut
    def cuts(cuts) = cuts.map { |name, planned, taken| Item.new(kind: "cut", name:, planned:, taken:) }

    # @return [Array<Row>] a row for each place that was read, with what was planned there
    def of(kind, name, planned, read:)
      (read || {}).filter_map do |place, taken|
        Item.new(kind:, name: "#{name} #{place}", planned: planned[place], taken:) if taken && planned[place]
      end
    end
  end
end
