# frozen_string_literal: true

module YellowTrack
  module Practice
    # A door that hangs badly, with what would be found of it: asked finding by finding, at
    # their minutes, until its cause is named, a few are left, or none fits (handbook 13).
    class PlayedDoor
      THEN = "," # between causes that are mended in an order

      # @return [Hash{String => String}] what would be found, by finding
      attr_reader :answers

      # @param told [Diagnosis] by its symptoms alone
      # @param cause [Diagnosis::Knowledge::Cause] what ails it; the one that no file knows, too
      # @param answers [Hash{String => String}]
      # @param most [Integer] findings that its best may ask
      def initialize(told, cause, answers, most:)
        @told, @cause, @answers, @most = told, cause, answers, most
        @stood = {[] => told}
      end

      # What is known once some were asked.
      #
      # @param asked [Array<String>] keys of findings, in order
      # @return [Diagnosis]
      def after(asked)
        @stood[asked] ||= Diagnosis.new(@told.knowledge, symptoms: @told.symptoms, things: @told.door.things,
          findings: asked.to_h { |key| [key, answers.fetch(key)] })
      end

      # What it comes to, in the way that it is said: a cause's key, keys of a few in their order, or "none".
      def come_to(asked = best)
        mends = after(asked).mends
        mends.empty? ? Diagnosis::Knowledge::NONE : mends.map(&:key).join(THEN)
      end

      # What the knowledge base asks, until it comes to an end; nil where that is not what ails
      # it, or where it asks more than it may.
      #
      # @return [Array<String>, nil]
      def best
        return @best if defined?(@best)

        @best = walked([])
      end

      # Minutes that asking costs.
      def minutes(asked) = after(asked).minutes

      # @return [Rational] that the best order of questions takes
      def best_minutes = minutes(best)

      # The likeliest, before anything was asked.
      def likeliest = @told.first.cause.key

      # Whether the door came down for a finding, and the knowledge base left it hanging.
      def early?(asked) = down?(asked) && !down?(best)

      # Findings that can be asked yet.
      #
      # @return [Array<Diagnosis::Finding>]
      def askable(asked) = after(asked).askable

      private

      def down?(asked) = asked.any? { |key| @told.knowledge.findings.fetch(key).door_off? }

      def walked(asked)
        now = after(asked)
        return (true?(now) ? asked : nil) unless now.next

        walked([*asked, now.next.finding.key]) if now.next.finding && asked.length < @most
      end

      # Whether what asking came to holds the cause: a few with it, or that it is none of those known.
      def true?(now) = now.mends.empty? ? @cause.none? : now.mends.map(&:key).include?(@cause.key)
    end
  end
end
