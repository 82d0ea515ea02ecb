# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A picture, drawn to a pen: SVG for the screen and for files, Paper::Ink for
    # paper. A picture says its size, its title and its numbers in words, and
    # paints with its pen; what a line looks like is in Lines.
    class Picture
      KEPT = Latest.new(256)
      private_constant :KEPT

      # @param printer [Length::Printer, nil] of its figures; nil for a picture without any
      def initialize(printer = nil)
        @printer = printer
      end

      # @param rest [Hash] see SVG
      # @return [String] SVG
      def to_s(**rest) = on(SVG.new(*size, title:, description:, name: id, **rest)).to_s

      # The same, drawn once while all that it is drawn from (#drawn_from) is as it was: a reading that it does not show
      # leaves it.
      #
      # @return [String] SVG
      def kept = KEPT.fetch([self.class, printer.unit, printer.least, *drawn_from]) { to_s.freeze }

      # As a file of its own: what the page's style sheet gives it on screen is
      # carried along, black on white.
      #
      # @return [String] SVG
      def saved = %(<?xml version="1.0" encoding="UTF-8"?>\n#{to_s(style: Lines.for_file)}\n)

      # Draws it to a pen.
      #
      # @param pen [SVG, Paper::Ink]
      # @return [Object] the pen
      def on(pen)
        @pen = pen
        paint
        pen
      end

      # @return [Array(Numeric, Numeric)] width and height, screen units
      def size = [self.class::WIDTH, self.class::HEIGHT]

      private

      attr_reader :pen, :printer

      # A length as its figures have it.
      def say(mm) = printer.short(mm)
    end
  end
end
