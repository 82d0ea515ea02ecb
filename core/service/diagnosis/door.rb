# frozen_string_literal: true

module YellowTrack
  class Diagnosis
    # What is known of a door that hangs badly, before anything is worked out of it.
    #
    # knowledge  of its family
    # symptoms   keys of what is said of it, one at the least
    # findings   as found: an answer, mm of a length, nil for not known
    # things     of the set: true, false, nil where it is not known
    # passed     things that were asked for, and nobody knew
    # down       whether it is down
    # mended     keys of causes that are out
    # told       findings that came by telephone; phone, whether asking goes on so
    # counts     symptom -> cause or none -> mends of the firm's that held
    # mend       the cause whose mend is under way
    Door = Struct.new(:knowledge, :symptoms, :findings, :things, :passed, :down, :mended, :told, :phone, :counts, :mend,
      keyword_init: true) do
      # A door by what is given, the rest left out.
      def self.of(**given) = new(**Door::LEFT_OUT, **given)

      # @return [Array<Knowledge::Symptom>]
      def said = symptoms.map { |key| knowledge.symptoms.fetch(key) }

      # Whether a thing is there: as said, or as a symptom or an answer needs it; nil while nobody knows.
      def thing?(key)
        known = things[key]
        return known unless known.nil?

        true if said.any? { |symptom| symptom.if == key } || answered_with(key)
      end

      # Things that can be asked for: nobody knows of them, nor was asked.
      #
      # @return [Array<Knowledge::Thing>]
      def open_things = knowledge.things.values.select { |thing| thing?(thing.key).nil? && !passed.include?(thing.key) }

      # Causes that it can be, in the file's order.
      #
      # @return [Array<Knowledge::Cause>]
      def candidates
        knowledge.causes.values.select do |cause|
          symptoms.any? { |symptom| cause.weight(symptom) } && !mended.include?(cause.key) &&
            (cause.if.nil? || things[cause.if] != false)
        end
      end

      # Whether a finding tells something of a candidate, and is asked with such symptoms.
      def asks?(finding) = listed.include?(finding.key) && finding.fits?(symptoms)

      # Whether a finding can be put to it, or was; one that waits for a thing cannot.
      def fits?(finding) = asks?(finding) && (finding.if.nil? || thing?(finding.if) == true)

      # Whether a finding waits for a thing that nobody knows of yet.
      def waits?(finding, thing) = finding.if == thing && thing?(thing).nil? && asks?(finding)

      # Who gave an answer.
      #
      # @return ["door", "phone"]
      def who(key) = told.include?(key) ? "phone" : "door"

      # Who answers what is asked next.
      def asked = phone ? "phone" : "door"

      # Findings that a candidate's likelihoods list.
      def listed = @listed ||= candidates.flat_map { |cause| cause.evidence.keys }.to_set

      private

      def answered_with(thing)
        findings.any? do |key, answer|
          finding = knowledge.findings[key]
          !answer.nil? && finding&.if == thing && asks?(finding)
        end
      end
    end

    # What may be left out: nothing is told, mended or counted then.
    Door::LEFT_OUT = {findings: {}, things: {}, passed: [], down: false, mended: [], told: [], phone: false, counts: {},
                      mend: nil}.freeze
  end
end
