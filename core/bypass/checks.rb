# frozen_string_literal: true

module YellowTrack
  class Bypass
    # What is wrong with a bypass set (handbook 4).
    class Checks < CheckList
      HEAVY = 85r / 100 # share of the limit from which to watch
      TALL = 4 # height to width
      GUIDE_FREE = 6 # lap beyond the guide
      PROUD_FREE = 2 # air beyond what stands proud
      MEET_LEAST = 2
      SHORTEST = 500

      check "bypass.lap.short", :stop do |set|
        least = set.kit.fetch("lap.least")
        next unless set.lap < least
        unless set.widths.ready_made?
          next ["The lap comes out at #{len(set.lap)}; the least is #{len(least)}.",
            "Plan a lap of #{len(least)} or more."]
        end

        needed = set.widths.packing_needed
        ["The lap comes out at #{len(set.lap)}; the least is #{len(least)}. The opening is too wide for these panels.",
          "Pack #{len(needed)} in all, #{len(needed / 2)} at each jamb."]
      end

      check "bypass.lap.long", :watch do |set|
        most = set.kit.fetch("lap.most")
        set.lap > most && ["The lap comes out at #{len(set.lap)}; the most is #{len(most)}. Reach is lost.",
          "Panels of #{len(set.widths.own_width)} would lap as the kit means them to."]
      end

      check "bypass.thickness", :stop do |set|
        thin, thick = set.kit.fetch("thickness")
        least = set.kit["air.least"]
        unless set.thickness.between?(thin, thick)
          next ["Panels of #{len(set.thickness)} do not go into #{set.kit.name}: it takes #{num(thin)} to #{len(thick)}.",
            "Take other panels or another kit."]
        end

        least && set.air && set.air < least && ["Only #{len(set.air)} of air between the panels; the least is #{len(least)}.",
          "Take thinner panels or a wider track."]
      end

      check "bypass.proud", :stop do |set|
        proud = set.opening["proud"]
        proud&.positive? && set.air && proud >= set.air - PROUD_FREE && [
          "#{len(proud)} stands proud of a face and there are #{len(set.air)} between the panels.",
          "Less than #{len([set.air - PROUD_FREE, 0].max)} may stand proud. Sink the pull or take thinner panels."
        ]
      end

      check "bypass.depth", :stop do |set|
        depth = set.brief.survey["depth"]
        depth && set.depth_needed > depth && ["The set is #{len(set.depth_needed)} deep and the opening #{len(depth)}.",
          "Take thinner panels or a kit with less depth."]
      end

      check "bypass.weight", :stop do |set|
        most = set.kit.fetch("weight.most")
        whole = set.kit.fetch("weight.counts") == "set"
        weight = whole ? set.weight * set.pattern.panels : set.weight
        next if weight <= most * HEAVY

        says = "#{whole ? "The panels weigh" : "A panel weighs"} #{kilos(weight)}; the kit carries #{kilos(most)}."
        (weight > most) ? [says, "Take a lighter make-up or a stronger kit."] : [:watch, says, "Little is left for fittings."]
      end

      check "bypass.inset", :stop do |set|
        least = set.kit.fetch("inset.least")
        if set.inset < least
          next ["Rollers #{len(set.inset)} from the edge; the kit's least is #{len(least)}.",
            "Set them at #{len(least)} or more."]
        end

        set.spacing < set.width / 3 && ["Rollers only #{len(set.spacing)} apart on a panel of #{len(set.width)}.",
          "Set them farther apart: a third of the width at least."]
      end

      check "bypass.tall", :watch do |set|
        ratio = set.width.positive? ? set.support.height / set.width : 0
        ratio > TALL && ["The panel is #{ratio.to_f.round(1)} times as tall as wide: it will rack and chatter.",
          "Fewer, wider panels run better."]
      end

      check "bypass.gap.least", :stop do |set|
        least = set.kit["gap.least"]
        gap = set.panels.map { |panel| panel.travel_gap.least }.min
        least && gap < least && ["The floor gap comes down to #{len(gap)} along the travel; the least is #{len(least)}.",
          "Plan a floor gap of #{len(set.support.gap + least - gap)}, or level the floor."]
      end

      check "bypass.gap.most", :watch do |set|
        most = set.kit["gap.most"]
        gap = set.panels.map { |panel| panel.travel_gap.most }.max
        most && gap > most && ["The floor gap grows to #{len(gap)} along the travel; the most is #{len(most)}.",
          "Level the floor, or accept the gap."]
      end

      check "bypass.guide", :watch do |set|
        length = set.kit["guide.length"]
        free = set.lap - GUIDE_FREE
        length && length > free && ["The floor guide is #{len(length)} long and the lap leaves it #{len([free, 0].max)}.",
          "A longer lap, or a shorter guide."]
      end

      check "bypass.meet", :stop do |set|
        set.meets.any? && set.meet_gap < MEET_LEAST && ["The meet gap is #{len(set.meet_gap)}.",
          "Leave #{len(MEET_LEAST)} or more."]
      end

      check "bypass.bay", :watch do |set|
        shut = set.bays.reject(&:reachable)
        next if shut.empty?

        says = shut.map { |bay| "The bay #{num(bay.from)}–#{num(bay.to)} never comes clear; #{len(bay.widest)} of it does at most." }
        [says.join(" "), "Move what stands there, or choose a set that opens wider."]
      end

      check "bypass.height", :stop do |set|
        tallest = set.kit.fetch("tallest")
        height = set.support.height
        next ["The panels are #{len(height)} tall; the kit takes #{len(tallest)}.", "Build the head down, or take another kit."] if height > tallest

        height < SHORTEST && ["The panels come out at #{len(height)}; under #{len(SHORTEST)} they will not run true.", "Measure the heights again."]
      end

      private

      def kilos(weight) = "#{weight.to_f.round(1)}\u00A0kg"
    end
  end
end
