# frozen_string_literal: true

module YellowTrack
  module Practice
    # What every drill shares: it draws until its question has a best answer that every
    # slip of its list misses by more than would still be good.
    class Drill
      TRIES = 400 # draws, until one has a best answer that every slip misses
      PATTERNS = {2 => [2, 1], 3 => [2, 1, 2], 4 => [2, 1, 1, 2]}.freeze # lanes of so many panels

      # @param level [Integer]
      # @param seed [Integer]
      # @param read [#call] gives what a command reads from a document, by its name and it
      def initialize(level, seed, read)
        @level, @seed, @read = level, seed, read
        @site = MadeUp.new(Random.new(Random.new(seed).rand(2**40) + level * 7919 + self.class::KEY.sum), level)
      end

      # @return [Question]
      def question
        TRIES.times do
          made = draw
          return made if made && distinct?(made)
        end
        raise "#{self.class::KEY}, level #{@level}, seed #{@seed}: no question was found"
      end

      # What its answers would be on another document, of its last question misread; nil where
      # that asks something else.
      #
      # @param document [Hash]
      # @return [Array<Part>, nil]
      def misread(document)
        @document = document
        worked = worked(@read.call(file, document))
        worked && parts(worked)
      end

      private

      attr_reader :level, :site

      # The set of a sliding door that is cut to fit, hung from the head.
      #
      # @param more [Hash] keys of the opening file's set beside those
      # @return [Hash]
      def sliding(panels = 2, **more)
        {"family" => "bypass", "kit" => "twin-42", "panels" => panels, "pattern" => PATTERNS.fetch(panels),
         "thickness" => site.told(site.about(28..32)), "makeup" => [{"material" => "hollow core"}],
         **more.transform_keys(&:to_s)}
      end

      # A pair that folds, its pivots and pins where no kit that ships has them.
      #
      # @param inset [Integer] grains, of the pivot from its edge
      # @param more [Hash] keys of the opening file's set beside those
      # @return [Hash]
      def folding(document, inset:, **more)
        set = {"family" => "bifold", "kit" => "fold-34", "panels" => 2, "thickness" => site.told(site.about(30..40)),
               "makeup" => [{"material" => "solid timber"}], **more.transform_keys(&:to_s)}
        sheet = Numbers.rounded(@read.call("plan", document.merge("set" => set)).kit.to_h)
        own = sheet.merge("id" => "fold-34-own", "name" => "Fold 34, its pivot elsewhere",
          "pivot_inset" => Numbers.rounded(inset * site.grain))
        document.merge("set" => set.merge("kit" => own))
      end

      # A question, or nil where the draw is none.
      def draw
        @document = drawn or return
        worked = worked(@read.call(file, @document)) or return
        parts = parts(worked) or return
        posed(worked, parts)
      end

      # The command that reads its documents.
      def file = "plan"

      # What the answers stand in; nil where it comes to nothing.
      #
      # @param opening [Opening]
      # @return [Plan, nil]
      def worked(opening)
        @subject = opening
        plan = Plan.of(opening)
        plan if plan.whole?
      end

      # All that a question is made of, once it has parts.
      def posed(worked, parts)
        Question.new(drill: self.class::KEY, level:, seed: @seed, file:, document: @document, subject: @subject,
          units: site.units, asked: asked(@document["set"]), parts:, given: given(worked), grain: site.grain, play:)
      end

      # What goes on before it is answered.
      def play = nil

      # What a sum has in it that no reading says.
      #
      # @return [Hash{String => Numeric, String}] mm or words, by a name
      def given(_plan) = {}

      # An answer that stands in the plan's ledger.
      #
      # @param slips [#call] gives those of its entry
      # @return [Part]
      def part(plan, key, label, slips:, kind: :length, **rest)
        entry = plan.working[key]
        Part.new(key:, label:, kind:, entry:, answer: entry.value, slips: slips.call(entry).compact, **rest)
      end

      # What a sum of the ledger comes to with some of its numbers changed; nil where that
      # changes nothing.
      #
      # @param formula [String, nil] another way to work it out
      def slip(words, entry, formula: entry.formula, **changed)
        value = Formula.of(formula).value({**entry.values, **changed})
        Slip.new(words, value) unless value == entry.value
      end

      # At the last level a slip comes near the answer, where a length is asked.
      def close?(question)
        lengths = question.parts.select(&:length?)
        lengths.empty? || lengths.any? do |part|
          part.slips.any? { |slip| (slip.value - part.answer).abs <= 2 * Mark::USABLE }
        end
      end

      # At the last level a slip has to come near as well: telling it from the answer is what is practised.
      def distinct?(question)
        return false if level == Drills::LEVELS.max && !close?(question)

        question.parts.all? { |part| part.length? ? apart?(part, question) : missed?(part) }
      end

      def missed?(part) = part.slips.none? { |slip| slip.value == part.answer }

      # No slip comes so near that it would still be good (handbook 12, "Difficulty").
      def apart?(part, question)
        near = [Mark::GOOD.fetch(question.units), question.grain * 3 / 4].max
        part.slips.any? && part.slips.all? { |slip| (slip.value - part.answer).abs > near }
      end
    end
  end
end
