# frozen_string_literal: true

module YellowTrack
  class Bypass
    # Where the stops stand in the track (handbook 15, "Stops"): x of the faces
    # that meet the hangers, from the left jamb's foot. All in mm.
    module Stops
      module_function

      # @param set [Bypass] whose panels are placed
      # @return [Array<Rational>, nil] ascending, each once; nil where the kit
      #   sheet says nothing of its hangers
      def of(set)
        plate = set.kit["hanger.length"]
        return unless plate && set.carried_by == "top"

        faces(set).uniq { |left, side| face(set, plate, left, side:) }
          .sort_by { |left, side| face(set, plate, left, side:) }.each_with_index.map do |(left, side), place|
          met(set, plate, left, side:, number: place + 1)
        end
      end

      # Left edge of a panel, and which of its hangers meets the stop.
      def faces(set)
        return parted(set) if set.pattern.laps.zero?

        ends = [[set.run.start, :left], [set.run.finish - set.width, :right]]
        set.pattern.bi_parting? ? ends + meeting(set) : ends
      end

      # On the wall, without a lap: closed, and open with its edge at the jamb.
      def parted(set)
        return [[-set.width, :left], *meeting(set), [set.sizing.width, :right]] if set.panels.length > 1
        return [[set.panels.first.x, :left], [set.sizing.width, :right]] if set.opens == "right"

        [[-set.width, :left], [set.panels.first.x, :right]]
      end

      # The two hangers that meet in the middle.
      def meeting(set)
        middle = set.panels.length / 2
        [[set.panels[middle - 1].x, :right], [set.panels[middle].x, :left]]
      end

      # @return [Rational] mm from the left jamb to the stop's face, which the hanger meets
      def face(set, plate, left, side:)
        near, far = set.rollers.places
        (side == :left) ? left + near - plate / 2 : left + far + plate / 2
      end

      # Writes a stop down: which hanger meets it, with the panel's left edge where it
      # stands then.
      def met(set, plate, left, side:, number:)
        near, far = set.rollers.places
        hanger, sign = (side == :left) ? [near, "−"] : [far, "+"]
        set.work.sum("track.stops.#{number}", "Stop #{number}", "panel edge + hanger #{sign} plate ÷ 2",
          panel_edge: left, hanger:, plate:, why: "A hanger's plate meets it; from the left jamb's foot.")
      end
    end
  end
end
