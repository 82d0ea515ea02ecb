# frozen_string_literal: true

module YellowTrack
  # All that a family is handed to work from: the opening, what its readings
  # come to, and the ledger.
  class Brief
    attr_reader :opening, :survey, :kit, :work, :closure, :figures, :printer

    # How far a panel of this set can be rocked to a leaning jamb, mm; nil
    # where that is not how the set fits. The family says it.
    attr_accessor :rock

    # @param opening [Opening] with a complete survey
    def initialize(opening)
      @opening = opening
      @survey = opening.survey
      @kit = opening.kit
      @printer = opening.printer
      @work = Working.new
      @closure = Survey::Closure.new(survey)
      @figures = Survey::Figures.new(survey, closure, work)
    end

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
        return work.given("set.#{choice}", title, chosen, from: :fitter, source: "set.#{choice}", why: "Your own figure.")
      end

      work.given("set.#{choice}", title, kit.fetch(kit_key), from: :kit, source: "kit.#{kit_key}",
        why: "From the kit sheet #{kit.name}.")
    end

    # A value of the kit's, written down.
    def from_kit(key, title)
      work.given("kit.#{key}", title, kit.fetch(key), from: :kit, source: "kit.#{key}",
        why: "From the kit sheet #{kit.name}.")
    end

    # Leans of both jambs, as far as they are known.
    #
    # @return [Hash{Symbol => Rational}]
    def leans = %i[left right].to_h { |side| [side, figures.lean(side)] }.compact
  end
end
