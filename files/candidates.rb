# frozen_string_literal: true

require "yaml"

module YellowTrack
  module Files
    # The families that are set side by side, each with its default kit and the
    # plain reasons that practitioners weigh (handbook 3).
    module Candidates
      # Choices that outlive a change of family.
      KEPT = %w[slab packing weighed].freeze

      module_function

      # The families side by side for a surveyed opening.
      #
      # @param document [Hash] an opening file; its survey counts, and the
      #   panels' thickness and make-up where they suit a kit
      # @return [Choose]
      def choose(document)
        openings = file.fetch("candidates").map do |candidate|
          [candidate["name"], Shelf.opening(document.merge("set" => set(document, candidate))), candidate["reasons"]]
        end
        Choose.new(openings, openings.first[1].printer)
      end

      # The set of one of them, for an opening file.
      #
      # @param name [String] as in "Pocket"
      # @return [Hash, nil] nil for a name that is none of theirs
      def set_named(document, name)
        candidate = file.fetch("candidates").find { |one| one["name"] == name }
        candidate && set(document, candidate)
      end

      # A candidate's set, with what the fitter has in mind and at hand.
      def set(document, candidate)
        chosen = document["set"]
        candidate["set"].merge(panel(candidate["set"], chosen, (document["units"] || "mm").to_sym), chosen.slice(*KEPT))
          .compact
      end

      # The reason that always stands beside them.
      def always = file.fetch("always")

      # The fitter's thickness, or the nearest that the kit takes, and his
      # make-up.
      def panel(set, chosen, unit)
        thin, thick = Shelf.kits.fetch(set["kit"])["thickness"]
        wanted = chosen["thickness"] ? Length.parse(chosen["thickness"], unit:).mm : thick
        {"thickness" => "#{wanted.clamp(thin, thick).to_f} mm", "makeup" => chosen["makeup"]}
      end

      def file = @file ||= YAML.safe_load_file("#{ROOT}/data/choose.yml")
    end
  end
end
