# frozen_string_literal: true

module YellowTrack
  module Practice
    # An opening and a set: which reading is taken twice before anything is cut, and from which slip on it would spoil
    # the set (handbook 16). Of what is read alike one reading has to be ahead of all others.
    # A height at the left that spoils the set from 3 mm on, and that the others show from 12 on only: that is read
    # again, though a diagonal is longer and a width narrower.
    class WhichOnceMore < ReadOpening
      KEY, NAME = "which-once-more", "Which once more"
      LEARN = "A slip that the other readings show is told anyway; one that the set stands does no harm. What is " \
        "taken twice is what lies between: the set does not stand it and nothing shows it."
      OFF = {1 => [-20, -10, 0, 10, 20], 2 => -9..9, 3 => -8..8, 4 => -6..6, 5 => -5..5}.freeze # grains, of a corner
      KITS = %w[twin-42 roll-36].freeze
      NEAR = (1..4) # grains that ready-made panels lap more than the least
      LOW = 3 # mm that ready-made panels are lower than cut ones
      ASKED = /\Asurvey\.(?:widths|heights|diagonals)\./ # of the floor, the covering and the tape it is not asked

      # What a set that is cut already says of the opening as it is in truth.
      #
      # @param plan [Plan]
      def self.stands(plan)
        stop = plan.checks.find { |check| check.stop? && !check.code.start_with?("survey.") }
        shown = plan.closure.suspects.any? ? "The other readings show it." : "No other reading shows it."
        "#{stop ? stop.sentences.first : "The set stands it."} #{shown}"
      end

      private

      def drawn
        width = site.about(1100..2400)
        @true = corners(width, site.about(2000..2400))
        document(read, width).then { |made| made.merge("set" => set(made)) }
      end

      def corners(width, height)
        off = -> { site.pick(OFF.fetch(level)) }
        {br: [width, off.call], tl: [(level < 3) ? 0 : off.call, height + off.call],
         tr: [width + ((level < 3) ? 0 : off.call), height + off.call]}
      end

      # Cut to fit, or ready-made so that they lap by little.
      def set(made)
        kit = (level == 1) ? KITS.first : site.pick(KITS)
        base = sliding(2, "kit" => kit, "thickness" => site.told((26 / site.grain).round))
        return base if site.pick([true, false])

        plan = Plan.of(@read.call("plan", made.merge("set" => base)))
        return base unless plan.whole?

        lap = (plan.opening.kit.fetch("lap.least") / site.grain).ceil + site.pick(NEAR)
        run = (plan.working["run"].value / site.grain).floor
        base.merge("width" => site.told((run + lap) / 2),
          "height" => site.told(((plan.set.height - LOW) / site.grain).floor))
      end

      # Every limit that decides.
      def given(plan)
        kit = plan.opening.kit
        {"panels wide" => plan.set.width, "panels high" => plan.set.height,
         "lap" => plan.working["laps.lap"].value, "the kit's lap, least" => kit.fetch("lap.least"),
         "the kit's lap, most" => kit["lap.most"], "gap" => plan.working["gap"]&.value,
         "the kit's gap, least" => kit["gap.least"], "the kit's gap, most" => kit["gap.most"],
         "the kit's engagement, least" => kit["rail.engagement.least"]}.compact
      end

      def asked(_set) = "Which reading is taken twice before anything is cut, and from which slip on does it spoil?"

      # Only where one reading is ahead, and what each slip names is another.
      def parts(plan)
        @rows = Sure.new(@subject, plan, asked: ASKED).rows.to_h { |row| [row.key.delete_prefix("survey."), row] }
        first, second = @rows.select { |_, row| row.twice? }.sort_by { |_, row| row.unseen }
        return if first.nil? || first.last.unseen > Sure::NAMED_TO
        return if second && second.last.unseen == first.last.unseen

        [reading(*first), from(*first)]
      end

      # Each reading is offered; slips are those that draw the eye.
      def reading(key, row)
        slips = [Slip.new("that is the largest reading", largest), Slip.new("that is the narrowest place", narrowest),
          Slip.new("the other readings show a slip there anyway", seen_anyway)]
        Part.new(key: "once-more", label: "once more", kind: :choice, answer: key,
          options: @rows.keys.to_h { |one| [one, one.tr(".", " ")] },
          slips: slips.reject { |slip| slip.value.nil? || slip.value == key }.uniq(&:value), why: why(row))
      end

      # The steps of the core, for nobody can tell 4 from 5 by eye.
      def from(_key, row)
        steps = Sure::STEPS.to_h { |step| [step.to_i.to_s, "#{step.to_i} mm"] }
        way = row.closest.last
        slips = {"it only troubles from there on" => way.troubles, "from there on it is seen" => way.seen}
        Part.new(key: "from", label: "it spoils from", kind: :choice, answer: row.unseen.to_i.to_s, options: steps,
          slips: slips.filter_map { |words, step| Slip.new(words, step.to_i.to_s) if step && step != row.unseen },
          why: way.says)
      end

      # What is taken for the weakest reading by somebody who thinks of the tape's own fault.
      def largest = @rows.keys.max_by { |key| value(key) }

      def narrowest = @rows.keys.grep(/\Awidths/).min_by { |key| value(key) }

      # The first that would spoil the set as soon, if nothing showed it.
      def seen_anyway = @rows.select { |_, row| row.spoils && row.unseen.nil? }.min_by { |_, row| row.spoils }&.first

      def value(key) = @subject.survey[key]

      # What the slip does, and from where on the rest would show it.
      def why(row)
        side, way = row.closest
        seen = way.seen ? "the others show it from #{way.seen.to_i} mm on" : "nothing shows it"
        "#{way.spoils.to_i} mm #{side}, and: #{way.says} #{seen[0].upcase}#{seen[1..]}."
      end
    end
  end
end
