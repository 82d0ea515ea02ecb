# frozen_string_literal: true

module YellowTrack
  module Drawing
    # Maps millimetres of the opening to a box of the picture, in real
    # proportion: x to the right, y up.
    class Frame
      # @return [Float] screen units a millimetre
      attr_reader :scale

      # @param width [Numeric] mm to be shown
      # @param height [Numeric] mm to be shown
      # @param box [Array] left, top, width and height to fit them in
      # @param scale [Float, nil] given where several pictures share one
      # @param align [:middle, :top] where a low picture stands in its box
      def initialize(width, height, box, scale: nil, align: :middle)
        left, top, wide, high = box
        @scale = scale || [wide / size(width), high / size(height)].min
        @left = left + (wide - width.to_f * @scale) / 2
        drawn = height.to_f * @scale
        @bottom = top + drawn + ((align == :middle) ? (high - drawn) / 2 : 0)
      end

      # Screen units from the left, of mm from the left jamb's foot.
      def x(mm) = @left + mm.to_f * scale

      # Screen units from the top, of mm above the datum.
      def y(mm) = @bottom - mm.to_f * scale

      # A point of the picture, screen units, of one in mm.
      def at(x_mm, y_mm) = [x(x_mm), y(y_mm)]

      # A length in screen units.
      def length(mm) = mm.to_f * scale

      private

      # Readings may be nothing: a picture is drawn all the same.
      def size(mm) = [mm.to_f, 1.0].max
    end
  end
end
