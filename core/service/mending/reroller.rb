# frozen_string_literal: true

module YellowTrack
  module Mending
    # A roller beside the one that it replaces (handbook 13, "New rollers and guides"):
    # what the panel gains in height, how far it goes to the room or the closet, and
    # what that does to the gaps. All in mm; nil for what was not measured.
    class Reroller
      MEASURED = %w[wheel wheel_across room closet seat spacer body bar].freeze
      # What gains below and above, by what carries the panel: name and formula.
      BELOW = ["Floor gap then", "gap + gain"].freeze
      ABOVE = {
        floor: ["Engagement then", "engagement + gain"],
        wall: ["Cover above then", "cover + gain"],
        head: ["Head room then", "head room − gain"]
      }.freeze

      # @return [Working]
      attr_reader :work
      # @return [Rational, nil] that the panel rises by
      attr_reader :gain
      # @return [Rational, nil] that it goes to the room, as the new one is, and with
      #   it turned round; − to the closet
      attr_reader :shift, :shift_turned
      # @return [Rational, nil] the floor gap, what is above, and the lift room then
      attr_reader :below, :above, :lift
      # @return [Rational, nil] by which the taper alters, where one alone is changed
      attr_reader :tapers

      # @param carried [:head, :floor, :wall] what carries the panel
      # @param old [Hash{String => Rational}] MEASURED, and "material"
      # @param new [Hash{String => Rational}] likewise, and "rating" in kg
      # @param readings [Hash{Symbol => Rational}] :gap at the foot, :head (head room,
      #   engagement or cover), :lift; as found
      # @param height [Rational, nil] of the panel
      # @param spacing [Rational, nil] between its rollers
      def initialize(carried, old, new, readings: {}, height: nil, spacing: nil)
        @carried, @old, @new, @readings = carried, old, new, readings
        @work = Working.new
        @gain = gained
        @shift = shifted
        @shift_turned = turned_round
        settle(height, spacing) if gain
        @work.freeze
        freeze
      end

      # Whether the weight stands on the floor's rail.
      def rolls_below? = @carried == :floor

      private

      # Of a wheel the least of two readings square to each other, at its root.
      def wheel(roller) = roller.values_at("wheel", "wheel_across").compact.min

      def sum(key, title, formula, why:, **values) = work.sum("reroller.#{key}", title, formula, why:, **values)

      # Where seat or spacer differ, the bodies do.
      def gained
        was, is = wheel(@old), wheel(@new)
        return unless was && is

        values = {new_wheel: is, old_wheel: was}
        unless bodies_differ?
          return sum("gain", "Gain in height, g", "(new wheel − old wheel) ÷ 2", why: GAIN,
            **values)
        end

        rolls_below? ? sum("gain", "Gain in height, g", "(new wheel − old wheel) ÷ 2 + new seat − old seat + " \
          "new spacer − old spacer", why: GAIN, **values, **both("seat"), **both("spacer")) :
          sum("gain", "Gain in height, g", "(new wheel − old wheel) ÷ 2 − (new seat − old seat)", why: GAIN, **values,
            **both("seat"))
      end

      GAIN = "New less worn: the axle rises by half of what the wheel is larger."
      private_constant :GAIN

      def bodies_differ? = %w[seat spacer].any? { |key| @old[key] != @new[key] }

      def both(key) = {"new_#{key}": @new[key] || 0r, "old_#{key}": @old[key] || 0r}

      def offsets(roller) = roller.values_at("room", "closet").then { |pair| pair unless pair.any?(&:nil?) }

      def shifted
        return unless offsets(@old) && offsets(@new)

        sum("shift", "Shift to the room", "((new room − new closet) − (old room − old closet)) ÷ 2",
          why: "The offset is handed: − is to the closet.", **sides)
      end

      def turned_round
        return unless shift

        sum("shift_turned", "Shift with the roller turned round", "shift − (new room − new closet)",
          why: "Turned round, it goes the other way.", shift:, **sides.slice(:new_room, :new_closet))
      end

      def sides
        (new_room, new_closet), (old_room, old_closet) = offsets(@new), offsets(@old)
        {new_room:, new_closet:, old_room:, old_closet:}
      end

      def settle(height, spacing)
        gap, head, lift = @readings.values_at(:gap, :head, :lift)
        @below = sum("below", *BELOW, why: "As found, and the gain.", gap:, gain:) if gap
        @above = sum("above", *above_words, why: "As found, and the gain.", **{above_name => head}, gain:) if head
        if lift && rolls_below?
          @lift = sum("lift", "Lift room then", "lift room − gain", why: "Under 0 it cannot be lifted in.",
            lift_room: lift,
            gain:)
        end
        if height && spacing&.positive?
          @tapers = sum("tapers", "Taper by one alone", "gain × height ÷ spacing", why: "Both rollers, always.", gain:,
            height:, spacing:)
        end
      end

      def above_words = ABOVE.fetch(@carried)

      def above_name = {floor: :engagement, wall: :cover, head: :head_room}.fetch(@carried)
    end
  end
end
