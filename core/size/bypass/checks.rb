# frozen_string_literal: true

module YellowTrack
  class Bypass
    # What is wrong with a bypass set (handbook 4).
    class Checks < CheckList
      include CommonChecks
      include Cures

      TALL = 4 # height to width
      GUIDE_FREE = 6 # lap beyond the guide
      PROUD_FREE = 2 # air beyond what stands proud
      MEET_LEAST = 2
      FIN_LEAST = 5 # of a fin in its groove
      WOOD_LEAST = 6 # beside a groove
      COVER_LEAST = 10 # beyond a jamb, and over the head
      HEAD_CLEAR = 2 # kept of the room above a panel

      check "bypass.lap.short", :stop do |set|
        next unless set.lap

        least = set.kit.fetch("lap.least")
        next unless set.lap < least
        unless set.widths.ready_made?
          next ["The lap comes out at #{at_most(set.lap)}; the least is #{len(least)}.",
            "Plan a lap of #{len(least)} or more."]
        end

        says = "The lap comes out at #{at_most(set.lap)}; the least is #{len(least)}. The opening is too wide for " \
          "these panels."
        found = set.jamb_packing&.range or next [says, "Less cover at the jambs, or wider panels."]
        [says, "Pack #{len(found[:design])} in all, half at each jamb; " \
          "#{range(found[:least], found[:most])} will do."]
      end

      check "bypass.lap.long", :watch do |set|
        next unless set.lap

        most = set.kit.fetch("lap.most")
        set.lap > most && ["The lap comes out at #{at_least(set.lap)}; the most is #{len(most)}. Reach is lost.",
          "Panels of #{len(set.widths.own_width)} would lap as the kit means them to."]
      end

      check "bypass.thickness", :stop do |set|
        least = set.kit["air.least"]
        next wrong_thickness(set) if wrong_thickness(set)

        least && set.air && set.air < least &&
          ["Only #{at_most(set.air)} of air between the panels; the least is #{len(least)}.",
            "Take thinner panels or a wider track."]
      end

      check "bypass.proud", :stop do |set|
        proud = set.opening["proud"]
        proud&.positive? && set.air && proud >= set.air - PROUD_FREE && [
          "#{len(proud)} stands proud of a face and there are #{len(set.air)} between the panels.",
          "Less than #{at_most([set.air - PROUD_FREE, 0].max)} may stand proud. Sink the pull or take thinner panels."
        ]
      end

      check "bypass.depth", :stop do |set|
        depth = set.brief.survey["depth"]
        depth && set.depth_needed && set.depth_needed > depth &&
          ["The set is #{at_least(set.depth_needed)} deep and the opening #{len(depth)}.",
            less_deep(set, set.depth_needed - depth, "a kit with less depth")]
      end

      check "bypass.weight", :stop do |set|
        weighed(set)
      end

      check "bypass.inset", :stop do |set|
        least = set.kit.fetch("inset.least")
        if set.rollers.inset < least
          next ["Rollers #{at_most(set.rollers.inset)} from the edge; the kit's least is #{len(least)}.",
            "Set them at #{len(least)} or more."]
        end

        set.rollers.spacing < set.width / 3 &&
          ["Rollers only #{len(set.rollers.spacing)} apart on a panel of #{len(set.width)}.",
            "Set them farther apart: a third of the width at least."]
      end

      check "bypass.tall", :watch do |set|
        ratio = set.width.positive? ? set.height / set.width : 0
        ratio > TALL && ["The panel is #{ratio.to_f.round(1)} times as tall as wide: it will rack and chatter.",
          "Fewer, wider panels run better."]
      end

      check "bypass.gap.least", :stop do |set|
        least, wanted = set.panels.map { |panel| panel.travel_gap.least }.min, set.support.gap_least
        says, cure = gap_under_least(least, wanted, "along the travel", planned: set.gap)
        if says && set.engagement
          cure = "Stand the rail #{at_least(wanted - least)} higher on a strip, or level the floor."
        end
        says && [says, cure]
      end

      check "bypass.gap.most", :watch do |set|
        gap_over_most(set.panels.map { |panel| panel.travel_gap.most }.max, set.kit["gap.most"], "along the travel")
      end

      check "bypass.engage", :stop do |set|
        next unless set.engagement

        worst, least = set.heights.engagement_at_worst, set.kit.fetch("rail.engagement.least")
        reaches = worst.negative? ? "stays #{at_least(-worst)} short of" : "reaches #{at_most(worst)} into"
        worst < least && ["Let right down, a panel #{reaches} the channel; the least is #{len(least)} into it.",
          more_engagement(set)]
      end

      check "bypass.lift", :stop do |set|
        next unless set.engagement

        room = set.heights.lift_room
        room.negative? && ["The panel cannot be lifted over the rail's lip: #{at_least(-room)} too little room.",
          "Plan less engagement."]
      end

      check "bypass.guide", :watch do |set|
        length = set.guides&.length
        next unless length
        next on_cover(set, length) unless set.lap

        free = set.lap - GUIDE_FREE
        length > free && ["The floor guide is #{len(length)} long and the lap leaves it #{at_most([free, 0].max)}.",
          "A longer lap, or a shorter guide."]
      end

      check "bypass.fin", :watch do |set|
        reach = set.guides&.reach
        reach && reach < FIN_LEAST && ["The fin reaches #{at_most([reach, 0].max)} into its groove; it takes " \
          "#{len(FIN_LEAST)}.",
          "A taller fin, or a smaller floor gap."]
      end

      check "guide.lift", :watch do |set|
        lift, room = set.guides&.lift, set.kit["head_room"]
        next unless lift && room

        free = room - HEAD_CLEAR
        free < lift && [
          "To hang a panel over its groove it is lifted #{at_least(lift)}; there is #{at_most([free, 0].max)}.",
          "Screw the tongue on after hanging."
        ]
      end

      check "guide.floor", :watch do |set|
        covering = set.brief.figures.covering
        set.guides&.tongue? && covering.positive? &&
          ["A groove in the finished floor, and #{len(covering)} of covering is still to be laid.",
            "Lay it first; the groove is cut in what is walked on."]
      end

      check "bypass.meet", :stop do |set|
        set.meets.any? && set.meet_gap < MEET_LEAST && ["The meet gap is #{at_most(set.meet_gap)}.",
          "Leave #{len(MEET_LEAST)} or more."]
      end

      check "bypass.cover", :stop do |set|
        next unless set.covers?

        beyond = %w[left right].zip(set.jamb_covers)
        side, least = beyond.min_by(&:last)
        says = [(covering(least, "beyond the #{side} jamb") if least < COVER_LEAST),
          (covering(set.heights.cover, "over the head") if set.heights.cover < COVER_LEAST)].compact
        says.any? && [says.join(" "), more_cover(set, least)]
      end

      check "bypass.above", :stop do |set|
        above = set.covers? && set.brief.survey["above"]
        above && set.wall.above_needed > above &&
          ["The rail takes #{at_least(set.wall.above_needed)} of free wall above the opening; #{len(above)} is there.",
            "Less cover above, or a kit that stands lower."]
      end

      check "bypass.studs", :note do |set|
        set.covers? && set.wall.unknown? && ["No studs listed: no verdict on the rail's holes.",
          "Find the studs and list their centres, or say that the wall is solid."]
      end

      check "bypass.groove", :watch do |set|
        wood = set.guides&.wood
        wood && wood < WOOD_LEAST && ["A groove of #{len(set.guides.groove_width)} leaves #{at_most([wood, 0].max)} " \
          "of wood at each side.",
          "Use side guides."]
      end

      check "bypass.bay", :watch do |set|
        shut = set.bays.reject(&:reachable)
        next if shut.empty?

        says = shut.map { |bay|
          "The bay #{num(bay.from)}–#{num(bay.to)} never comes clear; #{len(bay.widest)} of it " \
                  "does at most."
        }
        [says.join(" "), "Move what stands there, or choose a set that opens wider."]
      end

      check "bypass.standoff", :note do |set|
        next unless set.covers?

        packing = set.wall.standoff
        packing.positive? && ["The wall stands proud: pack #{len(packing)} behind the rail.",
          "A block behind every bracket, #{set.track.holes.length} in all."]
      end

      check "bypass.parking", :stop do |set|
        next unless set.covers?

        short = set.parking.select { |side, needed| (free = set.brief.survey["beside.#{side}"]) && free < needed }
        next if short.empty?

        says = short.map { |side, needed|
          "#{len(set.brief.survey["beside.#{side}"])} of free wall at the #{side}; " \
                  "it takes #{at_least(needed)}."
        }
        [says.join(" "), "Narrower panels, or another set."]
      end

      check "bypass.header", :watch do |set|
        set.covers? && set.wall.misses? && ["The rail's holes miss the studs.",
          "Fit a header board over the studs first; screw the rail to it anywhere."]
      end

      check "bypass.nogging", :watch do |set|
        next unless set.covers? && set.wall.nogging?

        ["The rail goes over the head that is built down, and too few of its holes meet the new frame's uprights at " \
          "#{set.wall.uprights.map { |place| num(place) }.join(", ")}.",
          "Fit a nogging between the uprights along the rail line, #{len(set.heights.rail_line)} above the finished " \
            "floor, before the boards."]
      end

      check "bypass.height", :stop do |set|
        too_tall_or_short(set)
      end
    end
  end
end
