# frozen_string_literal: true

module YellowTrack
  # Reads a document against a JSON Schema (docs/formats): every fault is
  # named by its key in a sentence, and what is sound comes back typed, with
  # lengths as exact millimetres.
  #
  # It knows the keywords that our schemas use, and no others: a general
  # validator takes longer to load than a plan takes to make, and its words
  # are no fitter's. The specs hold its verdicts against such a validator.
  class Schema
    TYPES = {
      "object" => ->(value) { value.is_a?(Hash) },
      "array" => ->(value) { value.is_a?(Array) },
      "string" => ->(value) { value.is_a?(String) },
      "number" => ->(value) { value.is_a?(Numeric) },
      "integer" => ->(value) { value.is_a?(Integer) || (value.is_a?(Float) && value.finite? && value == value.floor) },
      "boolean" => ->(value) { [true, false].include?(value) },
      "null" => ->(value) { value.nil? }
    }.freeze

    # @param rules [Hash] a parsed JSON Schema
    # @param others [Hash{String => Hash}] schemas it refers to, by file name
    def initialize(rules, others: {})
      @rules = rules
      @others = others
      @named = {} # parts by the references to them
      @read = Latest.new(1024)
      freeze
    end

    # @param document [Object] parsed JSON
    # @param unit [:mm, :in] of its bare lengths
    # @return [Array(Object, Array<Fault>)] the typed document and its faults
    def read(document, unit: :mm)
      reader = Reader.new(self, unit)
      [reader.value(document, @rules, []), reader.faults]
    end

    # One of the groups and lists that a document is made of, with its faults, read once: where one value was typed,
    # all but those that it stands in are as they were.
    #
    # @param path [Array<String>] where it stands
    # @param unit [:mm, :in] of its bare lengths
    # @param group [Hash, Array] as parsed
    # @yieldparam reader [Reader]
    # @yieldreturn [Object] typed
    # @return [Array(Object, Array<Fault>)]
    def part(path, unit, group)
      @read.fetch([path, unit, group]) do
        reader = Reader.new(self, unit)
        [yield(reader), reader.faults.freeze].freeze
      end
    end

    # The reverse: a typed document as it is written to a file.
    #
    # @param typed [Object] as #read gave it
    # @param unit [:mm, :in] that its lengths are written in
    # @return [Object] ready for JSON, which reads back the same
    def write(typed, unit: :mm) = Writer.new(self, unit).value(typed, @rules)

    # The schema a reference names: its own part, or another file.
    def fetch(reference)
      @named[reference] ||=
        reference.start_with?("#/") ? @rules.dig(*reference[2..].split("/")) : @others.fetch(reference)
    end
  end
end
