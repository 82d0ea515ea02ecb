# frozen_string_literal: true

module YellowTrack
  module Desk
    # What mends of the firm's held for, by symptom and cause, as far as doors of a family can have it.
    module FirmsCounts
      module_function

      # @param book [Store::Book]
      # @param knowledge [Diagnosis::Knowledge] of the family
      # @return [Hash{String => Hash{String => Integer}}]
      def of(book, knowledge)
        counts = book.held_mends.counts.to_h do |symptom, of|
          [symptom, of.select { |cause, _| can?(knowledge, symptom, cause) }]
        end
        counts.reject { |_, of| of.empty? }
      end

      # Whether a door of the family with a symptom can have a cause.
      def can?(knowledge, symptom, cause)
        return false unless knowledge.symptoms.key?(symptom)

        cause == Diagnosis::Knowledge::NONE || !knowledge.causes[cause]&.weight(symptom).nil?
      end
    end
  end
end
