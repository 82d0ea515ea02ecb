# frozen_string_literal: true

module YellowTrack
  # All that a family is handed to work from: the opening, what its readings
  # come to, and the ledger.
  class Brief
    attr_reader :opening, :work, :closure, :figures, :printer

    # @param opening [Opening] with a complete survey
    # @param closure [Survey::Closure, nil] of it, where it is solved already
    # @param printer [Length::Printer, nil] of what is said, where it is not its own
    def initialize(opening, closure: nil, printer: nil)
      @opening = opening
      @printer = printer || opening.printer
      @work = Working.new
      @closure = closure || Survey::Closure.new(survey)
      @figures = Survey::Figures.new(survey, @closure, work, standing:)
    end

    # @return [Survey] of the opening
    def survey = opening.survey

    # @return [Kit] that it is sized for
    def kit = opening.kit

    # @return [Rational] mm that figures are rounded to
    def grain = opening.grain

    # A value of the fitter's, else of the kit's, written down with where it
    # came from.
    #
    # @param choice [String] its key among the choices, as in "lap"
    # @param kit_key [String] its key on the kit sheet, as in "lap.design"
    # @param title [String] name and symbol
    # @return [Rational]
    def take(choice, kit_key, title)
      chosen = opening[choice]
      if chosen
        return work.given("set.#{choice}", title, chosen, from: :fitter, source: "set.#{choice}",
          why: "Your own figure.")
      end

      work.given("set.#{choice}", title, kit.fetch(kit_key), from: :kit, source: "kit.#{kit_key}",
        why: "From the kit sheet #{kit.name}.")
    end

    # The panels' height as they come, not to be cut (handbook 15).
    #
    # @return [Rational, nil] mm; nil where they are cut to fit
    def given_height
      height = opening["height"] or return
      work.given("panels.height", "Panel height, Hp", height, from: :fitter, source: "set.height",
        why: "As the panels come; they are not cut.")
    end

    # Ends a plan whose lengths leave nothing to hang (handbook 2, "Nothing
    # left").
    #
    # @param sizing [Sizing] as far as it came
    # @param keys [Array<String>] of lengths that were worked out
    # @raise [NothingLeft] for those under 100 mm
    def leave(sizing, *keys)
      short = keys.filter_map { |key| work[key] }.select { |entry| entry.value < NothingLeft::LEAST }
      raise NothingLeft.new(self, sizing, short) if short.any?
    end

    # A value of the kit's, written down.
    def from_kit(key, title)
      work.given("kit.#{key}", title, kit.fetch(key), from: :kit, source: "kit.#{key}",
        why: "From the kit sheet #{kit.name}.")
    end

    # The covering still to come that what stands on the floor has under it: none
    # where it is laid up to a floor rail or its strip (handbook 15).
    #
    # @return [Rational] mm
    def standing = (kit.manner.carried == :floor && !survey.covering_under?) ? 0r : survey.covering

    # Leans of both jambs, as far as they are known.
    #
    # @return [Hash{Symbol => Rational}]
    def leans = %i[left right].to_h { |side| [side, figures.lean(side)] }.compact
  end
end
