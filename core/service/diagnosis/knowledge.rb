# frozen_string_literal: true

module YellowTrack
  class Diagnosis
    # What is known of doors that hang badly (handbook 13): what is said of them, what
    # can be found, what it can be. Of one family when it is asked for, with what
    # differs there laid over.
    class Knowledge
      # What a customer or a fitter says: key, words, when it can be said.
      Symptom = Struct.new(:key, :label, :also, :for, :first, :down, :if, :rules_out, keyword_init: true)

      # Something that a set may have: the question where it is not known, minutes of that, how often
      # such a set has it (a part of 1), and what it is called.
      Thing = Struct.new(:key, :ask, :minutes, :chance, :words, keyword_init: true)

      # What may stand behind a cause and makes it come back: another cause, told by the answers of a
      # finding (bad); asked when ("before" it comes down, "down", "hung"); stop, where it would fall again.
      Behind = Struct.new(:cause, :finding, :bad, :when, :stop, :for, keyword_init: true)

      NONE = "none" # the key of the cause that no file knows
      OWN = "own_" # the head of keys of causes that a firm found itself

      # What it can be, and the mend.
      Cause = Struct.new(:key, :label, :for, :prior, :evidence, :fix, :minutes, :hands, :wait_hours, :parts, :door_off,
        :while_off, :caution, :if, :danger, :because, :leads_to, keyword_init: true) do
        # Whether it is the one that no file knows.
        def none? = key == NONE

        # Whether the firm found it itself.
        def own? = key.start_with?(OWN)

        # How often it is this, of doors with a symptom: 1 to 10; nil where it is
        # not listed.
        def weight(symptom) = prior[symptom]&.nonzero?

        # @return [String] short: steps and likelihoods hang on it
        def inspect = "#<cause #{key}>"
      end

      KEPT = 100 # sets of symptoms whose likelihoods are kept
      OVER = %w[prior evidence].freeze # laid over key by key, where a family differs

      # @return [Hash{String => Thing}] that a set may have
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

      # @return [Cause] the one that no file knows
      attr_reader :none
      # @return [Hash{String => Float}] by who answers ("door", "phone"): the part of every likelihood that
      #   is spread evenly over the answers
      attr_reader :soften

      # @return [String, nil] that it keeps to
      attr_reader :family
      # @return [Hash{String => Hash}] causes of the firm's own, as they were written down
      attr_reader :own

      # @param data [Hash] as read: things, none, soften, groups, places, leads, symptoms, findings, causes
      # @param family [String, nil] one of FAMILIES to keep to
      # @param own [Hash{String => Hash}] causes of the firm's own, after the others
      def initialize(data, family = nil, own: {})
        @likelihoods = {}
        @data, @family, @own = data.merge("causes" => data.fetch("causes").merge(own)), family, own
        @leads, @places, @soften = data.values_at("leads", "places", "soften")
        @things = data.fetch("things").to_h { |key, row| [key, thing(key, row)] }.freeze
        @none = Cause.new(key: NONE, label: data.dig("none", "label"), prior: {}, evidence: {}, fix: [], parts: [],
          while_off: [], caution: [], leads_to: [], because: []).freeze
        @symptoms = kept("symptoms") { |key, row| Symptom.new(key:, rules_out: {}, also: [], **row).freeze }
        @findings = kept("findings") { |key, row| Finding.new(key:, **row).freeze }
        @causes = kept("causes") { |key, row| Cause.new(key:, **row, because: behind(row[:because])).freeze }
        freeze
      end

      # Families, as they are told here: a bypass set's by what carries it.
      #
      # @return [Array<String>]
      def families = @data.fetch("groups").fetch("all")

      # What holds for a family alone.
      #
      # @return [Knowledge]
      def of(family) = Knowledge.new(@data, family, own:)

      # What holds with causes of the firm's own among the others, by the same rules.
      #
      # @param own [Hash{String => Hash}]
      # @return [Knowledge]
      def with(own) = own.empty? ? self : Knowledge.new(@data, @family, own:)

      # How likely answers are where such symptoms are said; kept, for every answer asks for it again.
      #
      # @param said [Array<Symptom>]
      # @return [Likelihoods]
      def likelihoods(said)
        @likelihoods.clear if @likelihoods.length >= KEPT
        @likelihoods[said.map(&:key)] ||= Likelihoods.new(said, soften)
      end

      # @return [String] short: all that is known hangs on it
      def inspect = "#<knowledge of #{@family || "all"}>"

      # Share of the cause that no file knows, before anything is asked; a part of 1.
      def none_share = @data.dig("none", "share")

      private

      def thing(key, row)
        chance = row.dig("but", @family) || row.fetch("chance")
        Thing.new(key:, **row.except("but").transform_keys(&:to_sym), chance:).freeze
      end

      # Rows of what stands behind a cause, of this family.
      def behind(rows)
        (rows || []).filter_map do |row|
          families = row["for"] ? members(row["for"]) : self.families
          Behind.new(**row.transform_keys(&:to_sym), for: families) if @family.nil? || families.include?(@family)
        end
      end

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
