# frozen_string_literal: true

module YellowTrack
  # One opening: its survey, and the set chosen for it with the choices that
  # differ from the kit's (handbook 9, "The opening file").
  class Opening
    attr_reader :grain, :survey, :kit

    # @param document [Hash] an opening file as Schema read it
    # @param kit [Kit]
    def initialize(document, kit)
      @document = document
      @grain = document["grain"] || Length::GRAIN.fetch(units)
      @survey = Survey.new(document["survey"])
      @choices = Dotted.flat(document["set"])
      @kit = kit
      freeze
    end

    # @return [String] "" where it has none
    def name = @document["name"] || ""

    # @return [Symbol] :mm or :in, that it is measured in
    def units = (@document["units"] || "mm").to_sym

    # The whole opening file, typed.
    def to_h = @document

    # Openings are the same when their files are: a plan is kept by what it was made of.
    def ==(other) = other.is_a?(Opening) && to_h == other.to_h

    alias_method :eql?, :==

    # @return [Integer] the same for openings that are the same
    def hash = [Opening, to_h].hash

    # @return [String, nil] nil while nothing is chosen
    def family = @choices["family"]

    # A choice of the fitter's.
    #
    # @param key [String] dotted, as in "slab.width"
    # @return [Object, nil] nil where he left it to the kit
    def [](key) = @choices[key]

    # The same opening with other readings of its survey, or more.
    #
    # @param readings [Hash] by their keys in the survey
    # @return [Opening]
    def read(readings)
      Opening.new(@document.merge("survey" => (@document["survey"] || {}).merge(readings)), kit)
    end

    # The same opening with another survey.
    #
    # @param survey [Survey]
    # @return [Opening]
    def surveyed(survey) = Opening.new(@document.merge("survey" => survey.to_h), kit)

    # The same opening with another set.
    #
    # @param choices [Hash] the "set" of an opening file, typed
    # @return [Opening]
    def hung_on(kit, choices) = Opening.new(@document.merge("set" => choices), kit)

    # What was read of a panel as it hangs, by its name; of two pairs that meet,
    # of "meet".
    #
    # @return [Hash] empty where nothing was read
    def hung(name) = @document.dig("hung", name) || {}

    # Writes lengths in the opening's unit, to what is shown of derived ones.
    def printer = Length::Printer.derived(units, grain)

    # Writes lengths that are cut, to the opening's own grain.
    def cut_printer = Length::Printer.cut(units, grain)
  end
end
