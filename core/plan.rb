# frozen_string_literal: true

module YellowTrack
  # A set worked out for an opening: values, checks and working
  # (handbook 9, "The plan file"). Frozen; made afresh whenever it is asked
  # for.
  class Plan
    # Each family's class, by its name in the opening file.
    FAMILIES = {"bypass" => "Bypass", "bifold" => "Bifold", "pocket" => "Pocket"}.freeze

    FORMAT = {"format" => "yellow-track/plan", "version" => 1}.freeze

    class << self
      # @param opening [Opening]
      # @return [Plan]
      # @raise [Faults] for readings still missing
      # @raise [Fault] for choices that make no set
      def of(opening)
        raise Faults.new(missing(opening)) unless opening.survey.complete?

        new(opening, family(opening).new(Brief.new(opening)))
      end

      private

      def missing(opening)
        opening.survey.missing.map do |key|
          Fault.new("not read yet. Nothing can be sized without the #{Survey::Words.name(key)}.", key: "survey.#{key}")
        end
      end

      def family(opening)
        agree(opening)
        YellowTrack.const_get(FAMILIES.fetch(opening.family))
      end

      def agree(opening)
        return if opening.kit.family == opening.family

        raise Fault.new("#{opening.kit.id} is a #{opening.kit.family} kit and the family is #{opening.family}. " \
          "Take a #{opening.family} kit.", key: "set.kit")
      end
    end

    # @return [Opening] what it was made from
    attr_reader :opening
    # @return [Object] the family's own set, which answers the drawings
    attr_reader :set
    # @return [Array<Check>] the worst first
    attr_reader :checks
    # @return [Prepare] what the opening needs first
    attr_reader :prepare

    def initialize(opening, set)
      @opening = opening
      @set = set
      @brief = set.brief
      @prepare = Prepare.new(set)
      @checks = (set.checks + prepare.checks).sort_by.with_index { |check, place| [check.weight, place] }.freeze
      @brief.work.freeze
      freeze
    end

    def working = @brief.work

    def survey = @brief.survey

    def figures = @brief.figures

    def closure = @brief.closure

    def sizing = set.sizing

    # @return [:stop, :watch, :note, nil]
    def worst = Check.worst(checks)

    # The plan file.
    def to_h
      Numbers.rounded(FORMAT.merge(
        "name" => opening.name, "family" => opening.family, "kit" => opening.kit.id,
        "survey" => figures.to_h.merge(closure: closure.to_h), "sizing" => sizing.to_h,
        **set.parts.transform_keys(&:to_s), "prepare" => prepare.to_h,
        "checks" => checks.map(&:to_h), "working" => working.entries.map(&:to_h)
      ))
    end
  end
end
