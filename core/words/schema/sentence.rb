# frozen_string_literal: true

module YellowTrack
  class Schema
    # What is wrong with one value by itself, in a sentence: what was given,
    # what is wrong, what would work.
    class Sentence
      KINDS = {
        "object" => "a group of keys", "array" => "a list", "string" => "text", "number" => "a number",
        "integer" => "a whole number", "boolean" => "true or false", "null" => "null"
      }.freeze
      SHOWN = 40
      # Patterns as they are matched, by how a schema writes them.
      PATTERNS = Hash.new do |made, pattern|
        made[pattern] = Regexp.new(pattern.sub(/\A\^/, "\\A").sub(/\$\z/, "\\z"))
      end
      private_constant :PATTERNS

      # @param rules [Hash] of the schema that the value breaks
      def initialize(value, rules)
        @value = value
        @rules = rules
      end

      # @return [Boolean] whether the value is of the right kind
      def fits? = !kind && !choice

      # @return [String, nil] the first thing wrong with it
      def wrong = kind || choice || range || extent || form

      # What is wrong with a whole document that is none.
      def whole = "#{shown} is none. A JSON object is wanted, as in {\"format\": …}."

      private

      def kind
        kinds = Array(@rules["type"])
        return if kinds.empty? || kinds.any? { |name| TYPES.fetch(name).call(@value) }

        "#{shown} is not #{(kinds - ["null"]).map { KINDS.fetch(_1) }.join(" or ")}."
      end

      def choice
        allowed = @rules.key?("const") ? [@rules["const"]] : @rules["enum"]
        return if allowed.nil? || allowed.include?(@value)

        "#{shown} will not do. It takes #{allowed.compact.map { plain(_1) }.join(", ")}."
      end

      def range
        return unless @value.is_a?(Numeric)
        return "#{shown} is no number to work with." if @value.is_a?(Float) && !@value.finite?

        least, over, most = @rules.values_at("minimum", "exclusiveMinimum", "maximum")
        return "#{shown} is too small. It takes #{least} or more." if least && @value < least
        return "#{shown} is too small. It takes more than #{over}." if over && @value <= over

        "#{shown} is too large. It takes #{most} at most." if most && @value > most
      end

      def extent
        case @value
        when String then counted("character", *@rules.values_at("minLength", "maxLength"))
        when Array then counted("item", *@rules.values_at("minItems", "maxItems"))
        end
      end

      # How a text is written: its pattern, and the example that stands beside it.
      def form
        pattern = @rules["pattern"]
        return if pattern.nil? || !@value.is_a?(String) || PATTERNS[pattern].match?(@value)

        "#{shown} will not do. It is written as #{plain(@rules.fetch("examples").first)}."
      end

      def counted(thing, least, most)
        few, many = least && @value.length < least, most && @value.length > most
        return unless few || many

        count = "#{@value.length} #{thing}#{"s" unless @value.length == 1}"
        few ? "#{count} is too few. It takes #{least} or more." : "#{count} is too many. It takes #{most} at most."
      end

      def shown = plain(@value)

      def plain(value)
        return "null" if value.nil?

        text = value.is_a?(String) ? value.scrub("?").inspect : value.to_s
        (text.length > SHOWN) ? "#{text[0, SHOWN]}…" : text
      end
    end
  end
end
