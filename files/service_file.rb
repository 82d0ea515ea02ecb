# frozen_string_literal: true

module YellowTrack
  module Files
    # Reads a service file (handbook 13): what is known of a door that hangs badly.
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
        faults = @faults + agreeing
        faults += [*told, *found] if @read["symptoms"]
        raise Faults.new(faults) if faults.any?

        Diagnosis.new(Knowledge.of(family), symptoms:, findings:, things:, down: @read["door_down"] == true)
      end

      private

      def family = (@read["family"] == "bypass") ? @read["support"] : @read["family"]

      def symptoms = @read["symptoms"].compact

      # In the order in which they were found.
      def findings = (@read["findings"] || {}).slice(*@found)

      def things = (@read["set"] || {}).select { |_, has| has }.keys

      def fault(key, words) = Fault.new(words, key:)

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

      def told
        twice = symptoms.tally.select { |_, times| times > 1 }.keys
        twice.map { |key| fault("symptoms.#{key}", "told twice. Once is enough.") } +
          symptoms.uniq.filter_map { |key| (words = wrong_symptom(key)) && fault("symptoms.#{key}", words) }
      end

      def wrong_symptom(key)
        return "no such symptom. Known: #{known.symptoms.keys.join(", ")}." unless Knowledge.all.symptoms.key?(key)

        symptom = known.symptoms[key] or return "not said of a #{family} set."
        "only of a set with #{known.things.fetch(symptom.if)}." unless symptom.if.nil? || things.include?(symptom.if)
      end

      def found
        chosen = known.symptoms.values_at(*symptoms).compact
        likelihoods = Diagnosis::Likelihoods.new(chosen)
        findings.filter_map do |key, value|
          finding = known.findings[key]
          words = finding ? wrong_answer(finding, value, likelihoods) : "cannot be found on a #{family} set."
          words && fault("findings.#{key}", words)
        end
      end

      def wrong_answer(finding, value, likelihoods)
        return if value.nil?

        answer = finding.answer(value)
        return not_an_answer(finding, value) unless answer

        "#{value} cannot be, by what was told. #{works(likelihoods.answers(finding))}" if likelihoods
          .ruled_out(finding).include?(answer)
      end

      def not_an_answer(finding, value)
        shown = value.is_a?(Numeric) ? Numbers.plain(value) : "\"#{value}\""
        return "#{shown} is no answer here. #{works(finding.answers)}" unless value.is_a?(Numeric)
        return "#{shown}: no length is asked for. #{works(finding.answers)}" unless finding.length?

        "#{shown} mm is no such length. From 0 to #{finding.longest} mm works."
      end

      def works(answers) = "It takes #{answers.join(", ")}, or null for not known."
    end
  end
end
