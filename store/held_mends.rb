# frozen_string_literal: true

require "json"

module YellowTrack
  module Store
    # What mends of the firm's proved to be at their look-backs, by the log (handbook 13): the cause whose mend
    # held, or what it was.
    class HeldMends
      include Questions

      # A mend that was looked back at: its door, what was said of it, causes that were mended where it held, else
      # the one that it was.
      Mend = Struct.new(:opening_id, :symptoms, :causes, :held)

      # @param db [Sequel::Database]
      def initialize(db)
        @held = db[:log_entries].where(kind: "service", key: "held").order(:id).select(:opening_id, :after)
      end

      # Mends that were looked back at, the last of each hand-over.
      #
      # @return [Array<Mend>]
      def all
        question(:held_mends) { @held }.call.to_h { |row|
          told = JSON.parse(row[:after])
          [[row[:opening_id], told["handed"]],
            Mend.new(row[:opening_id], *told.values_at("symptoms", "causes", "held"))]
        }.values
      end

      # How often it was which cause, by what was said.
      #
      # @return [Hash{String => Hash{String => Integer}}]
      def counts
        all.each_with_object({}) do |mend, counts|
          mend.symptoms.product(mend.causes) { |symptom, cause| (counts[symptom] ||= Hash.new(0))[cause] += 1 }
        end
      end
    end
  end
end
