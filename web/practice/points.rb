# frozen_string_literal: true

module YellowTrack
  module Web
    module Practice
      # Points as they are told.
      module Points
        # @param points [Rational] in halves
        # @return [String] "1½"
        def self.told(points)
          whole, half = points.divmod(1)
          return whole.to_s if half.zero?

          "#{whole unless whole.zero?}½"
        end
      end
    end
  end
end
