# frozen_string_literal: true

module YellowTrack
  # A sum as a fitter would write it down, that can be worked out and also
  # written with the numbers put in: one text gives value and explanation.
  #
  #   sum = Formula.of("(run + laps × lap) ÷ panels")
  #   sum.value(run: 1804, laps: 1, lap: 34, panels: 2)   # => (919/1)
  #
  # Names are words and may hold spaces; a value is looked up with
  # underscores instead (`meet gap` is `meet_gap:`). Operators: + − × ÷ ² and
  # brackets. Functions: least, most (also of a list), down and up to a grain,
  # whole (rounded up), fit (whole times one goes into another), size (without sign), root, and sin and cos of degrees.
  class Formula
    FUNCTIONS = {
      "least" => ->(*list) { list.flatten.min },
      "most" => ->(*list) { list.flatten.max },
      "down" => ->(value, grain) { Length.down(value, grain) },
      "up" => ->(value, grain) { Length.up(value, grain) },
      "whole" => ->(value) { value.ceil },
      "fit" => ->(value, size) { (value / size).floor },
      "size" => ->(value) { value.abs },
      "root" => ->(value) { Math.sqrt(value) },
      "sin" => ->(degrees) { Math.sin(degrees * Math::PI / 180) },
      "cos" => ->(degrees) { Math.cos(degrees * Math::PI / 180) }
    }.freeze

    ROUNDINGS = %w[down up].freeze

    KNOWN, INNER = {}, {}
    SAME = {}.compare_by_identity # by the very text: most stand in the code
    private_constant :KNOWN, :INNER, :SAME

    class << self
      # The formula of a text, compiled once.
      def of(text)
        SAME[text] || (KNOWN[text] ||= new(text)).tap do |made|
          SAME[text] = made if text.frozen? && made.text.equal?(text)
        end
      end

      # What stands within a formula's rounding, looked for once.
      def within(formula) = INNER[formula.text] ||= yield
    end

    attr_reader :text

    # @raise [ArgumentError] for a text that is no formula
    def initialize(text)
      @text = text
      @tree = Parser.new(text).tree
      @pieces = pieces
      freeze
    end

    # The formula within its rounding, as in "down(…, grain)", and within its
    # "most(…, 0)"; itself where it has neither.
    #
    # @return [Formula]
    def inner
      Formula.within(self) do
        function, arguments = call
        wrapped = arguments&.length == 2 &&
          (ROUNDINGS.include?(function) || (function == "most" && arguments.last == "0"))
        wrapped ? Formula.of(arguments.first).inner : self
      end
    end

    # @param values [Hash{Symbol => Numeric, Array<Numeric>}]
    # @return [Numeric] exact where its values are
    # @raise [KeyError] for a name that has no value
    # @raise [ZeroDivisionError]
    def value(values) = @tree.call(values)

    # The formula with its numbers put in.
    #
    # @yield [value, name] writes one of them
    # @return [String]
    def with(values)
      @pieces.map do |piece|
        next piece if piece.is_a?(String)

        given = values.fetch(piece)
        given.is_a?(Array) ? given.map { |value| yield value, piece }.join(", ") : yield(given, piece)
      end.join
    end

    private

    # The function and its arguments, where the whole text is one call.
    #
    # @return [Array(String, Array<String>), nil]
    def call
      function, rest = text.match(/\A(\w+)\((.*)\)\z/)&.captures
      return unless rest

      arguments = split(rest)
      [function, arguments] if arguments
    end

    # A text cut at its outer commas; nil where a bracket closes that was not
    # opened in it.
    def split(text)
      depth = 0
      parts = text.each_char.slice_when do |char, following|
        depth += {"(" => 1, ")" => -1}.fetch(char, 0)
        return nil if depth.negative?

        depth.zero? && following == ","
      end
      parts.map { |part| part.join.delete_prefix(", ") }
    end

    # The text cut at its names: strings as they stand, names as symbols.
    def pieces
      rest = text
      pieces = []
      while (match = Parser::WORD.match(rest))
        function = FUNCTIONS.key?(match[0]) && match.post_match.start_with?("(")
        pieces << match.pre_match << (function ? match[0] : Parser.name(match[0]))
        rest = match.post_match
      end
      pieces << rest
    end
  end
end
