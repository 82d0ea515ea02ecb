# frozen_string_literal: true

require "yaml"

module YellowTrack
  module Files
    # The steps of an opening in time, as data, and the figures of a house.
    module StepTimes
      PREFIX = "steps." # of their keys among the house rules
      MOST = 10_000

      module_function

      # @return [Array<Visits::Agenda::Row>]
      def rows
        @rows ||= YAML.safe_load_file("#{ROOT}/data/visits.yml").map { |row|
          Visits::Agenda::Row.new(**row.transform_keys(&:to_sym)).freeze
        }.freeze
      end

      # @param id [String] of a row
      def find(id) = rows.find { |row| row.id == id }

      # Figures that the house has set.
      #
      # @param rules [Hash{String => String}]
      # @return [Hash{String => Numeric}] by "row's id.figure"
      def figures(rules)
        rules.filter_map { |key, text|
          [key.delete_prefix(PREFIX), number(text)] if key.start_with?(PREFIX) && plain?(text)
        }.to_h
      end

      # A figure as it is kept.
      #
      # @return [String] empty for the usual
      # @raise [Fault] for what is no figure
      def read(row, name, typed)
        text = typed.to_s.strip.tr(",", ".")
        return "" if text.empty?

        least, of = (name == "days") ? [1, "days"] : [0, "minutes"]
        unless plain?(text) && number(text).between?(least, MOST)
          raise Fault.new("\"#{typed.to_s.strip[0, 40]}\" is no number of #{of} for #{row.what}. It takes " \
            "#{least} to #{MOST}.", key: "#{PREFIX}#{row.id}.#{name}")
        end

        (number(text) == row.figures[name]) ? "" : text
      end

      # Whether it is minutes as they are typed, a tenth at the finest.
      def plain?(text) = text.match?(/\A\d{1,6}(\.\d)?\z/)

      # @return [Integer, Rational] minutes
      def number(text) = text.include?(".") ? text.to_r : text.to_i
    end
  end
end
