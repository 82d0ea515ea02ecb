# frozen_string_literal: true

require "yaml"

module YellowTrack
  module Data
    # The steps that hang a set, by what it runs on.
    module Steps
      module_function

      # @param kit [Kit]
      # @return [Array<Hash>]
      def of(kit) = all.fetch(kit.support || kit.family)

      def all = @all ||= YAML.safe_load_file("#{ROOT}/data/steps.yml")
    end
  end
end
