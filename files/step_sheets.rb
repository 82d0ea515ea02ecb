# frozen_string_literal: true

require "yaml"

module YellowTrack
  module Files
    # The steps that hang a set, by what it runs on, and what comes before what.
    module StepSheets
      module_function

      # @param kit [Kit]
      # @return [Hash] "steps", of its manner and those for all; "order"
      def of(kit)
        manner = kit.manner.key
        (@of ||= {})[manner] ||= {
          "steps" => all.fetch(manner) + all.fetch("all").select { |step| (step["for"] || [manner]).include?(manner) },
          "order" => order
        }.freeze
      end

      # @return [Hash] data/steps.yml, read once
      def all = @all ||= YAML.safe_load_file("#{ROOT}/data/steps.yml")

      # @return [Hash] data/order.yml, read once
      def order = @order ||= YAML.safe_load_file("#{ROOT}/data/order.yml")
    end
  end
end
