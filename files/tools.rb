# frozen_string_literal: true

require "yaml"

module YellowTrack
  module Files
    # Tools to take along, by how a set is carried.
    module Tools
      module_function

      # @param set [Family]
      # @return [Array<String>]
      def for(set)
        [*all.fetch("always"), *all.fetch(set.manner.key), *(all.fetch("glass") if set.makeup.fragile?)]
      end

      # Tools that single steps ask for besides.
      #
      # @param keys [Array<String>] of steps
      # @return [Array<String>]
      def of_steps(keys) = all.fetch("steps").values_at(*keys).compact.flatten.uniq

      # @return [Array<Hash>] data/tools.yml, read once
      def all = @all ||= YAML.safe_load_file("#{ROOT}/data/tools.yml")
    end
  end
end
