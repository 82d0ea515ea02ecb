# frozen_string_literal: true

module YellowTrack
  class Makeup
    # What is not known of the panels, and what nothing may rest on until it is (handbook 7, "Weight
    # and hands"): not said is not known.
    module Checks
      CODE = "makeup.unknown"
      WEIGH = "Two at least to lift one until then: weigh it"

      module_function

      # @param set [Family]
      # @return [Array<Check>]
      def found(set)
        return [] if set.makeup.known?

        layers = set.makeup.unknown_layers
        says, cure = layers.any? ? thickness(layers) : nothing_said
        [Check.new(code: CODE, level: :watch, says:, do: cure).freeze]
      end

      # @return [Array<String>] a sentence, and what would help
      def nothing_said
        ["What the panels are made of is not said. So their weight is not known, nor whether the kit carries them.",
          "#{WEIGH}, or say what it is made of."]
      end

      # @return [Array<String>] a sentence, and what would help
      def thickness(layers)
        ["How thick the #{layers.join(" and the ")} is was not said, so the panels' weight is not known.",
          "#{WEIGH}, or give the thickness."]
      end
    end
  end
end
