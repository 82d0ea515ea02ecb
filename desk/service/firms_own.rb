# frozen_string_literal: true

module YellowTrack
  module Desk
    # The firm's own book of causes: what was found by hand at a door is offered as a row of it, with the symptoms and
    # the answers that it had there.
    class FirmsOwn
      # @param opening [KeptOpening] of a door that hangs badly
      def initialize(opening)
        @opening = opening
        @door = opening.service
      end

      # What it may be called: as it was written down.
      def label = @door["was"].to_s

      # Symptoms that it had, by key, in words.
      def symptoms = @door.symptoms.to_h { |key| [key, @door.knowledge.symptoms.fetch(key).label] }

      # Answers that may tell it: what was found and is known.
      #
      # @return [Hash{Diagnosis::Finding => String}] with the answer
      def answers
        @door.findings.compact.to_h { |key, found|
          finding = @door.knowledge.findings.fetch(key)
          [finding, finding.answer(found)]
        }
      end

      # Writes it down, and it joins the ranking.
      #
      # @param typed [Hash] "label", "symptoms", "told", "minutes", "hands", "door_off", "fix"
      # @return [String] its key
      # @raise [Faults]
      def keep!(typed, who:)
        made = cause(typed)
        faults = [*missing(typed), *taken(made), *made.faults].uniq(&:key)
        raise Faults.new(faults) if faults.any?

        @opening.book.transaction do
          @opening.book.own_causes.save(made.key, made.row, who:)
          @door.take_up!(made.key, who:) if @door["cause"] == Diagnosis::Knowledge::NONE
        end
        made.key
      end

      private

      def cause(typed)
        found = answers.transform_keys(&:key)
        Diagnosis::OwnCause.new(Files::Knowledge.of(@door.family).with(others),
          label: typed["label"].to_s, symptoms: chosen(typed, "symptoms", symptoms.keys),
          told: found.slice(*chosen(typed, "told", found.keys)),
          mend: {"minutes" => number(typed["minutes"], 45), "hands" => number(typed["hands"], 1),
                 "door_off" => typed["door_off"] == "1", "fix" => typed["fix"].to_s.lines})
      end

      # The firm's other causes: it has to be told from them, too.
      def others = @opening.book.own_causes.of(@door.family)

      def chosen(typed, name, known) = Array(typed[name]).map(&:to_s) & known

      def number(text, usual) = text.to_s.strip.empty? ? usual : (Integer(text.to_s, 10, exception: false) || text.to_s)

      # Its words may stand for another already.
      def taken(made)
        before = @opening.book.own_causes.all[made.key]
        return [] if before.nil? || before == made.row

        [Fault.new("“#{made.row["label"]}” stands in the firm's book already. Call it something else, or take " \
          "that one out.",
          key: "label")]
      end

      def missing(typed)
        return [] if chosen(typed, "symptoms", symptoms.keys).any?

        [Fault.new("No symptom is chosen. Choose one that it had.", key: "symptoms")]
      end
    end
  end
end
