# frozen_string_literal: true

module YellowTrack
  module Files
    # Reads a service file (handbook 13): what is known of a door that hangs badly.
    # A door and what is said of it: {"family": "bifold", "symptoms": ["scrapes"], "findings": {"came": "slowly"}}. A
    # word that the knowledge base does not have is a fault with those that it has.
    class ServiceFile
      # @param document [Hash] as parsed
      # @return [Diagnosis]
      # @raise [Faults] one for each thing at fault
      def self.diagnosis(document) = new(document).diagnosis

      # @param document [Hash] as parsed
      def initialize(document)
        @read, @faults = Shelf.schema("service").read(document)
        @read ||= {}
        @found = document["findings"].keys if @read["findings"]
      end

      # @return [Diagnosis]
      # @raise [Faults]
      def diagnosis
        faults = @faults + agreeing + newer
        faults += [*told, *found, *by_phone, *mended, *mend, *counted] if @read["symptoms"]
        raise Faults.new(faults) if faults.any?

        Diagnosis.new(Knowledge.of(family), symptoms:, findings:, things:, down: @read["door_down"] == true,
          mended: listed("mended"), told: listed("told"), phone: @read["phone"] == true, counts:, mend: @read["mend"])
      end

      private

      VERSION_2 = %w[phone told mended mend counts].freeze # keys that version 1 does not have
      COUNTS = 0..100_000 # mends that held
      private_constant :VERSION_2, :COUNTS

      # A bypass set is asked about by what carries it: a wheel on the floor wears, one at the head settles.
      def family = (@read["family"] == "bypass") ? @read["support"] : @read["family"]

      def symptoms = @read["symptoms"].compact

      # A list of keys; what is left out is none.
      def listed(key) = (@read[key] || []).compact

      # In the order in which they were found.
      def findings = (@read["findings"] || {}).slice(*@found)

      # What of the set is known; in version 1 what is left out is lacking.
      def things
        said = @read["set"] || {}
        return said if @read["version"] != 1

        Knowledge.all.things.keys.to_h { |thing| [thing, said[thing] || false] }
      end

      def counts = @read["counts"] || {}

      def fault(key, words) = Fault.new(words, key:)

      # What version 1 does not know may not stand in a file that says it is one.
      # A file of before would otherwise be read in another sense than it was written in.
      def newer
        return [] unless @read["version"] == 1

        VERSION_2.select { |key| @read[key] }.map { |key| fault(key, "only of version 2. Say so, or leave it out.") }
      end

      # A bypass set is carried by something, another by nothing else.
      def agreeing
        return [] if at_fault?("family") || at_fault?("support") || @read["family"].nil?
        return [] if (@read["family"] == "bypass") == !@read["support"].nil?
        return [fault("support", "missing. A bypass set is top-hung, bottom-rolling or wall-hung.")] if @read["support"]
          .nil?

        [fault("support", "\"#{@read["support"]}\" is of bypass sets. Leave it out for a #{@read["family"]}.")]
      end

      def at_fault?(key) = @faults.any? { |one| one.key == key }

      # @return [Knowledge] of the family; of all while there is none
      def known = @known ||= Knowledge.all.families.include?(family) ? Knowledge.of(family) : Knowledge.all

      # Every symptom that is said has to be one that such a set can have.
      def told
        twice = symptoms.tally.select { |_, times| times > 1 }.keys
        twice.map { |key| fault("symptoms.#{key}", "told twice. Once is enough.") } +
          symptoms.uniq.filter_map { |key| (words = wrong_symptom(key)) && fault("symptoms.#{key}", words) }
      end

      # Told apart: a word that nothing has, one of another family, one of a thing that this set lacks.
      def wrong_symptom(key)
        return "no such symptom. Known: #{known.symptoms.keys.join(", ")}." unless Knowledge.all.symptoms.key?(key)

        symptom = known.symptoms[key] or return "not said of a #{family} set."
        "only of a set with #{known.things.fetch(symptom.if).words}." if symptom.if && things[symptom.if] == false
      end

      # Every finding has to be one that is asked, and its answer one that it takes.
      def found
        chosen = known.symptoms.values_at(*symptoms).compact
        likelihoods = Diagnosis::Likelihoods.new(chosen)
        findings.filter_map do |key, value|
          finding = known.findings[key]
          words = finding ? wrong_answer(finding, value, likelihoods) : "cannot be found on a #{family} set."
          words && fault("findings.#{key}", words)
        end
      end

      # An answer that no cause of what was told leaves possible is a slip of the file: the ranking would be empty.
      def wrong_answer(finding, value, likelihoods)
        return if value.nil?

        answer = finding.answer(value)
        return not_an_answer(finding, value) unless answer

        "#{value} cannot be, by what was told. #{works(likelihoods.answers(finding))}" if likelihoods
          .ruled_out(finding).include?(answer)
      end

      # A number where words are asked for, a word where a length is, or a length that nothing on a door has.
      def not_an_answer(finding, value)
        shown = value.is_a?(Numeric) ? Numbers.plain(value) : "\"#{value}\""
        return "#{shown} is no answer here. #{works(finding.answers)}" unless value.is_a?(Numeric)
        return "#{shown}: no length is asked for. #{works(finding.answers)}" unless finding.length?

        "#{shown} mm is no such length. From 0 to #{finding.longest} mm works."
      end

      def works(answers) = "It takes #{answers.join(", ")}, or null for not known."

      # Findings that came by telephone.
      def by_phone
        twice("told") + listed("told").uniq.filter_map { |key| (words = untold(key)) && fault("told.#{key}", words) }
      end

      # Nobody measures by telephone, and nobody takes a door off for a question.
      def untold(key)
        return "no such finding." unless (finding = Knowledge.all.findings[key])
        return "not among the findings. Say what was told there, too." unless findings.key?(key)
        return if Diagnosis::Questions.by_phone?(finding)

        "no telephone tells that: it is measured, or needs #{finding.needs}. Leave it out."
      end

      # What is named twice was meant to be another, mostly.
      def twice(name)
        listed(name).tally.select { |_, times| times > 1 }.keys
          .map { |key| fault("#{name}.#{key}", "named twice. Once is enough.") }
      end

      # Causes that are out.
      def mended
        twice("mended") + listed("mended").uniq
          .filter_map { |key| (words = wrong_cause(key)) && fault("mended.#{key}", words) }
      end

      # A cause that is mended has to be one of such a set.
      def mend
        key = @read["mend"]
        (key && (words = wrong_cause(key))) ? [fault("mend.#{key}", words)] : []
      end

      def wrong_cause(key)
        return "no such cause." unless Knowledge.all.causes.key?(key)

        "not a cause of a #{family} set." unless known.causes.key?(key)
      end

      # The firm's own counts, by symptom and cause.
      def counted
        counts.flat_map do |symptom, by_cause|
          key = "counts.#{symptom}"
          next [fault(key, wrong_said(symptom))] if wrong_said(symptom)
          next [fault(key, "not counts: a cause and how often its mend held.")] unless by_cause.is_a?(Hash)

          by_cause.filter_map do |cause, count|
            (words = wrong_count(symptom, cause, count)) && fault("#{key}.#{cause}", words)
          end
        end
      end

      def wrong_said(symptom)
        return "no such symptom." unless Knowledge.all.symptoms.key?(symptom)

        "not said of a #{family} set." unless known.symptoms.key?(symptom)
      end

      # *None of these* may be counted of any symptom; a cause only of one that it can bring about.
      def wrong_count(symptom, cause, count)
        unless cause == Diagnosis::Knowledge::NONE
          wrong = wrong_cause(cause) and return wrong
          return "not a cause of that symptom." unless known.causes.fetch(cause).weight(symptom)
        end
        return if count.is_a?(Numeric) && COUNTS.cover?(count) && count == count.floor

        "#{count.inspect} is no such count. A whole number from 0 to #{COUNTS.max} works."
      end
    end
  end
end
