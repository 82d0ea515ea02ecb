# frozen_string_literal: true

module YellowTrack
  module Web
    # One value of an opening that is typed or chosen on a screen.
    #
    # key   where it stands in the opening file
    # label what the fitter calls it there
    # kind  :length, :flag, :choice, :count, :lanes, :pair (two lengths), :layer (a
    #       material and its thickness) or :texts (several, parted by ;), or
    #       :kit (an id, or a whole sheet)
    # hint  how to take it, or what it means
    # options, for a :choice: value to words
    Field = Struct.new(:key, :label, :kind, :hint, :options, keyword_init: true) do
      # An id for the page.
      def id = key.tr("._", "--")

      # What was posted, as the opening file holds it; nil for nothing.
      #
      # @param posted [String, Array<String>]
      def value(posted)
        return posted if posted.is_a?(Hash)

        list = Array(posted).map { |text| text.to_s.scrub("?").strip }
        return list.first == "1" if kind == :flag
        return nil if list.all?(&:empty?)

        whole(list)
      end

      # What the field shows of a value.
      #
      # @return [Array<String>] one for each of its inputs
      def texts(value)
        case kind
        when :pair then Array(value).map(&:to_s).values_at(0, 1)
        when :layer then value.is_a?(Hash) ? [value["material"], value["thickness"].to_s] : Array(value).values_at(0, 1)
        when :lanes then [Array(value).join(",")]
        when :texts then [Array(value).join("; ")]
        when :kit then [value.is_a?(Hash) ? value["id"].to_s : value.to_s]
        else [value.to_s]
        end
      end

      private

      def whole(list)
        case kind
        when :pair then list.values_at(0, 1).map(&:to_s)
        when :texts then list.first.split(/[;\n]|,\s+/).map(&:strip).reject(&:empty?)
        when :count then Integer(list.first, 10, exception: false) || list.first
        when :lanes then list.first.split(",").map { |lane| Integer(lane, 10, exception: false) || lane }
        when :layer then {"material" => list[0], "thickness" => list[1]}.reject { |_, text| text.to_s.empty? }
        else list.first
        end
      end
    end
  end
end
