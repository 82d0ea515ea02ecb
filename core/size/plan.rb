# frozen_string_literal: true

module YellowTrack
  # A set worked out for an opening: values, checks and working
  # (handbook 9, "The plan file"). Frozen; made afresh whenever it is asked
  # for.
  class Plan
    FORMAT = {"format" => "yellow-track/plan", "version" => 1}.freeze

    class << self
      # @param opening [Opening]
      # @param closure [Survey::Closure, nil] of its readings, where it is solved
      #   already
      # @param printer [Length::Printer, nil] that writes the lengths in what is said;
      #   the opening's own where none is given
      # @return [Plan]
      # @raise [Faults] for readings still missing
      # @raise [Fault] for choices that make no set
      def of(opening, closure: nil, printer: nil)
        agree(opening)
        opening = Planned.built(opening) if opening.survey.planned?
        raise Faults.new(missing(opening)) unless opening.survey.complete?

        brief = Brief.new(opening, closure:, printer:)
        begin
          new(brief, Sets.of(opening.kit).set.new(brief))
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
        faults = [other_kit(opening), both_heights(opening), shares(opening), other_tongue(opening),
          other_inset(opening)].compact
        raise faults.first if faults.length == 1
        raise Faults.new(faults) if faults.any?
      end

      def other_kit(opening)
        return if opening.kit.family == opening.family

        Fault.new("#{opening.kit.id} is a #{opening.kit.family} kit and the family is #{opening.family}. " \
          "Take a #{opening.family} kit.", key: "set.kit")
      end

      # Panels that are not cut, and a slab that is: not both (handbook 15).
      def both_heights(opening)
        height, slab = opening["height"], opening["slab.height"]
        return unless height && slab

        told = opening.printer
        Fault.new("panels #{told.with_unit(height)} high that may not be cut, and set.slab.height " \
          "#{told.with_unit(slab)}, that is cut: give one of the two.", key: "set.height")
      end

      # Parts of one face, together more than all of it.
      def shares(opening)
        parts = (opening["makeup"] || []).map { |layer| layer["share"] }
        return if parts.length < 2 || parts.any?(&:nil?) || parts.include?(1) || parts.sum <= 1

        Fault.new("shares of #{parts.map { |part| part.to_f.round(3) }.join(" and ")} cover more than the panel. " \
          "Together they come to 1 at most; a layer over the whole face has no share.", key: "set.makeup")
      end

      # A pair that folds turns where its kit says (handbook 9).
      def other_inset(opening)
        return unless opening["inset"] && opening.kit.manner.folds?

        Fault.new("#{opening.printer.with_unit(opening["inset"])} is for a set on rollers; the pivot of a bifold " \
          "stands where its kit says. Leave it out.", key: "set.inset")
      end

      def other_tongue(opening)
        return unless opening["guide"] == "tongue" && opening.kit.manner.key != "top-hung"

        Fault.new("\"tongue\" runs in the floor under a top-hung set; this one is #{opening.kit.manner.key}. " \
          "Take groove or side.", key: "set.guide")
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

    # @return [Working] every figure's sum
    def working = @brief.work

    # @return [Survey] as it was read
    def survey = @brief.survey

    # @return [Survey::Figures] what the readings come to
    def figures = @brief.figures

    # @return [Survey::Closure] whether they agree
    def closure = @brief.closure

    # @return [Sizing] to what the panels are sized
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
