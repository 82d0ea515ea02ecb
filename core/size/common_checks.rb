# frozen_string_literal: true

module YellowTrack
  # Words that several families' checks share.
  module CommonChecks
    HEAVY = 85r / 100 # share of the limit from which to watch
    SHORTEST = 500 # mm

    private

    def kilos(weight) = "#{weight.to_f.round(1)}\u00A0kg"

    WEIGHS = {"panel" => "A panel weighs", "pair" => "A pair weighs", "set" => "The panels weigh"}.freeze
    private_constant :WEIGHS

    # Over the kit's limit, or near it, by what the kit counts.
    def weighed(set)
      return unless set.weight

      counts, most = set.kit.fetch("weight.counts"), set.kit.fetch("weight.most")
      weight = set.weight * {"panel" => 1, "pair" => 2, "set" => set.panels.length}.fetch(counts)
      return if weight <= most * HEAVY

      says = "#{WEIGHS.fetch(counts)} #{kilos(weight)}; the kit carries #{kilos(most)}."
      (weight > most) ? [says, "Take a lighter make-up or a stronger kit."] :
        [:watch, says, "Little is left for fittings."]
    end

    def too_tall_or_short(set)
      tallest = set.kit.fetch("tallest")
      if set.height > tallest
        return ["The panels are #{at_least(set.height)} tall; the kit takes #{len(tallest)}.",
          "Build the head down, or take another kit."]
      end

      set.height < SHORTEST && ["The panels come out at #{at_most(set.height)}; under #{len(SHORTEST)} they will not " \
        "run true.",
        "Measure the heights again."]
    end

    # A set that is too deep for its opening: the lining is brought forward, or the panels are thinner.
    #
    # @param over [Rational] mm
    # @param other [String] what else helps
    def less_deep(set, over, other)
      thinner = set.thickness - over
      panels = (thinner >= set.kit.fetch("thickness").first) ? "take panels of #{at_most(thinner)} or less, or " : ""
      "Make head and jambs #{at_least(over)} deeper, #{panels}take #{other}."
    end

    # Outside the thicknesses that the kit takes.
    def wrong_thickness(set)
      thin, thick = set.kit.fetch("thickness")
      !set.thickness.between?(thin, thick) && [
        "Panels of #{len(set.thickness)} do not go into #{set.kit.name}: it takes #{num(thin)} to #{len(thick)}.",
        "Take other panels or another kit."
      ]
    end

    # @param planned [Rational] the floor gap over the high point, mm
    def gap_under_least(gap, least, where, planned:)
      least && gap < least && ["The floor gap comes down to #{at_most(gap)} #{where}; the least is #{len(least)}.",
        "Plan a floor gap of #{at_least(planned + least - gap)}, or level the floor."]
    end

    def gap_over_most(gap, most, where)
      most && gap > most && ["The floor gap grows to #{at_least(gap)} #{where}; the most is #{len(most)}.",
        "Level the floor, or accept the gap."]
    end
  end
end
