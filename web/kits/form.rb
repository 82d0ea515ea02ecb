# frozen_string_literal: true

module YellowTrack
  module Web
    module Kits
      # A kit sheet as a form, a field a key that its manner of hanging has, and back
      # again: lengths in mm or inches, as a fitter writes them.
      class Form
        # One field: its key, and what stands in it.
        Row = Struct.new(:key, :text, :lacking, keyword_init: true)

        # @param sheet [Hash] a parsed kit sheet
        # @param unit [Symbol] that lengths are written in, and bare ones are meant in
        def initialize(sheet, unit: :mm)
          @sheet, @unit = sheet, unit
        end

        # @return [Array<Files::KitKeys::Key>]
        def keys = Files::KitKeys.of(Manner::ROWS.fetch(@sheet["support"] || @sheet["family"]))

        # @return [Array<Row>] those that the sheet lacks among them
        def rows
          keys.map do |key|
            value = @sheet.dig(*key.key.split("."))
            Row.new(key:, text: text(key, value), lacking: value.nil?)
          end
        end

        # The sheet with what was typed; an emptied field takes its value out.
        #
        # @param typed [Hash{String => String}]
        # @return [Hash]
        # @raise [Faults] all that is wrong with it, each by its key
        def with(typed)
          faults = []
          made = rows.each_with_object(fixed) do |row, sheet|
            text = (typed[row.key.key] || row.text).to_s.scrub("?").strip
            value = read_or_note(row.key, text, faults)
            put(sheet, row.key.key.split("."), value) unless value.nil?
          end
          faults += refused(made).reject { |fault| faults.any? { |known| fault.key.start_with?(known.key) } }
          faults.any? ? raise(Faults.new(faults)) : made
        end

        private

        # What no form changes.
        def fixed = @sheet.slice("family", "support")

        def text(key, value)
          return "" if value.nil?
          return value.map { |mm| length(mm) }.join("; ") if value.is_a?(Array)

          (key.length? && value.is_a?(Numeric)) ? length(value) : value.to_s
        end

        def length(mm) = Length::Printer.derived(@unit).typed(Rational(mm.to_s))

        def refused(sheet)
          Files::Shelf.kit(sheet)
          []
        rescue Faults => e
          e.list
        end

        # A length that cannot be read stays as it was typed, with its fault noted.
        def read_or_note(key, text, faults)
          read(key, text)
        rescue Fault => e
          faults << Fault.new(e.words, key: key.key)
          text
        end

        def read(key, text)
          return if text.empty?

          case key.kind
          when "word" then text
          when "choice" then (key.key == "adjust.slot") ? text == "true" : text
          when "length" then (text == "open") ? text : mm(text)
          when "lengths", "pair" then text.split(/[;\n]|,\s+/).map { |one| mm(one.strip) }
          else number(text)
          end
        end

        def mm(text) = Numbers.exact(Length.parse(text, unit: @unit).mm)

        # What is no number is left as it was typed, for the reader to refuse.
        def number(text)
          plain = text.tr(",", ".").sub(/\s*(kg|°)\z/, "")
          Integer(plain, 10, exception: false) || Float(plain, exception: false) || text
        end

        def put(sheet, (step, *rest), value)
          rest.empty? ? sheet[step] = value : put(sheet[step] ||= {}, rest, value)
        end
      end
    end
  end
end
