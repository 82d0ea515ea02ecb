# frozen_string_literal: true

module YellowTrack
  module Web
    # Values of the log in words.
    module Saying
      module_function

      # "width, head 1806 to 1808"
      def change(entry)
        field = Desk::Fields.told(entry.key)
        "#{field&.label || entry.key} #{value(field, entry.before)} to #{value(field, entry.after)}"
      end

      # A value as it was typed; "nothing" for none.
      #
      # @param field [Desk::Field, nil]
      def value(field, value)
        text = field ? field.texts(value).compact.reject(&:empty?).join(" – ") : spread(value)
        text.empty? ? "nothing" : text
      end

      # A value of several parts, one after the other.
      def spread(value)
        case value
        when Hash then value.map { |key, inner| "#{key.tr("_", " ")} #{spread(inner)}" }.join(", ")
        when Array then value.map { |inner| spread(inner) }.join(", ")
        else value.to_s
        end
      end
    end
  end
end
