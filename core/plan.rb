# frozen_string_literal: true

module YellowTrack
  # A set worked out for an opening: values, checks and working
  # (handbook 9, "The plan file"). Frozen; made afresh whenever it is asked
  # for.
  class Plan
    FORMAT = {"format" => "yellow-track/plan", "version" => 1}.freeze

    class << self
      # @param opening [Opening]
      # @return [Plan]
      # @raise [Faults] for readings still missing
      # @raise [Fault] for choices that make no set
      def of(opening)
        raise Faults.new(missing(opening)) unless opening.survey.complete?

        agree(opening)
        brief = Brief.new(opening)
        begin
          new(brief, opening.kit.manner.set_class.new(brief))
        rescue NothingLeft => e
          Ended.new(brief, e)
        end
      end

      private

      def missing(opening)
        opening.survey.missing.map do |key|
          Fault.new("not read yet. Nothing can be sized without the #{Survey::Words.name(key)}.", key: "survey.#{key}")
        end
      end

      def agree(opening)
        return if opening.kit.family == opening.family

        raise Fault.new("#{opening.kit.id} is a #{opening.kit.family} kit and the family is #{opening.family}. " \
          "Take a #{opening.family} kit.", key: "set.kit")
      end
    end

    # @return [Family, nil] the family's own set, which answers the drawings; nil
    #   where the plan ended before there was one
    attr_reader :set
    # @return [Array<Check>] the worst first
    attr_reader :checks
    # @return [Prepare] what the opening needs first
    attr_reader :prepare

    # @param brief [Brief]
    # @param set [Family]
    def initialize(brief, set)
      @brief = brief
      @set = set
      @prepare = Prepare.new(set)
      @checks = sorted(set.checks + prepare.checks)
      @brief.work.freeze
      freeze
    end

    # Whether it came to a set.
    def whole? = !set.nil?

    # @return [Opening] what it was made from
    def opening = @brief.opening

    def working = @brief.work

    def survey = @brief.survey

    def figures = @brief.figures

    def closure = @brief.closure

    def sizing = set.sizing

    # Whether its heights are cut from a check measurement that is still to be
    # taken (handbook 8, "Two schools").
    def waits_for_check? = opening["height_cut"] == "site" && survey.check.nil?

    # @return [:stop, :watch, :note, nil]
    def worst = Check.worst(checks)

    # The plan file.
    def to_h
      Numbers.rounded(FORMAT.merge(
        "name" => opening.name, "family" => opening.family, "kit" => opening.kit.id,
        "survey" => figures.to_h.merge(closure: closure.to_h), "sizing" => sizing.to_h, **parts,
        "checks" => checks.map(&:to_h), "working" => working.entries.map(&:to_h)
      ))
    end

    private

    def parts = {**set.parts.transform_keys(&:to_s), "prepare" => prepare.to_h}

    def sorted(checks) = checks.sort_by.with_index { |check, place| [check.weight, place] }.freeze
  end
end
