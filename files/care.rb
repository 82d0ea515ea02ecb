# frozen_string_literal: true

require "yaml"

module YellowTrack
  module Files
    # What the customer is told at the hand-over (handbook 10).
    module Care
      module_function

      # Lines of what to do with it, what to look out for, when to call.
      #
      # @param kind [String] a manner's key
      # @param glass [Boolean]
      # @return [Hash{String => Array<String>}]
      def of(kind, glass:)
        %w[clean watch].to_h { |part| [part, text.fetch(part).values_at("always", kind, ("glass" if glass)).compact] }
          .merge("call" => [text.fetch("call")])
      end

      # The likely reason of a change that is found when it is looked back.
      def reason(key) = text.fetch("reasons").fetch(key)

      # @return [Hash] data/hand_over.yml, read once
      def text = @text ||= YAML.safe_load_file("#{ROOT}/data/hand_over.yml")
    end
  end
end
