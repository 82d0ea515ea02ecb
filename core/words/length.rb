# frozen_string_literal: true

module YellowTrack
  # A length: exact rational millimetres. The only place that knows inches
  # (handbook 1: 1 in = 25.4 mm, both units exact).
  #
  #   Length.parse("58 9/16", unit: :in).mm       # => (29749/20)
  #   Length.parse("58 9/16", unit: :in).show(unit: :in)  # => "58 9/16"
  #
  # Inside the core, sums are done on plain numbers of millimetres; a Length
  # stands where a person writes one or reads one.
  class Length
    include Comparable

    MM_PER_INCH = 254r / 10
    INCHES_PER_FOOT = 12
    UNITS = %i[mm in].freeze

    # What a cut is rounded down to unless the fitter says otherwise, in mm.
    GRAIN = {mm: 1r, in: MM_PER_INCH / 16}.freeze

    # The grains that make sense, in mm.
    GRAINS = (1r / 10)..50

    # Over this a length is a slip of the pen, in mm (handbook 1: 20 m).
    MOST = 20_000

    READ = {} # lengths that were read lately, by what was written
    MOST_READ = 4_096
    private_constant :READ, :MOST_READ

    class << self
      # Reads a length as a fitter writes it.
      #
      # @param written [String, Numeric] any form of handbook 1
      # @param unit [:mm, :in] the job's own unit, for a bare number
      # @param signed [Boolean] true where a sign has a meaning
      # @return [Length]
      # @raise [Fault] naming what was typed and two forms that work
      def parse(written, unit: :mm, signed: false)
        key = [written, unit, signed].freeze
        READ[key] || remember(key, new(Parser.new(written, unit:, signed:).millimetres))
      end

      # Largest multiple of the grain not over a length, in mm.
      def down(mm, grain) = (mm / grain).floor * grain

      # Smallest multiple of the grain not under a length, in mm.
      def up(mm, grain) = (mm / grain).ceil * grain

      # How many of a unit a number of millimetres is.
      def in_unit(mm, unit) = (unit == :in) ? mm / MM_PER_INCH : mm

      # Whether a tape in inches has a mark for a length, to the 64th.
      def inch?(mm) = (Rational(mm) / MM_PER_INCH * Printer::SIXTY_FOURTH).denominator == 1

      private

      # What is written often is read once: a document is read whole at each change.
      def remember(key, length)
        READ.clear if READ.length >= MOST_READ
        READ[key] = length
      end
    end

    # @return [Rational] millimetres
    attr_reader :mm

    # @param mm [Integer, Rational] exact millimetres; a Float is refused
    def initialize(mm)
      raise TypeError, "a length is exact: #{mm.inspect} is not" if mm.is_a?(Float)

      @mm = Rational(mm)
      freeze
    end

    # The length as it is shown: metric to the tenth at most, inches as a
    # reduced fraction, thousands apart.
    #
    # @param unit [:mm, :in]
    # @param grain [Rational] in mm: what to round to (nearest). Default: 0.1
    #   mm, or 1/16 in
    # @return [String] without the unit, as in "1 806" or "58 9/16"
    def show(unit: :mm, grain: nil)
      (grain ? Printer.cut(unit, grain) : Printer.derived(unit)).text(mm)
    end

    # @return [Integer, nil] nil beside what is no length
    def <=>(other) = other.is_a?(Length) ? mm <=> other.mm : nil

    # Lengths are the same in whatever unit they were typed.
    def eql?(other) = other.is_a?(Length) && mm == other.mm

    # @return [Integer] the same for lengths that are the same
    def hash = [Length, mm].hash

    # @return [String] for whoever looks at it in a console
    def inspect = "#<Length #{show} mm>"
  end
end
