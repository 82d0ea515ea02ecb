# frozen_string_literal: true

module YellowTrack
  module Store
    # What the log tells of the set that hangs in an opening: nothing of what
    # was done for another, before the set was changed; of a mend all, for that it is
    # another is only said of it.
    class HungLog
      KINDS = %w[choice step wait round move correction service time hand-over].freeze
      OTHER_SET = %w[set set.kit set.family].freeze

      # Whether nothing of what is to be logged is told here.
      #
      # @param entries [Array<Hash>] kind, key, before, after
      def self.silent?(entries) = entries.none? { |entry| KINDS.include?(entry[:kind]) }

      # @param entries [Array<Log::Entry>] of one opening, oldest first
      def initialize(entries)
        @chosen = entries.any? { |entry| entry.kind == "choice" && entry.key.match?(/\Aset\b/) }
        changed = entries.rindex { |entry|
          entry.kind == "choice" && OTHER_SET.include?(entry.key) && entry.before != entry.after
        }
        @entries = entries.each_with_index.reject { |entry, place|
          changed && place <= changed && entry.kind != "service"
        }.map(&:first)
        freeze
      end

      # Whether anybody chose anything of the set.
      def chosen? = @chosen

      # @return [Array<Log::Entry>] of a kind, oldest first
      def of(kind) = @entries.select { |entry| entry.kind == kind }

      # The latest of a kind at each key.
      #
      # @return [Hash{String => Log::Entry}]
      def latest(kind) = of(kind).to_h { |entry| [entry.key, entry] }
    end
  end
end
