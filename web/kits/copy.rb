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

        def title = "A copy of #{kit.name}"

        # @return [Array<Array(String, String)>] key and text, as typed where that
        #   was refused
        def lines
          refused = typed["kit"].is_a?(Hash) ? typed["kit"] : {}
          Form.new(@sheet).lines.map { |key, text| [key, refused[key] || text] }
        end

        def label(key) = key.tr("._", "  ")
      end
    end
  end
end
