# frozen_string_literal: true

module YellowTrack
  class Survey
    # What a fitter calls each reading.
    module Words
      NAMES = {
        "widths.top" => "width at the head", "widths.middle" => "width half-way",
        "widths.bottom" => "width at the floor",
        "heights.left" => "height at the left jamb", "heights.middle" => "height half-way",
        "heights.right" => "height at the right jamb",
        "diagonals.rising" => "rising diagonal", "diagonals.falling" => "falling diagonal",
        "leans.left" => "left jamb's lean", "leans.right" => "right jamb's lean",
        "floor" => "floor line", "depth" => "depth", "covering.thickness" => "covering's thickness",
        "above" => "wall over the opening", "beside.left" => "wall at the left", "beside.right" => "wall at the right",
        "wall.thickness" => "wall's thickness", "check.left" => "check at the left", "check.middle" => "check half-way",
        "check.right" => "check at the right", "tape" => "tape"
      }.freeze

      module_function

      # @param key [String] as in "widths.top", or "survey.widths.top" of the file
      def name(key)
        key = key.delete_prefix("survey.")
        NAMES[key] || key.sub(/\Afloor\.(\d+)\z/) { "floor station #{$1.to_i + 1}" }
      end

      # Several of them in one phrase: "a, b and c".
      def list(keys, joined: "and")
        *first, last = keys.map { |key| "the #{name(key)}" }
        first.empty? ? last : "#{first.join(", ")} #{joined} #{last}"
      end
    end
  end
end
