# frozen_string_literal: true

require "yaml"

module YellowTrack
  module Files
    # The steps that hang a set, by what it runs on.
    module StepSheets
      module_function

      # @param kit [Kit]
      # @return [Array<Hash>]
      def of(kit) = all.fetch(kit.manner.key)

      # @return [Hash] data/steps.yml, read once
      def all = @all ||= YAML.safe_load_file("#{ROOT}/data/steps.yml")
    end
  end
end
