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

        # @return [Array<Array(String, String)>] what each value is called, and the
        #   value
        def values
          rows = Form.new(@sheet).rows.reject { |row| row.lacking || %w[id name].include?(row.key.key) }
          [*@sheet.slice("family", "support").to_a, *rows.map { |row| [row.key.label, row.text] }]
        end

        private

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
