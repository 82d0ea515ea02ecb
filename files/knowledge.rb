# frozen_string_literal: true

require "yaml"

module YellowTrack
  module Files
    # What is known of doors that hang badly, read once from data/service.
    module Knowledge
      FOLDER = "#{ROOT}/data/service"

      module_function

      # @return [Diagnosis::Knowledge] of all families
      def all = @all ||= Diagnosis::Knowledge.new(read)

      # @param family [String] a bypass set's by what carries it
      # @return [Diagnosis::Knowledge]
      def of(family) = (@of ||= {})[family] ||= all.of(family)

      # @return [Hash] words, symptoms, findings and causes, from a file each
      def read
        %w[words symptoms findings].map { |name| YAML.safe_load_file("#{FOLDER}/#{name}.yml") }
          .reduce(:merge)
          .merge("causes" => Dir["#{FOLDER}/causes/*.yml"].sort.map { |file| YAML.safe_load_file(file) }.reduce(:merge))
      end
    end
  end
end
