# frozen_string_literal: true

require "json"

module YellowTrack
  module Web
    module Log
      # The log as CSV.
      class Table
        HEADS = %w[entry at who kind key before after says corrects].freeze

        # @param words [Words]
        def initialize(words)
          @words = words
        end

        # @param entries [Array<Store::Log::Entry>]
        # @return [String]
        def csv(entries) = Cells.csv(HEADS, rows(entries))

        # @param entries [Array<Store::Log::Entry>]
        # @return [Array<Array>]
        def rows(entries)
          entries.map do |entry|
            [entry.id, entry.at, entry.who, entry.kind, entry.key, flat(entry.before), flat(entry.after),
              @words.says(entry), (entry.key[/\d+\z/] if entry.kind == "correction")]
          end
        end

        private

        def flat(value) = (value.is_a?(String) || value.nil?) ? value.to_s : JSON.generate(value)
      end
    end
  end
end
