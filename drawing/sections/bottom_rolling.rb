# frozen_string_literal: true

module YellowTrack
  module Drawing
    class Sections
      # A channel at the head that the panels reach into, a rail on the floor.
      # The weight stands on wheels on a rail, and the channel at the head holds it upright: how far the panel reaches
      # into that is what the section shows.
      class BottomRolling < Sliding
        private

        # The channel is as deep as the kit says; what the panel does not fill of it is free over its top.
        def above = @set.kit.fetch("rail.channel") - @set.engagement

        # Each lane has a channel, two thin walls with the panel between them.
        def runs
          channel = @set.kit.fetch("rail.channel").to_f * @scale
          panels.each do |panel|
            [z(panel.from, :head) - 4, z(panel.to, :head) + 1].each do |left|
              pen.rect([left, down(0)], [3, channel], "runs")
            end
          end
          pen.rect([z(0, :head), down(0)], [deep * @scale, 4], "runs")
        end

        # A covering laid up to the rail stands beside it, before the strip.
        def laid_up_to = @plan.figures.covering - @plan.figures.standing

        # A floor that is laid up to the strip stops at it; one that goes under it does not.
        def covered(left, wide) = laid_up_to.positive? ? z(0, :foot) - left : wide

        # The rail stands on its base strip where there is one; wheels stand on the rail, in the gap that is left.
        def below(finished, under)
          floor = finished + larger(laid_up_to)
          under += larger(laid_up_to)
          strip = larger(@set.opening["base_strip"] || 0)
          pen.rect([z(0, :foot), floor - strip], [deep * @scale, strip], "strip")
          panels.each do |panel|
            middle = z((panel.from + panel.to) / 2.0, :foot)
            pen.circle([middle, floor - (strip + under) / 2], [(under - strip) / 2, 3].max, "runs")
          end
        end
      end
    end
  end
end
