# frozen_string_literal: true

module YellowTrack
  module Practice
    # Which reading is wrong, and by about how much (handbook 2): ten readings and a floor,
    # one of them with a slip in it, or none at the last level.
    # Ten readings of which one, the rising diagonal, say, is 24 mm too long. The right height would explain it nearly
    # as well; diagonals slip more often, so the diagonal is read first.
    class ReadOpening < Drill
      KEY, NAME = "read-opening", "Read the opening"
      LEARN = "Widths, heights, diagonals and leans check each other: the one that goes with none of the rest is " \
        "wrong. Leans that agree with the diagonals are honest."
      NONE = "none"
      SLIPS = {1 => 40..90, 2 => 25..60, 3 => 14..30, 4 => 14..30, 5 => 10..18}.freeze # mm
      ALONE = 0.9 # of the worst residual: what is no suspect stays under it
      # A slip in a diagonal and one in its height look alike: the diagonal is read first.
      HEIGHTS = {"diagonals.falling" => "heights.left", "diagonals.rising" => "heights.right"}.freeze

      # The reading that departs the most, in words, and what is blamed.
      #
      # @param closure [Survey::Closure]
      def self.departs(closure)
        key, worst = closure.residuals.max_by { |_, residual| residual.w.to_f.abs }
        blamed = closure.suspects.map { |one| one.tr(".", " ") }
        "#{key.tr(".", " ")}: #{worst.v.round(1)} mm are left over, #{worst.w.abs.round(1)} times what a tape does; " \
          "from #{Survey::Closure::LIMIT} on a reading is blamed. #{blamed.empty? ? "None is." : "Blamed: " \
            "#{blamed.join(", ")}."}"
      end

      private

      # Drawn from corners that are true and read without fault; then one reading is spoilt, so that the answer is
      # known before anything is solved.
      def drawn
        width, height = site.about(1100..2400), site.about(2000..2400)
        @true = corners(width, height)
        readings = read
        @wrong, @slip = (level == 5 && site.pick([true, false])) ? [NONE, 0] : slipped(readings)
        document(readings, width)
      end

      # True corners, in grains from the left foot.
      def corners(width, height)
        off = -> {
          if level == 1
            0
          else
            site.pick((level == 2) ? -2..2 : -6..6)
          end
        }
        {br: [width, off.call], tl: [off.call, height], tr: [width + off.call, height + off.call]}
      end

      # What a tape reads of them.
      def read
        bl, br, tl, tr = [0, 0], *@true.values_at(:br, :tl, :tr)
        between = ->(one, other) { Math.hypot(other[0] - one[0], other[1] - one[1]).round }
        half = ->(one, other) { [(one[0] + other[0]) / 2.0, (one[1] + other[1]) / 2.0] }
        {"widths.top" => between.call(tl, tr), "widths.bottom" => between.call(bl, br),
         "widths.middle" => between.call(half.call(bl, tl), half.call(br, tr)), "heights.left" => between.call(bl, tl),
         "heights.right" => between.call(br, tr),
         "heights.middle" => between.call(half.call(bl, br), half.call(tl, tr)),
         "diagonals.rising" => between.call(bl, tr), "diagonals.falling" => between.call(br, tl),
         "leans.left" => tl[0], "leans.right" => tr[0] - br[0]}
      end

      # Puts a slip into one of them. @return [Array] which, and by how many grains
      def slipped(readings)
        key = site.pick(%w[widths.top widths.bottom diagonals.rising diagonals.falling])
        by = (site.pick(SLIPS.fetch(level)) / site.grain).round * site.pick([1, -1])
        readings[key] += by
        [key, by]
      end

      # As an opening file has it: readings in their groups, the floor from its lower end up.
      def document(readings, width)
        survey = readings.each_with_object({}) do |(key, grains), made|
          group, place = key.split(".")
          (made[group] ||= {})[place] = site.told(grains)
        end
        fall = @true[:br][1]
        floor = [[0, 0], [width, fall]].map { |at, rise| [site.told(at), site.told(rise - [0, fall].min)] }
        {"format" => "yellow-track/opening", "version" => 1, "name" => "Practice", "units" => site.units,
         "survey" => {**survey, "floor" => floor.map { |at, rise| [at, rise.abs] },
                                "covering" => {"thickness" => 0, "laid" => true}},
         "set" => sliding}
      end

      def asked(_set) = "Which reading is wrong, and by about how much?"

      # Only where the closure blames that one reading, and no other nearly as much.
      def parts(plan)
        closure = plan.closure
        blamed = (@wrong == NONE) ? nil : @wrong
        return unless closure&.checked? && closure.suspects.first == blamed && alone?(closure)

        [blamed(closure), (by(closure) unless @wrong == NONE)].compact
      end

      # At the last level mostly nothing is wrong, else it departs by little.
      def close?(_question) = true

      # A second reading nearly as far off would be as good an answer, and the question none.
      def alone?(closure)
        worst = closure.residuals.transform_values { |residual| residual.w.to_f.abs }
        return worst.values.max < Survey::Closure::LIMIT * ALONE if @wrong == NONE

        worst.except(*closure.suspects).values.max <= worst.fetch(@wrong) * ALONE
      end

      # Every reading is offered, and that none of them is wrong.
      def blamed(closure)
        options = closure.residuals.keys.to_h { |key| [key, key.tr(".", " ")] }.merge(NONE => "none: they agree")
        Part.new(key: "wrong", label: "wrong reading", kind: :choice, answer: @wrong, options:, slips: blames,
          why: why(closure))
      end

      # Where another reading would explain it as well, that is said: the closure cannot tell them apart either.
      def why(closure)
        return "No reading departs from the others by more than a tape does." if @wrong == NONE

        told = "It departs #{closure.residuals.fetch(@wrong).w.abs.round(1)} times as far from the rest as a tape does."
        height = HEIGHTS[@wrong]
        height ? "#{told} A slip in #{height.tr(".", " ")} would look the same; diagonals slip more often." : told
      end

      # What somebody blames who looks at the largest number: the height that the diagonal spans, or a lean that is
      # true.
      def blames
        height = HEIGHTS[@wrong]
        leans = %w[leans.left leans.right].map { |key| Slip.new("an honest lean was taken for a slip", key) }
        [(Slip.new("that height is blamed for its diagonal", height) if height), *leans].compact
      end

      # As the closure tells it, not as it was put in: by how much the reading departs from what the rest say.
      def by(closure)
        residual = closure.residuals.fetch(@wrong)
        slip = residual.slip.round(1).to_r
        Part.new(key: "by", label: "too long by; − for too short", kind: :length, answer: slip,
          slips: [Slip.new("that is the right size, and the wrong way", -slip)],
          why: "What is left over of it, #{residual.v.round(1)} mm, by its share in the check, #{residual.r.round(2)}.")
      end
    end
  end
end
