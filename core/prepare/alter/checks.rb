# frozen_string_literal: true

module YellowTrack
  class Alter
    # What altering a slab can spoil (handbook 7).
    class Checks < CheckList
      check "alter.block", :watch do |slab|
        left = slab.foot_left
        next grooved(slab, left) if slab.groove_through

        left && slab.height.positive? && left < FOOT_KEPT && [
          "#{len(slab.height)} off the foot leaves #{left.positive? ? at_most(left) : "nothing"} of the solid block.",
          "Keep #{len(FOOT_KEPT)} of it, or glue the block back in."
        ]
      end

      check "alter.stile", :stop do |slab|
        left = slab.stile_left
        left && slab.width.positive? && left < slab.stile_least && [
          "#{len(slab.width / 2)} off each edge leaves a stile of #{at_most(left)}.",
          "A stile keeps #{len(slab.stile_least)}. Take another slab."
        ]
      end

      check "alter.lipping", :watch do |slab|
        slab.lipping > LIPPING_MOST && ["A lipping of #{at_least(slab.lipping)} is over #{len(LIPPING_MOST)}.",
          "Take a taller slab, or lower the head."]
      end

      check "alter.narrow", :stop do |slab|
        slab.short.positive? && ["The slab is #{at_least(slab.short)} narrower than the panel.",
          "Glue strips to its edges, or take another slab."]
      end

      check "alter.none", :note do |slab|
        slab.as_it_is? && ["The slab fits as it is.", "Nothing to cut."]
      end

      private

      # A groove for a guide that runs into the hollow.
      def grooved(slab, left)
        kept = left.positive? ? at_most(left) : "nothing"
        ["The groove in the foot is #{len(slab.groove_through)} deep, and #{kept} of the solid block is left for it.",
          "Glue in a block #{at_least(slab.groove_through + FOOT_KEPT)} high, or use side guides."]
      end
    end
  end
end
