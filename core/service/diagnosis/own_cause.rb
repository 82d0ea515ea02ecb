# frozen_string_literal: true

module YellowTrack
  class Diagnosis
    # A cause that a firm found by hand where none of the known ones fitted, as a row of the knowledge of
    # doors (handbook 13): its words, the symptoms that it had, the answers that tell it. It joins the
    # ranking by the same rules, as long as an answer tells it from each of the others.
    class OwnCause
      TELLS = 0.8 # how likely an answer that tells it is under it; the rest is spread over the others
      WEIGHT = 3 # of its symptoms, among doors with them: middling
      APART = 0.25 # by how much an answer has to be likelier, or less likely, than under another cause
      LONGEST = 80 # characters of its words
      MINUTES = 1..960
      HANDS = 1..4

      # @param knowledge [Knowledge] of the door's family, without the cause
      # @param label [String] what it is, in words
      # @param symptoms [Array<String>]
      # @param told [Hash{String => String, Numeric}] answers that tell it, by finding
      # @param mend [Hash] "minutes", "hands", "door_off", "fix": its steps, in words
      def initialize(knowledge, label:, symptoms:, told:, mend: {})
        @knowledge, @label, @symptoms, @told, @mend = knowledge, label.strip, symptoms, told, mend
      end

      # @return [String] its key, of its words
      def key = "#{Knowledge::OWN}#{@label.downcase.gsub(/[^a-z0-9]+/, "_")[0, 40].gsub(/\A_+|_+\z/, "")}"

      # @return [Hash] as a file of causes has it
      def row
        {"label" => @label, "for" => [@knowledge.family], "prior" => @symptoms.to_h { |one| [one, WEIGHT] },
         "evidence" => evidence, "fix" => fix, "minutes" => @mend.fetch("minutes", 45),
         "hands" => @mend.fetch("hands", 1), "parts" => [], "door_off" => @mend["door_off"] == true, "while_off" => [],
         "caution" => [], "leads_to" => []}
      end

      # What keeps it from the ranking.
      #
      # @return [Array<Fault>]
      def faults
        return [Fault.new("It has no words. Say in a few what it was.", key: "label")] if key == Knowledge::OWN
        if @label.length > LONGEST
          return [Fault.new("\"#{@label[0, 40]}…\" is longer than #{LONGEST} characters. Say it shorter.",
            key: "label")]
        end

        out_of_range + untold
      end

      # Causes of the same symptoms that no answer tells it from.
      #
      # @return [Array<Knowledge::Cause>]
      def alike
        others = @knowledge.causes.values.reject { |cause| cause.key == key }
        others.select { |cause| @symptoms.any? { |one| cause.weight(one) } && !apart?(cause) }
      end

      private

      def fix
        steps = Array(@mend["fix"]).map(&:strip).reject(&:empty?)
        steps.empty? ? [@label] : steps
      end

      def out_of_range
        {"minutes" => MINUTES, "hands" => HANDS}.filter_map do |name, range|
          given = @mend[name]
          next if given.nil? || (given.is_a?(Integer) && range.cover?(given))

          Fault.new("#{given.to_s[0, 20]} #{name}: from #{range.min} to #{range.max} works.", key: name)
        end
      end

      def untold
        found = alike.map { |cause| "“#{cause.label}”" }
        return [] if found.empty?

        shown = "#{found.first(3).join(", ")}#{" and #{found.length - 3} others" if found.length > 3}"
        [Fault.new("No answer tells it from #{shown}. Press an answer that is so under it and not under those.",
          key: "told")]
      end

      def evidence
        @told.to_h do |name, answer|
          finding = @knowledge.findings.fetch(name)
          answer = finding.answer(answer)
          next [name, (answer == "yes") ? TELLS : (1 - TELLS).round(2)] if finding.kind == "yes_no"

          others = finding.answers - [answer]
          [name, {answer => TELLS, **others.to_h { |one| [one, (1 - TELLS) / others.length] }}]
        end
      end

      # Whether an answer is much likelier under it than under another cause, or much less likely.
      def apart?(cause)
        own = Knowledge::Cause.new(key:, evidence:)
        likely = Likelihoods.new([])
        @told.keys.any? do |name|
          finding = @knowledge.findings.fetch(name)
          of_own, of_other = [own, cause].map { |one| likely.of(finding, one) }
          finding.answers.any? { |answer| (of_own[answer] - of_other[answer]).abs >= APART }
        end
      end
    end
  end
end
