# frozen_string_literal: true

module YellowTrack
  class Diagnosis
    # What each candidate has before anything is found (handbook 13, "Which cause"): by how often it is
    # this, of doors with such symptoms; a share is left for the cause that no file knows; a firm's own
    # counts shift it, and are never more than a third or three times of it.
    class Prior
      UNLISTED = 0.5 # weight of a cause for one symptom of several that is not its own
      WORTH = 30 # cases that the file's own share counts for
      MOST = 3r # times that a firm's counts raise a share, or lower it

      # @return [Array<Knowledge::Cause>] in the file's order, the one that no file knows last
      attr_reader :causes

      # @param door [Door]
      def initialize(door)
        @door = door
        @candidates = door.candidates
        @causes = [*@candidates, knowledge.none].freeze
      end

      # @return [Array<Float>] of each of the causes, summing to 1
      def shares
        all = causes.map { |cause| share(cause) * shift(cause) }
        all.map { |share| share / all.sum }
      end

      # A cause's share before the firm's counts, a part of 1.
      def share(cause)
        return @candidates.empty? ? 1.0 : knowledge.none_share if cause.none?

        (1 - knowledge.none_share) * weight(cause) / whole
      end

      # Weights of all candidates.
      def whole = @whole ||= @candidates.sum { |cause| weight(cause) }.to_f

      # Weight of a cause by all symptoms together, and by how often such a set has what it needs.
      def weight(cause)
        chance = (cause.if && @door.thing?(cause.if).nil?) ? knowledge.things.fetch(cause.if).chance : 1
        @door.symptoms.reduce(chance) { |all, symptom| all * (cause.weight(symptom) || UNLISTED) }
      end

      # By what the firm's counts multiply a cause's share, all symptoms together.
      def shift(cause) = @door.symptoms.reduce(1.0) { |all, symptom| all * shift_by(symptom, cause) }

      # By what the counts of one symptom do: (30π + n) ÷ (30 + Σn) ÷ π, between a third and three.
      def shift_by(symptom, cause)
        counted = @door.counts[symptom] || {}
        usual = alone(symptom, cause)
        return 1.0 if counted.values.sum.zero? || usual.nil?

        by = (WORTH * usual + (counted[cause.key] || 0)) / (WORTH + counted.values.sum) / usual
        by.clamp(1 / MOST.to_f, MOST.to_f)
      end

      # π: the share that a cause has of doors with one symptom, whatever the set; nil for one that does not
      # list it.
      def alone(symptom, cause)
        return knowledge.none_share if cause.none?

        weight = cause.weight(symptom) or return
        (1 - knowledge.none_share) * weight / weights_of(symptom)
      end

      private

      def knowledge = @door.knowledge

      def weights_of(symptom)
        (@weights ||= {})[symptom] ||= knowledge.causes.values.sum { |cause| cause.weight(symptom) || 0 }.to_f
      end
    end
  end
end
