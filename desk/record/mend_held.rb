# frozen_string_literal: true

module YellowTrack
  module Desk
    # What a mend proved to be at its look-back (handbook 13): that it held, or what it was instead. Counts of a firm
    # are made of it.
    class MendHeld
      HELD = "held"

      # What a door is handed over with, for its look-back: what was said of it and what was mended.
      #
      # @param door [DoorService]
      # @return [Hash]
      def self.of(door)
        causes = [*door["mended"], *door.mending.map(&:key)].uniq
        causes = [Diagnosis::Knowledge::NONE] if causes.empty? && door["was"]
        {"symptoms" => door.symptoms, "causes" => causes}
      end

      # @param opening [KeptOpening]
      # @param handed [Store::Log::Entry] its hand-over
      def initialize(opening, handed)
        @opening, @handed = opening, handed
      end

      # Whether it was a mend that was handed over, with a cause.
      def mend? = !told.nil? && told["causes"].any? && told["symptoms"].any?

      # What may be said of it: that it held, and each cause that it may have been instead.
      #
      # @return [Hash{String => String}] by key, in words
      def choices
        others = causes.except(*told["causes"]).transform_values { |label| "it was: #{label}" }
        {HELD => "it held", **others}
      end

      # What was mended, in words.
      def mended = told["causes"].map { |key| ServiceFields.cause_name(key, knowledge) }

      # What it proved to be.
      #
      # @param said [String] HELD or a cause; empty where nobody says
      # @return [Hash, nil] for the log
      # @raise [Fault] for what is none of the choices
      def proved(said)
        return if said.empty? || !mend?
        raise Fault.new("\"#{said[0, 40]}\" is no cause of such a door. Choose one of the list.", key: "look") unless
          choices.key?(said)

        {"symptoms" => told["symptoms"], "causes" => (said == HELD) ? told["causes"] : [said], "held" => said == HELD,
         "handed" => @handed.id}
      end

      private

      def told = @handed.after["mends"]

      def knowledge = @opening.service.knowledge

      # Causes of what was said, and that it was none of them.
      def causes
        fitting = knowledge.causes.values.select { |cause| told["symptoms"].any? { |symptom| cause.weight(symptom) } }
        [*fitting, knowledge.none].to_h { |cause| [cause.key, cause.label] }
      end
    end
  end
end
