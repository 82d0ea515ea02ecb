# frozen_string_literal: true

module YellowTrack
  class Bypass
    # Rollers in a track at the head carry the weight; a guide at the floor
    # steadies (handbook 4).
    class TopHung < Support
      # @return [Heights]
      def heights(sizing) = Heights.under_head(brief, sizing, drop: brief.from_kit("drop", "Drop"))
    end
  end
end
