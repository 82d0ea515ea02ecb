# frozen_string_literal: true

module YellowTrack
  module Desk
    # One value of an opening that is typed or chosen on a screen.
    #
    # key   where it stands in the opening file
    # label what the fitter calls it there
    # kind  :length, :flag, :yes_no (or not known), :known (yes, no, or that nobody
    #       knows), :choice, :count, :number, :lanes,
    #       :pair (two lengths), :layer (a material, its thickness, its share of the
    #       face), :texts or :lengths (several, parted by ;), :found (a length, or that
    #       it is not known), :text, or :kit (an id, or a whole sheet)
    # hint  how to take it, or what it means
    # options, for a :choice: value to words
    # halves, of a :pair: what each of its two is called
    Field = Struct.new(:key, :label, :kind, :hint, :options, :halves, keyword_init: true) do
      class << self
        # An id for the page of whatever has a dotted key.
        def id_of(key) = key.tr("._", "--")

        # A length as typed, with the unit that it was meant in where that is not
        # the job's.
        def meant(text, unit, own)
          (unit == own || text.empty? || Field::WITH_UNIT.match?(text)) ? text : "#{text} #{unit}"
        end

        # A length as it stands in a field of some unit.
        def told(text, shown, own)
          return text.to_s if shown == own || Field::WITH_UNIT.match?(text.to_s)

          parsed = parsed(text, own)
          parsed ? Length::Printer.derived(shown).typed(parsed) : text.to_s
        end

        # @return [Rational, nil] mm; nil for what is no length
        def parsed(text, own)
          text.to_s.empty? ? nil : Length.parse(text, unit: own, signed: true).mm
        rescue Fault
          nil
        end
      end

      # An id for the page.
      def id = Field.id_of(key)

      # What was posted, as the opening file holds it; nil for nothing. A bare
      # number that was meant in another unit than the job's is kept with its unit.
      #
      # @param posted [String, Array<String>, Hash]
      # @param unit [Symbol] in which bare numbers were meant
      # @param own [Symbol] the job's unit
      def value(posted, unit: :mm, own: unit)
        return posted if posted.is_a?(Hash)

        list = Array(posted).map { |text| text.to_s.strip }
        return list.first == "1" if kind == :flag
        return nil if list.all?(&:empty?)

        whole(list, ->(text) { Field.meant(text, unit, own) })
      end

      # What the field shows of a value: as it was typed, or in the unit that is
      # shown, so that reading it back gives the same length.
      #
      # @param shown [Symbol] the unit on the screen
      # @param own [Symbol] the job's unit
      # @return [Array<String>] one for each of its inputs
      def texts(value, shown: :mm, own: shown)
        told = ->(text) { Field.told(text, shown, own) }
        case kind
        when :length then [told.call(value)]
        when :found then [(value == "unknown") ? "not known" : told.call(value)]
        when :pair then Array(value).map(&told).values_at(0, 1)
        when :layer then layer_of(value).then { |material, thick, share| [material, told.call(thick), share.to_s] }
        when :lanes then [Array(value).join(",")]
        when :texts then [(value == []) ? Field::NONE : Array(value).join("; ")]
        when :yes_no then [if value.nil?
                             ""
                           else
                             (value ? "yes" : "no")
                           end]
        when :known then [Field::KNOWN.key(value) || value.to_s]
        when :number then [value.is_a?(Numeric) ? Numbers.plain(value).to_s : value.to_s]
        when :lengths then [Array(value).map(&told).join("; ")]
        when :kit then [value.is_a?(Hash) ? value["id"].to_s : value.to_s]
        else [value.to_s]
        end
      end

      # Whether two values are the same: lengths by what they come to, a mark that
      # was never set by one that is off.
      #
      # @param own [Symbol] the job's unit
      def same?(one, other, own:)
        return !one == !other if kind == :flag
        return [one, other].map { |value| value.nil? ? nil : !value }.uniq.length == 1 if kind == :yes_no

        one == other || (Field::LENGTHS.include?(kind) && measured(one, own) == measured(other, own))
      end

      private

      def whole(list, meant)
        case kind
        when :length then meant.call(list.first)
        when :found then Field::UNKNOWN.match?(list.first) ? "unknown" : meant.call(list.first)
        when :pair then list.values_at(0, 1).map { |text| meant.call(text.to_s) }
        when :texts, :lengths then several(list.first, meant)
        when :yes_no, :known then Field::KNOWN.fetch(list.first, list.first)
        when :number then number(list.first)
        when :count then Integer(list.first, 10, exception: false) || list.first
        when :lanes then list.first.split(",").map { |lane| Integer(lane, 10, exception: false) || lane }
        when :layer then {"material" => list[0], "thickness" => meant.call(list[1].to_s),
                          "share" => number(list[2].to_s)}
          .reject { |_, text| text.to_s.empty? }
        else list.first
        end
      end

      def parted(text) = text.split(/[;\n]|,\s+/).map(&:strip).reject(&:empty?)

      # A number as it was typed, with a comma or a per cent; text where it is none.
      def number(text)
        plain, per_cent = text.tr(",", ".").match(/\A(-?\d{1,6}(?:\.\d{1,6})?)\s*(%)?\z/)&.captures
        return text unless plain

        Numbers.plain(Rational(plain) / (per_cent ? 100 : 1))
      end

      # Several, parted; of texts the word for none of them.
      def several(text, meant)
        return [] if kind == :texts && text.casecmp?(Field::NONE)

        parted(text).then { |texts| (kind == :lengths) ? texts.map(&meant) : texts }
      end

      def layer_of(value)
        value.is_a?(Hash) ? value.values_at("material", "thickness", "share") : Array(value).values_at(0, 1, 2)
      end

      # What a value comes to in mm, for comparing; as it is where it is none.
      def measured(value, own)
        case value
        when Hash then value.transform_values { |inner| measured(inner, own) }
        when Array then value.map { |inner| measured(inner, own) }
        when nil then nil
        else Field.parsed(value, own) || value
        end
      end
    end

    Field::YES_NO = {"yes" => "yes", "no" => "no"}.freeze
    Field::KNOWN = {"yes" => true, "no" => false}.freeze # as the opening file holds them
    Field::NONE = "none" # typed where a list is read, and empty
    Field::UNKNOWN = /\A(unknown|not known|\?)\z/i # typed of a length that is not
    Field::LENGTHS = %i[length found pair layer lengths].freeze
    Field::WITH_UNIT = /[[:alpha:]"'’‘′“”″]/
  end
end
