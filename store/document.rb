# frozen_string_literal: true

require "json"

module YellowTrack
  module Store
    # An opening file as it is kept: every value as it was typed, with a name for
    # each item of a list, that lasts wherever the item stands. Changed by copy.
    class Document
      # Lists whose items have names, as in "survey.floor.i3"; NEW is one to come.
      LISTS = %w[survey.floor survey.bays].freeze
      NEW = "new"
      ITEM = /\A(#{LISTS.map { |key| Regexp.escape(key) }.join("|")})\.(?:i(\d{1,9})|#{NEW})\z/

      # A new opening's: nothing read.
      def self.blank(name:, units:, set:, grain: nil)
        new({"format" => "yellow-track/opening", "version" => 1, "name" => name, "units" => units, "grain" => grain,
             "survey" => {},
             "set" => set}.compact)
      end

      # @param json [String]
      # @param items [String] JSON, as they are kept
      def self.parse(json, items = "{}") = new(nil, nil, text: [json, items])

      # @param to_h [Hash] an opening file as parsed
      # @param items [Hash{String => Array<Integer>}] numbers of a list's items, in
      #   their order, and last the one that the next will have
      # @param text [Array(String, String), nil] both as JSON: read when they are asked for, which lists never do
      def initialize(to_h, items = {}, text: nil)
        @to_h, @items, @text = to_h, items, text
      end

      # @return [Hash] an opening file as parsed
      def to_h = @to_h ||= JSON.parse(@text.first)

      # What stands at a dotted key, as in "survey.widths.top" or
      # "survey.floor.i2"; nil where nothing does.
      def [](key)
        return at_item(key) if ITEM.match?(key)

        Dotted.steps(key).reduce(to_h) do |inner, step|
          case inner
          when Hash then inner[step]
          when Array then inner[Integer(step, 10)]
          end
        end
      end

      # Keys of a list's items, in their order.
      #
      # @param list [String] "survey.floor"
      # @return [Array<String>]
      def item_keys(list) = numbers(list)[..-2].map { |number| "#{list}.i#{number}" }

      # A copy with another value at a key; nil takes it out. A new item, or one
      # that was taken out, goes back to its place.
      def with(key, value)
        list, number = key.match(ITEM)&.captures
        return with_item(list, number && Integer(number, 10), value) if list

        Document.new(put(to_h, key.split("."), value), kept_items(key))
      end

      # The key that a value was put at: that of the last item, for a new one.
      def settled(key) = key.end_with?(".#{NEW}") ? item_keys(key.delete_suffix(".#{NEW}")).last : key

      # The document as a file has it.
      def to_json(*) = JSON.generate(to_h)

      # @return [String] JSON
      def items = JSON.generate(all_items)

      private

      def all_items = @items ||= JSON.parse(@text.last)

      # Numbers of a list's items, and the next; those that were never named are
      # numbered as they stand.
      def numbers(list)
        length = (plain(list) || []).length
        known = all_items[list]
        (known && known.length == length + 1) ? known : [*0..length]
      end

      def plain(list) = list.split(".").reduce(to_h) { |inner, step| inner && inner[step] }

      def at_item(key) = ITEM.match(key).captures.then { |list, number| number && at(list, number) }

      def at(list, number) = (place = numbers(list)[..-2].index(Integer(number, 10))) && plain(list)[place]

      def with_item(list, number, value)
        *taken, following = numbers(list)
        number ||= following
        pairs = taken.zip(plain(list) || []).to_h
        value.nil? ? pairs.delete(number) : pairs[number] = value
        pairs = pairs.sort.to_h
        Document.new(put(to_h, list.split("."), pairs.values.then { |left| left.empty? ? nil : left }),
          all_items.merge(list => [*pairs.keys, [following, number + 1].max]))
      end

      # A list that is replaced as a whole has new items.
      def kept_items(key) = all_items.reject { |list, _| list == key || list.start_with?("#{key}.") }

      def put(inner, (step, *rest), value)
        return listed(inner || [], Integer(step, 10), value) if step.match?(/\A\d+\z/)

        inner = inner.is_a?(Hash) ? inner.dup : {}
        inner[step] = rest.empty? ? value : put(inner[step], rest, value)
        inner[step].nil? ? inner.except(step) : inner
      end

      def listed(list, place, value)
        raise KeyError, "no place #{place} in a list of #{list.length}" if place > list.length

        list = list.dup
        list[place] = value
        list.compact.then { |left| left.empty? ? nil : left }
      end
    end
  end
end
