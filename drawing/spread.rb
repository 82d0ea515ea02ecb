# frozen_string_literal: true

module YellowTrack
  module Drawing
    # The one x scale that the views of a set share, so that a panel stands over its
    # plan and over its gap: millimetres along the floor to screen units.
    class Spread
      MOST = 0.42 # screen units a millimetre: a narrow opening is not blown up

      # @return [Numeric] mm, both ends of what is shown
      attr_reader :from, :to
      # @return [Float] screen units a millimetre
      attr_reader :scale

      # @param spans [Array<Array(Numeric, Numeric)>] what each view has to show, mm
      # @param left [Numeric] screen units
      # @param width [Numeric] that it may take
      def initialize(spans, left, width)
        @from, @to = spans.map(&:first).min, spans.map(&:last).max
        shown = [(to - from).to_f, 1.0].max
        @scale = [width / shown, MOST].min
        @left = left + (width - shown * scale) / 2
        freeze
      end

      # Screen units from the left, of mm from the left jamb's foot.
      def x(mm) = @left + (mm - from).to_f * scale

      # Screen units of so many mm.
      def length(mm) = mm.to_f * scale
    end
  end
end
