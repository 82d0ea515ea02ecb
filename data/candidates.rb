# frozen_string_literal: true

require "yaml"

module YellowTrack
  module Data
    # The families that are set side by side, each with its default kit and the
    # plain reasons that practitioners weigh (handbook 3).
    module Candidates
      module_function

      # The families side by side for a surveyed opening.
      #
      # @param document [Hash] an opening file; its survey counts, and the
      #   panels' thickness and make-up where they suit a kit
      # @return [Choose]
      def choose(document)
        units = (document["units"] || "mm").to_sym
        openings = file.fetch("candidates").map do |candidate|
          set = candidate["set"].merge(panel(candidate["set"], document["set"], units))
          [candidate["name"], Shelf.opening(document.merge("set" => set)), candidate["reasons"]]
        end
        Choose.new(openings, openings.first[1].printer)
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
