# frozen_string_literal: true

module YellowTrack
  module Desk
    # What only a fitter writes down: what hangs, what was cut, turned and handed over. It comes in
    # by a file no more than by a page.
    module FittersOwn
      KINDS = {"step" => "steps of hanging", "wait" => "steps of hanging", "round" => "steps of hanging",
               "move" => "turns", "cut" => "cuts", "override" => "stops that were overridden",
               "hand-over" => "a hand-over", "service" => "a door that was mended"}.freeze
      SERVICE = %w[findings cause mended wrong closed].freeze
      KEYS = /\A(?:hung(?:\.|\z)|service\.(?:#{Regexp.union(SERVICE)}))/

      module_function

      # @param document [Hash] an opening file
      # @return [String, nil] what of it only a fitter writes; nil for nothing
      def in_document(document)
        return unless document.is_a?(Hash)
        return "gaps of what hangs" if document["hung"].is_a?(Hash) && document["hung"].any?

        service = document["service"]
        "what was found of a door" if service.is_a?(Hash) && SERVICE.any? { |key| service.key?(key) }
      end

      # @param entry [Hash] of a log: kind, key
      # @return [String, nil]
      def in_entry(entry)
        KINDS[entry["kind"]] || (KEYS.match?(entry["key"].to_s) ? "gaps or findings" : nil)
      end

      # @param found [String, nil] of a file that someone else sends
      # @raise [Fault]
      def refuse(found)
        return unless found

        raise Fault.new("It has #{found}: a fitter writes that, and a fitter reads it in. Nothing was read in.",
          key: "file")
      end
    end
  end
end
