# frozen_string_literal: true

module YellowTrack
  module Web
    module Kits
      # One kit sheet, drawn as what it is.
      class Sheet < Web::Screen
        # @return [Kit]
        attr_reader :kit

        # @param kit [Kit]
        # @param sheet [Hash] as parsed
        def initialize(book, kit, sheet, **rest)
          super(book, **rest)
          @kit, @sheet = kit, sheet
        end

        # What stands in the window's own line.
        def title = kit.name

        # What it was before, the latest first.
        #
        # @return [Array<Store::Replaced::Was>]
        def earlier = book.replaced.of("kit", kit.id)

        # Head and foot of a set with it, cut across; nil where its values make none.
        #
        # @return [Drawing::Sections, nil]
        def drawing = plan && Drawing::Sections.of(plan, plan.opening.printer)

        # Thickness of the panel that it is drawn with.
        def thickness = plan.opening.printer.with_unit(plan.set.thickness)

        # @return [Array<Array(String, String, String)>] what each value is called, the value with its unit, and what
        #   it is; nil where the name says it
        def values
          rows = Form.new(@sheet).rows.reject { |row| row.lacking || %w[id name].include?(row.key.key) }
          [*@sheet.slice("family", "support").map { |name, value| [name, value, nil] },
            *rows.map { |row| [row.key.label, told(row), row.key.what] }]
        end

        private

        # A value in words, with its unit.
        def told(row)
          return [row.text, *row.key.unit].join(" ") unless row.key.length?

          lengths = [*@sheet.dig(*row.key.key.split("."))]
          return row.text unless lengths.all?(Numeric)

          shown = lengths.map { |mm| printer.short(Rational(mm.to_s)) }
          "#{shown.join((row.key.kind == "pair") ? " to " : ", ")} mm"
        end

        def printer = Length::Printer.derived(:mm)

        def plan
          return @plan if defined?(@plan)

          made = Plan.of(Files::Sample.opening(kit, @sheet))
          @plan = made.whole? ? made : nil
        rescue Fault, ZeroDivisionError, FloatDomainError
          @plan = nil
        end
      end
    end
  end
end
