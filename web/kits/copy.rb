# frozen_string_literal: true

module YellowTrack
  module Web
    module Kits
      # A copy of a kit sheet, to be changed and kept as the fitter's own.
      class Copy < Web::Screen
        # @return [Kit]
        attr_reader :kit

        # @param kit [Kit] that is copied
        # @param sheet [Hash] as parsed, with what the copy starts from
        def initialize(book, kit, sheet, **rest)
          super(book, **rest)
          @kit, @sheet = kit, sheet
        end

        # What stands in the window's own line.
        def title = "A copy of #{kit.name}"

        # @return [Symbol] :mm or :in, that its lengths are typed in
        def unit = (params["unit"] == "in") ? :in : :mm

        # The unit that the sheet is not typed in.
        def other_unit = (Length::UNITS - [unit]).first

        # The same in words.
        def other_unit_words = (other_unit == :in) ? "inches" : "millimetres"

        # @return [Array<Form::Row>] as typed where that was refused
        def rows
          refused = typed["kit"].is_a?(Hash) ? typed["kit"] : {}
          Form.new(@sheet, unit:).rows.each { |row| row.text = refused[row.key.key].to_s if refused.key?(row.key.key) }
        end

        # Where its values are measured, lettered.
        def places
          Drawing::KitPlaces.new(kit.manner, rows.map(&:key).select(&:mark).to_h { |key| [key.mark, key.label] })
        end
      end
    end
  end
end
