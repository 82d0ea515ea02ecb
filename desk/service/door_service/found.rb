# frozen_string_literal: true

module YellowTrack
  module Desk
    class DoorService
      # What is known of a door that hangs badly: what the set has, what is said of it, what was found and by whom.
      module Found
        UNKNOWN = "unknown" # what was asked for, and nobody knew

        # What the set has, as it was said or as the set says itself: true, false, nil while nobody knows.
        #
        # @return [Hash{String => Boolean, nil}]
        def things = @things ||= knowledge.things.keys.to_h { |thing| [thing, thing?(thing)] }

        # Things that were asked for, and nobody knew.
        def passed = knowledge.things.keys.select { |thing| self["has.#{thing}"] == UNKNOWN }

        # Symptoms that are said and can be said of it.
        def symptoms = (self["symptoms"] || []).select { |key| sayable?(knowledge.symptoms[key]) }

        # Whether a symptom can be said of such a set: what it needs is not known to be lacking.
        #
        # @param symptom [Diagnosis::Knowledge::Symptom, nil]
        def sayable?(symptom) = !symptom.nil? && (symptom.if.nil? || things[symptom.if] != false)

        # What was found, in the order found; nil for what is not known.
        #
        # @return [Hash{String => String, Rational, nil}]
        def findings
          ruled = Diagnosis::Likelihoods.new(symptoms.map { |key| knowledge.symptoms.fetch(key) })
          (@opening.document["service.findings"] || {}).keys.filter_map { |key|
            finding = knowledge.findings[key] or next
            value = self["findings.#{key}"]
            next if value.nil?

            answer = (value == UNKNOWN) ? nil : value
            next if answer && !possible?(finding, answer, ruled)

            [key, answer]
          }.to_h
        end

        # Findings that came by telephone.
        def told = (self["told"] || []).select { |key| findings.key?(key) }

        private

        # Whether an answer is one, and not ruled out by what is said.
        def possible?(finding, answer, likelihoods)
          (named = finding.answer(answer)) && !likelihoods.ruled_out(finding).include?(named)
        end

        def thing?(thing)
          said = self["has.#{thing}"]
          (said.nil? || said == UNKNOWN) ? usual?(thing) : said
        end

        # What the set itself says of a thing; nil where it does not say.
        def usual?(thing)
          set = @opening.opening
          case thing
          when "neighbour" then (count = panels_known) && count > 1
          when "half_jamb" then set["half_jamb"] ? true : planned_without
          when "damper" then set["soft_close"].nil? ? planned_without : set["soft_close"] != false
          when "infill" then (layers = set["makeup"]) && layers.any? { |one| Makeup::FRAGILE.include?(one["material"]) }
          end
        end

        # What a set that we planned does not have, it has not.
        def planned_without = (@opening.plan && !@opening.others?) ? false : nil

        def panels_known
          set = @opening.opening
          self["leaves"] || set["panels"] || set["leaves"] || set["pattern"]&.length
        end
      end
    end
  end
end
