# frozen_string_literal: true

module YellowTrack
  class Cures
    # One number of a set that can be changed to clear a check: what it is now, how far it may go, in
    # which steps. All in mm.
    class Lever
      # kit     key on the kit sheet of what it is while the fitter says nothing
      # from,to how far it may go: mm, or a key on the kit sheet
      # says    what is done, with {} for the figure
      ROWS = {
        "lap" => {kit: "lap.design", from: "lap.least", to: "lap.most", says: "Plan a lap of {}"},
        "gap" => {kit: "gap.design", from: "gap.least", to: "gap.most", says: "Plan a floor gap of {}"},
        "cover.side" => {kit: "cover.side", from: 10r, to: 200r, says: "Plan {} of cover beside"},
        "cover.head" => {kit: "cover.head", from: 10r, to: 200r, says: "Plan {} of cover above"},
        "side_gap" => {kit: "side_gap", from: 1r, to: 30r, says: "Plan a side gap of {}"},
        "setback" => {kit: "front_clearance", from: 0r, to: 60r, says: "Set it {} in from the front"}
      }.freeze

      # @param key [String] of a choice, or "packing"
      # @param plan [Plan]
      # @return [Lever, nil] nil where the set has no such number
      def self.of(key, plan)
        return Packing.of(plan) if key == "packing"

        row = ROWS.fetch(key)
        now = plan.opening[key] || plan.set.kit[row[:kit]] or return
        new(key, plan, row, now:) unless key.start_with?("cover") && !plan.set.covers?
      end

      # @return [String]
      attr_reader :key

      # @param row [Hash] of ROWS; now what stands there, mm
      def initialize(key, plan, row, now:)
        @key, @plan, @row, @now = key, plan, row, now
      end

      # How much a value changes it.
      def change(value) = (value - @now).abs

      # What it could be, on marks of the grain, the nearest first.
      #
      # @param way [-1, 1] less or more
      # @return [Array<Rational>]
      def values(way)
        grain = @plan.opening.grain
        ((way < 0) ? marks_down(grain) : marks_up(grain)).reject { |value| value == @now }
      end

      # @return [Hash{String => Rational}]
      def changes(value) = {@key => value}

      # The opening with it changed.
      #
      # @return [Opening]
      def opening(value)
        changed = changes(value).reduce(@plan.opening.to_h["set"]) do |set, (choice, mm)|
          first, second = choice.split(".")
          set.merge(first => second ? (set[first] || {}).merge(second => mm) : mm)
        end
        @plan.opening.hung_on(@plan.opening.kit, changed)
      end

      # What to do, with what will do beside it.
      #
      # @param printer [Length::Printer]
      # @param first [Rational] the least change
      # @param last [Rational] the farthest that still does
      def says(printer, first, last)
        said = @row[:says].sub("{}", printer.with_unit(first))
        (first == last) ? said : "#{said}; #{printer.range(*[first, last].minmax)} will do"
      end

      private

      def limit(end_) = @row[end_].is_a?(String) ? @plan.set.kit[@row[end_]] || @now : @row[end_]

      def marks_down(grain)
        from = Length.down(@now, grain)
        (0..[(from - limit(:from)) / grain, -1].max.floor).map { |steps| from - steps * grain }
      end

      def marks_up(grain)
        from = Length.up(@now, grain)
        (0..[(limit(:to) - from) / grain, -1].max.floor).map { |steps| from + steps * grain }
      end
    end
  end
end
