# frozen_string_literal: true

require "json"

module YellowTrack
  module Store
    # How often a cause was named of other doors, in the same house and with the same
    # kit, and how often it proved wrong: by the log (handbook 13). It stands beside a
    # ranking and never alters it.
    class Causes
      NAMED = %w[service.cause service.wrong].freeze
      HELD = "held"
      KEYS = [*NAMED, HELD].freeze

      # One door: the cause that was named last, those that proved wrong, those that it proved to be at its look-back.
      Door = Struct.new(:id, :job_id, :kit, :cause, :wrong, :held)

      # @param db [Sequel::Database]
      # @param row [Openings::Row] the door in hand
      def initialize(db, row)
        @row = row
        @doors = read(db)
        freeze
      end

      # Doors of the same house that a cause was named of.
      #
      # @param cause [String]
      # @return [Array(Integer, Integer)] of it, of all
      def in_house(cause) = counted(cause) { |door| door.job_id == @row.job_id }

      # Doors that hang by the same kit.
      #
      # @return [Array(Integer, Integer)]
      def with_kit(cause) = counted(cause) { |door| !kit.nil? && door.kit == kit }

      # Mends of it that held at their look-back, of all that did, in the same house.
      #
      # @return [Array(Integer, Integer)]
      def held_in_house(cause) = held(cause) { |door| door.job_id == @row.job_id }

      # Likewise with the same kit.
      def held_with_kit(cause) = held(cause) { |door| !kit.nil? && door.kit == kit }

      # How often it proved wrong.
      def wrong(cause) = others.count { |door| door.wrong.include?(cause) }

      # A kit by its id; nil for one that nobody knows.
      def self.kit_of(given)
        id = given.is_a?(Hash) ? given["id"] : given
        id unless id == Kit::UNKNOWN
      end

      private

      def kit = Causes.kit_of(@row.document["set.kit"])

      # Of other doors than the one in hand.
      def counted(cause)
        doors = others.select { |door| yield(door) && door.cause }
        [doors.count { |door| door.cause == cause }, doors.length]
      end

      def held(cause)
        doors = @doors.select { |door| yield(door) && door.held }
        [doors.count { |door| door.held.include?(cause) }, doors.length]
      end

      def others = @doors.reject { |door| door.id == @row.id }

      def read(db)
        entries = db[:log_entries].where(key: KEYS).order(:id)
          .select_map([:opening_id, :key, :after]).group_by(&:first)
        return [] if entries.empty?

        db[:openings].where(id: entries.keys).select_map([:id, :job_id, :document]).map do |id, job_id, document|
          named, wrong, held = KEYS.map { |key| last(entries.fetch(id), key) }
          Door.new(id, job_id, Causes.kit_of(JSON.parse(document).dig("set", "kit")), named, wrong || [],
            held&.fetch("causes"))
        end
      end

      def last(entries, key) = entries.reverse.find { |_, one, _| one == key }&.then { |_, _, after| JSON.parse(after) }
    end
  end
end
