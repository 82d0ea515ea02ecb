# frozen_string_literal: true

require "yaml"

module YellowTrack
  module Files
    # The shelf that sets are chosen from, and the plain reasons that practitioners
    # weigh (handbook 3).
    module Candidates
      module_function

      # Every kit in every sensible way for a surveyed opening.
      #
      # @param opening [Opening] with the set in mind
      # @param own [Array<Kit>] the fitter's own kits
      # @param house [Hash{String => Hash}] choices that the house starts a family's set
      #   with
      # @param printer [Length::Printer, nil] as Plan.of takes it
      # @return [Choose]
      # @raise [Fault] where the set in mind makes none
      def choose(opening, own: [], house: {}, printer: nil)
        own = own.sort_by { |kit| [kit.name, kit.id] }
        brought = opening.to_h.dig("set", "kit").is_a?(Hash) && own.none? { |kit| kit.to_h == opening.kit.to_h }
        Choose.new(opening, shelf + own, house:, printer:, own: brought)
      end

      # The kits that ship, in their order.
      #
      # @return [Array<Kit>]
      def shelf = @shelf ||= Shelf.kits.values_at(*file.fetch("shelf")).freeze

      # What is weighed about a manner.
      #
      # @return [Array<String>]
      def reasons(manner) = file.fetch("reasons").fetch(manner)

      # The reason that always stands beside them.
      def always = file.fetch("always")

      # @return [Hash] data/choose.yml, read once
      def file = @file ||= YAML.safe_load_file("#{ROOT}/data/choose.yml")
    end
  end
end
