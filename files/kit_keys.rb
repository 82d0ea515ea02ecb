# frozen_string_literal: true

require "yaml"

module YellowTrack
  module Files
    # The keys of a kit sheet, each with what it is and where it is measured.
    module KitKeys
      # Units of a sheet's values that are no lengths, by their kind.
      UNITS = {"weight" => "kg", "degrees" => "°"}.freeze

      # key, kind and options as in data/kit_keys.yml; what, a line; mark, its letter on
      # the drawing, nil for none
      Key = Struct.new(:key, :kind, :what, :mark, :options, :for, keyword_init: true) do
        # What it is called on a form.
        def label = key.tr("._", "  ")

        # What stands behind its value on the sheet where that is no length; nil for what has no unit.
        def unit = UNITS[kind]

        # Whether it is shown in the reader's own unit.
        def length? = %w[length lengths pair].include?(kind)
      end

      module_function

      # Those of a manner of hanging, in their order.
      #
      # @param manner [Manner]
      # @return [Array<Key>]
      def of(manner) = all.select { |key| key.for.nil? || key.for.include?(manner.key) }

      # @return [Array<Key>] in the order of the form
      def all
        @all ||= YAML.safe_load_file("#{ROOT}/data/kit_keys.yml")
          .map { |key| Key.new(**key.transform_keys(&:to_sym)).freeze }.freeze
      end
    end
  end
end
