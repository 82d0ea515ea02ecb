# frozen_string_literal: true

module YellowTrack
  module Web
    module Kits
      # A kit sheet as a form: one line a value, named by its dotted key, and
      # back again.
      class Form
        # Values that are words, not numbers.
        WORDS = %w[id name family support adjust.raise guide.kind weight.counts].freeze

        # @param sheet [Hash] a parsed kit sheet
        def initialize(sheet)
          @sheet = sheet
        end

        # @return [Array<Array(String, String)>] dotted key and text
        def lines(values = @sheet, path = [])
          values.flat_map do |key, value|
            next lines(value, path + [key]) if value.is_a?(Hash)

            [[(path + [key]).join("."), value.is_a?(Array) ? value.join("; ") : value.to_s]]
          end
        end

        # The sheet with what was typed; an emptied line takes its value out.
        #
        # @param typed [Hash{String => String}]
        # @return [Hash] not checked yet
        def with(typed)
          lines.each_with_object({}) do |(key, text), sheet|
            value = read(key, (typed[key] || text).to_s.scrub("?").strip)
            put(sheet, key.split("."), value) unless value.nil?
          end
        end

        private

        def read(key, text)
          return if text.empty?
          return text if WORDS.include?(key)
          return text == "true" if key == "adjust.slot"
          return text.split(/[;\s]+/).map { |one| number(one) } if key == "thickness" || key == "track.stock"

          number(text)
        end

        # What is no number is left as it was typed, for the reader to refuse.
        def number(text)
          plain = text.tr(",", ".")
          Integer(plain, 10, exception: false) || Float(plain, exception: false) || text
        end

        def put(sheet, (step, *rest), value)
          rest.empty? ? sheet[step] = value : put(sheet[step] ||= {}, rest, value)
        end
      end
    end
  end
end
