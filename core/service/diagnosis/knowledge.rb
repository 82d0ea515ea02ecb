# frozen_string_literal: true

module YellowTrack
  class Diagnosis
    # What is known of doors that hang badly (handbook 13): what is said of them, what
    # can be found, what it can be. Of one family when it is asked for, with what
    # differs there laid over.
    class Knowledge
      # What a customer or a fitter says: key, words, when it can be said.
      Symptom = Struct.new(:key, :label, :also, :for, :first, :down, :if, :rules_out, keyword_init: true)

      # What it can be, and the mend.
      Cause = Struct.new(:key, :label, :for, :prior, :evidence, :fix, :minutes, :hands, :wait_hours, :parts, :door_off,
        :while_off, :caution, :if, :danger, :leads_to, keyword_init: true) do
        # How often it is this, of doors with a symptom: 1 to 10; nil where it is
        # not listed.
        def weight(symptom) = prior[symptom]&.nonzero?

        # @return [String] short: steps and likelihoods hang on it
        def inspect = "#<cause #{key}>"
      end

      OVER = %w[prior evidence].freeze # laid over key by key, where a family differs

      # @return [Hash{String => String}] things that a set may have
      attr_reader :things
      # @return [Hash{String => String}] what takes over after a mend
      attr_reader :leads
      # @return [Hash{String => Array<String>}] places of the drawing, with the
      #   symptoms that are told there
      attr_reader :places
      # @return [Hash{String => Symptom}]
      attr_reader :symptoms
      # @return [Hash{String => Finding}] in their order
      attr_reader :findings
      # @return [Hash{String => Cause}] in their order
      attr_reader :causes

      # @param data [Hash] as read: things, groups, places, leads, symptoms, findings,
      #   causes
      # @param family [String, nil] one of FAMILIES to keep to
      def initialize(data, family = nil)
        @data, @family = data, family
        @things, @leads, @places = data.values_at("things", "leads", "places")
        @symptoms = kept("symptoms") { |key, row| Symptom.new(key:, rules_out: {}, also: [], **row).freeze }
        @findings = kept("findings") { |key, row| Finding.new(key:, **row).freeze }
        @causes = kept("causes") { |key, row| Cause.new(key:, **row).freeze }
        freeze
      end

      # Families, as they are told here: a bypass set's by what carries it.
      #
      # @return [Array<String>]
      def families = @data.fetch("groups").fetch("all")

      # What holds for a family alone.
      #
      # @return [Knowledge]
      def of(family) = Knowledge.new(@data, family)

      private

      def kept(part)
        @data.fetch(part).filter_map { |key, row|
          row = row.merge("for" => members(row.fetch("for")))
          next if @family && !row["for"].include?(@family)

          [key, yield(key, laid_over(row).transform_keys(&:to_sym))]
        }.to_h.freeze
      end

      def members(name) = name.is_a?(Array) ? name : @data.fetch("groups").fetch(name)

      def laid_over(row)
        differs = row.dig("but", @family) || {}
        row.except("but").merge(differs) { |key, one, other| OVER.include?(key) ? one.merge(other) : other }
      end
    end
  end
end
