# frozen_string_literal: true

module YellowTrack
  module Files
    # An opening that suits a kit, so that its sheet can be drawn as what it is.
    module Sample
      HEIGHT = 2100 # mm
      # Width of the opening for each family, mm.
      WIDTHS = {"bypass" => 1800, "bifold" => 900, "pocket" => 800}.freeze

      module_function

      # @param kit [Kit]
      # @param sheet [Hash, String] the kit's whole sheet, or its id
      # @return [Opening] level and square, its panels of the kit's middle thickness
      def opening(kit, sheet = kit.id)
        width = WIDTHS.fetch(kit.family)
        Shelf.opening(
          "format" => "yellow-track/opening", "version" => 1, "name" => kit.name,
          "survey" => {"widths" => {"top" => width, "middle" => width, "bottom" => width},
                       "heights" => {"left" => HEIGHT, "middle" => HEIGHT, "right" => HEIGHT},
                       "leans" => {"left" => 0, "right" => 0},
                       "floor" => [[0, 0], [width, 0]]},
          "set" => {"family" => kit.family, "kit" => sheet, "thickness" => kit["thickness"].sum / 2}
            .transform_values { |value| value.is_a?(Rational) ? value.to_f : value }
        )
      end
    end
  end
end
