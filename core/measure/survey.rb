# frozen_string_literal: true

module YellowTrack
  # The readings of one opening (handbook 2), as exact millimetres; nil for a
  # reading not taken.
  class Survey
    # Readings without which nothing can be sized.
    NEEDED = %w[widths.top widths.middle widths.bottom heights.left heights.middle heights.right].freeze

    # @param readings [Hash] the "survey" of an opening file as Schema read it
    def initialize(readings)
      @readings = readings
      @by_key = Dotted.flat(readings)
      freeze
    end

    # @param key [String] dotted, as in "widths.top"
    # @return [Object, nil]
    def [](key) = @by_key[key]

    # The readings, as the opening file has them typed.
    def to_h = @readings

    # The same survey with one reading more, or another in its place.
    def with(key, value)
      first, second = Dotted.steps(key)
      Survey.new(@readings.merge(first => second ? (@readings[first] || {}).merge(second => value) : value))
    end

    # @return [Array<String>] the needed readings not taken yet
    def missing = NEEDED.select { |key| self[key].nil? }

    # Whether every reading that a set stands on has been taken.
    def complete? = missing.empty?

    # The three widths, head, half-way, floor, as far as they are read.
    def widths = NEEDED.first(3).filter_map { |key| self[key] }

    # The three heights, left, half-way, right, as far as they are read.
    def heights = NEEDED.last(3).filter_map { |key| self[key] }

    # @return [Array<Rational>] mm, those that were read
    def diagonals = %w[diagonals.rising diagonals.falling].filter_map { |key| self[key] }

    # Covering still to come, mm; 0 when it is laid.
    def covering = self["covering.laid"] ? 0r : self["covering.thickness"] || 0r

    # Whether a covering lies, or is to lie, under what stands on the floor; one
    # that is still to come is laid up to it unless the file says so (handbook 15,
    # "A floor rail and a covering").
    def covering_under? = self["covering.laid"] == true || self["covering.under"] == true

    # Whether the opening is still to be built (handbook 15, "Doors first").
    def planned? = self["planned"] == true

    # @return [Floor] without stations where none was read
    def floor = Floor.new(self["floor"] || [])

    # The check measurement: from the top of the track to today's floor, once
    # it is up (handbook 8), left, middle, right; nil until all three are read.
    #
    # @return [Array<Rational>, nil]
    def check
      %w[left middle right].map { |place| self["check.#{place}"] }.then { |list| list unless list.any?(&:nil?) }
    end

    # @return [Array<Array(Rational, Rational)>] from and to of each bay
    def bays = self["bays"] || []
  end
end
