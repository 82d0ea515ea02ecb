# frozen_string_literal: true

module YellowTrack
  # One thing that is fitted to doors that hang already, without a survey: a soft close, a pull, an end stop, a floor
  # guide (handbook 4, 8, 15). What was measured of the door goes in, marks and their order come out, and what is in
  # the way. All in mm; along a rail from its left end, on a panel from its left edge.
  class Accessory
    NEAR = 12r # mm: a screw of the rail nearer than that to a damper or a stop is in its way
    STEP = Struct.new(:says, :caution)

    class << self
      # @return [Hash{String => Class}] by what is fitted
      def all
        @all ||= {"soft_close" => OfSoftClose, "pull" => OfPull, "stop" => OfStop, "guide" => OfGuide}.freeze
      end

      # @param read [Hash] what was measured: "what" and the readings that it asks for
      # @return [Accessory, nil] nil while nothing is chosen
      def of(read) = all[read["what"]]&.new(read)
    end

    # @return [Working] its sums
    attr_reader :work

    # @param read [Hash{String => Object}]
    def initialize(read)
      @read = read
      @work = Working.new
      mark if missing.empty?
    end

    # Readings that it still asks for, by their keys.
    #
    # @return [Array<String>]
    def missing = self.class::ASKS.reject { |key| @read[key] }

    # Marks, in the order in which they are made.
    #
    # @return [Array<Working::Entry>]
    def marks = work.entries

    # What stands in the way.
    #
    # @return [Array<Check>]
    def checks = missing.empty? ? found.compact : []

    private

    def [](key) = @read[key]

    def sum(key, title, formula, why:, **values) = work.sum("fit.#{key}", title, formula, why:, **values)

    def check(code, says, cure:, level: :stop) = Check.new(code: "fit.#{code}", level:, says:, do: cure).freeze

    def told(mm) = @read.fetch("printer").with_unit(mm)

    def rightward? = self["closes"] != "right"

    # Screws of the rail that are too near to a stretch of it, each with how near.
    def screws_in(from, to)
      (self["holes"] || []).filter_map do |hole|
        off = hole.between?(from, to) ? 0r : [(hole - from).abs, (hole - to).abs].min
        [hole, off] if off < NEAR
      end
    end

    # @return [Array<Check>]
    def screws(from, to, name)
      screws_in(from, to).map do |hole, off|
        where = off.zero? ? "lies under #{name}" : "is #{told(off)} from #{name}"
        check("screw", "The rail's screw at #{told(hole)} #{where}.",
          cure: "Take the screw out and set it over by three diameters, or a flat head sunk flush.")
      end
    end
  end
end
