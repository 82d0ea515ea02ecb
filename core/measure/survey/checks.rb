# frozen_string_literal: true

require "forwardable"

module YellowTrack
  class Survey
    # What is wrong with an opening, and what its readings cannot tell
    # (handbook 2).
    class Checks < CheckList
      # What they look at: an opening with what is sized to it.
      #
      # sizing [Sizing]
      # rock   [Numeric, nil] mm that a panel can be rocked to a leaning jamb; nil
      #        where that is not how the set fits
      # cover  [Numeric, nil] least cover beyond a jamb, mm, of a set on the wall; nil
      #        inside the opening
      Sized = Struct.new(:brief, :sizing, :rock, :cover) do
        extend Forwardable

        def_delegators :brief, :survey, :closure, :figures, :leans, :kit
      end

      # @return [Array<Check>]
      def self.found(brief, sizing:, rock: nil, cover: nil)
        new(Sized.new(brief, sizing, rock, cover), brief.printer).found
      end

      TAPER = 3
      BOW = 2
      SAG = 3
      FALL = 5
      SPREAD = 60
      WIDTH = 300..7000
      HEIGHT = 600..4000
      LONE = 12 # mm that a jamb may lean by one diagonal alone

      check "survey.suspect", :stop do |brief|
        suspects = brief.closure.suspects
        next if suspects.empty?

        slips = suspects.map do |key|
          "the #{Words.name(key)} by about #{len(brief.closure.residuals[key].slip.abs)}"
        end
        apart = (suspects.length > 1) ? " The sums cannot tell them apart." : ""
        ["These readings do not close. Out may be #{slips.join(", or ")}.#{apart}",
          "Measure #{Words.list(suspects)} again."]
      end

      check "survey.planned", :note do |brief|
        next unless brief.survey.planned?

        ["Still to be built: #{num(brief.survey.widths.first)} wide and #{len(brief.figures.level_height)} high " \
          "above the finished floor.", "Build it so, and measure it once it stands."]
      end

      check "survey.open", :watch do |brief|
        brief.closure.open? && !brief.survey.planned? &&
          ["No diagonal and no lean: the shape of the opening cannot be known.",
            "Take one diagonal or one lean at least."]
      end

      check "survey.unchecked", :note do |brief|
        unchecked = brief.closure.unchecked
        next if unchecked.empty?

        further = brief.closure.further
        many = "#{unchecked.length} readings. Those are #{Words.list(unchecked)}" if unchecked.length > 2
        ["Nothing would show a slip in #{many || Words.list(unchecked, joined: "or")}.",
          further ? "Read the #{Words.name(further)} too: it checks most of them." : "Take the readings a second time."]
      end

      check "survey.lone", :watch do |brief|
        next unless brief.closure.state == :solved && brief.sizing.plumb?

        lean = %i[left right].map { |side| brief.closure.lean(side) }.max_by(&:abs)
        says = "One reading alone gives the jambs' lean, and nothing checks it: the set is sized to the tightest width."
        cure = "Take the other diagonal, or read both leans with a plumb line."
        next [says, cure] if lean.abs <= LONE

        [:stop, "By one reading alone a jamb leans #{len(lean.abs)}: a slip is likelier than such a jamb. The set is " \
          "sized to the tightest width.", cure]
      end

      check "survey.taper", :watch do |brief|
        spread = brief.figures.width_spread
        rock = brief.rock
        leaning = rock ? brief.leans.select { |_, lean| lean.abs > rock } : {}
        next if spread <= TAPER && leaning.empty?
        if leaning.any?
          next [:stop, "#{lean_words(brief)} A panel can be rocked #{at_most(rock)}.",
            "#{packed(brief, spread)} first, or size the set plumb."]
        end

        if brief.cover
          next ["The widths differ by #{len(spread)}: the cover does, too.",
            "The least cover beyond a jamb is #{len(brief.cover)}; at the narrow places it is more."]
        end

        ["The widths differ by #{len(spread)}. #{lean_words(brief)}".strip, tapered(brief, spread)]
      end

      check "survey.bow", :watch do |brief|
        bow = brief.figures.bow
        bow.abs > BOW && ["The jambs bow #{len(bow.abs)} #{bow.positive? ? "into the opening" : "outward"} half-way " \
          "up.",
          "No adjuster takes a bow out. Plane it, pack it or accept it."]
      end

      check "survey.sag", :watch do |brief|
        sag = brief.figures.sag
        sag > SAG && ["The head hangs #{len(sag)} in the middle.",
          "Level the track from the low point and pack the rest."]
      end

      check "survey.fall", :watch do |brief|
        fall = brief.figures.floor_fall
        fall > FALL && ["The floor falls #{len(fall)} across the opening.",
          "The gap under the panels will show it. Watch the least and the most."]
      end

      check "survey.level", :note do |brief|
        (brief.survey.floor.read? || brief.survey.planned?) ? nil : ["No floor stations: the level height is a guess.",
          "Read the floor with a long level at both jambs and the middle."]
      end

      check "survey.covering", :watch do |brief|
        covering = brief.figures.covering
        covering.positive? && ["A covering of #{len(covering)} is still to be laid.",
          "Set brackets and guides on blocks of #{len(covering)}, or wait for it."]
      end

      check "survey.range", :stop do |brief|
        beyond = brief.survey.widths.reject { |width| WIDTH.cover?(width) }
        tall = brief.survey.heights.reject { |height| HEIGHT.cover?(height) }
        next if beyond.empty? && tall.empty?

        [[beyond, "width", WIDTH], [tall, "height", HEIGHT]].filter_map do |list, word, range|
          list.any? && "A #{word} of #{len(list.first)} is outside #{num(range.min)} to #{len(range.max)}."
        end.join(" ").then { |says| [says, "Measure again."] }
      end

      check "survey.spread", :stop do |brief|
        survey = brief.survey
        wide = {"widths" => survey.widths, "heights" => survey.heights, "diagonals" => survey.diagonals}
          .select { |_, list| list.length > 1 && list.max - list.min > SPREAD }
        next if wide.empty?

        says = wide.map { |word, list| "The #{word} differ by #{len(list.max - list.min)}." }
        [says.join(" "), "One of them is a slip. Measure them again."]
      end

      private

      # Both jambs' leans in a sentence; empty while they are not known.
      # Panels that hang plumb are not rocked: the jamb comes to them.
      def tapered(brief, spread)
        plumb = brief.sizing.plumb? || brief.kit.manner.folds?
        return "#{packed(brief, spread)}, or scribe a strip to it: what hangs plumb is not rocked." if plumb

        "Rock each panel to its jamb. Or: #{packed(brief, spread).sub("Pack", "pack")}."
      end

      # Where a leaning jamb is packed so that it stands plumb, and how much.
      def packed(brief, spread)
        leaning = brief.leans.reject { |_, lean| lean.zero? }
        return "Pack a jamb, up to #{at_most(spread)}" if leaning.empty?

        told = leaning.map { |side, lean| "the #{side} jamb #{len(lean.abs)} at its #{foot_or_top(side, lean)}" }
        "Pack #{told.join(" and ")}"
      end

      # The end of a leaning jamb that stands back from plumb.
      def foot_or_top(side, lean) = if ((side == :left) ? lean : -lean).positive?
                                      "foot"
                                    else
                                      "top"
                                    end

      def lean_words(brief)
        brief.leans.map do |side, lean|
          next "The #{side} jamb stands plumb." if lean.zero?

          "The #{side} jamb leans #{len(lean.abs)} to the #{lean.negative? ? "left" : "right"}."
        end.join(" ")
      end
    end
  end
end
