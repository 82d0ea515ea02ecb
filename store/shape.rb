# frozen_string_literal: true

require "date"
require "time"

module YellowTrack
  module Store
    # What an entry of the log is made of, by its kind: what comes in from a file is looked at by
    # it, and what does not fit is shown and not reckoned with.
    module Shape
      LINE = /\A(?:M\d{1,3} \d{1,3}(?: L\d{1,3} \d{1,3})* ?)+\z/ # drawn in a field of 400 × 120
      LONGEST = 20_000 # characters of a line, or of a text
      NUMBER = %r{\A-?\d{1,12}(?:[./]\d{1,12})?\z}
      KEY = /\A[\w .:-]{1,120}\z/

      LOOKS = {
        "made" => ->(_, one) { one.nil? || one.is_a?(Hash) },
        "reading" => ->(_, one) { value?(one) }, "choice" => ->(_, one) { value?(one) },
        "note" => ->(_, one) { text?(one) }, "remark" => ->(_, one) { text?(one) },
        "correction" => ->(_, one) { text?(one) }, "override" => ->(_, one) { text?(one) },
        "step" => ->(_, one) { tick?(one) }, "time" => ->(_, one) { tick?(one) },
        "service" => ->(key, one) { (key == "held") ? held?(one) : tick?(one) || list?(one) { |each| text?(each) } },
        "twice" => ->(_, one) { figures?(one) && %w[first second].all? { |key| one.key?(key) } },
        "wait" => ->(_, one) { one.nil? || day?(one) }, "round" => ->(_, one) { one.is_a?(Integer) },
        "cut" => ->(_, one) { one.nil? || number?(one) }, "move" => ->(_, one) { move?(one) },
        "picture" => ->(_, one) {
          one.is_a?(Hash) && one["picture"].is_a?(Integer) && (one["caption"].nil? || text?(one["caption"]))
        },
        "hand-over" => ->(key, one) { (key == "look-back") ? looked?(one) : signed?(one) }
      }.freeze

      module_function

      # @param kind [String]
      # @param key [String]
      # @param after [Object, nil] as parsed JSON
      # @param before [Object, nil] likewise: of a cut what was planned
      # @return [Boolean]
      def whole?(kind, key, after, before:)
        look = LOOKS[kind]
        !look.nil? && key.is_a?(String) && KEY.match?(key) && look.call(key, after) && value?(before) &&
          (kind != "cut" || number?(before))
      end

      # Whether it is a text that an entry can have.
      def text?(one) = one.is_a?(String) && one.length <= LONGEST

      # Whether it is a tick, or one taken back.
      def tick?(one) = one.nil? || one == true

      # Whether it is a day.
      def day?(one)
        text?(one) && !Date.iso8601(one, limit: 40).nil?
      rescue Date::Error
        false
      end

      # Whether it is a number, or a text that says one.
      def number?(one) = one.is_a?(Numeric) || (one.is_a?(String) && NUMBER.match?(one))

      # What a field of an opening may hold: lists and groups of plain values.
      def value?(one, deep = 8)
        case one
        when Hash then deep.positive? && one.values.all? { |each| value?(each, deep - 1) }
        when Array then deep.positive? && one.all? { |each| value?(each, deep - 1) }
        when String then text?(one)
        else true
        end
      end

      # Whether it is a list, each of it what the block says.
      def list?(one, &) = one.is_a?(Array) && one.all?(&)

      # Numbers by names.
      def figures?(one) = one.is_a?(Hash) && one.values.all? { |each| number?(each) }

      # Whether it is gaps, panel by panel.
      def gaps?(one) = one.is_a?(Hash) && one.values.all? { |each| figures?(each) }

      # Whether it is a move, as the bench writes it.
      def move?(one)
        one.is_a?(Hash) && figures?(one["gaps"]) && figures?(one["expected"]) && one["turned"].is_a?(Hash) &&
          one["turned"].values.all? { |turn|
            turn.is_a?(Hash) && turn["count"].is_a?(Integer) && text?(turn["words"].to_s)
          }
      end

      # Whether it is a look back.
      def looked?(one) = one.is_a?(Hash) && gaps?(one["gaps"])

      # Whether it is what a mend proved to be at its look-back.
      def held?(one)
        one.is_a?(Hash) && %w[symptoms causes].all? { |key| list?(one[key]) { |each| text?(each) } } &&
          [true, false].include?(one["held"]) && one["handed"].is_a?(Integer)
      end

      # Whether it is a hand-over.
      def signed?(one)
        looked?(one) && list?(one["fitted"]) { |line| text?(line) } && day?(one["look_back"]) &&
          told?(one["names"]) { |name| text?(name) } && told?(one["signatures"]) { |line| LINE.match?(line) } &&
          text?(one["reason"]) && list?(one["open"]) { |point|
            point.is_a?(Array) && point.compact.all? { |each| text?(each) }
          }
      end

      # Whether it is names of who signed.
      def told?(one)
        one.is_a?(Hash) && (one.keys - Signers::ALL).empty? && one.values.all? { |each| text?(each) && yield(each) }
      end
    end
  end
end
