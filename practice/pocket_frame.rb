# frozen_string_literal: true

module YellowTrack
  module Practice
    # Rough opening, wall and longest screw of a pocket (handbook 6).
    # A clear opening of 720 in a wall of 20 mm studs and 12.5 mm boards, say: the rough opening is 20 + 720 + 760 +
    # 12 = 1512, the wall 36 + 2 × 7 + 2 × 20 + 2 × 12.5 = 115, the longest screw 12.5 + 20 − 3 = 29.5. Who forgets
    # the pocket frames 752, and opens the wall again.
    class PocketFrame < Drill
      KEY, NAME = "pocket-frame", "Pocket frame"
      LEARN = "The clear opening, one pocket for each leaf and the clearance at its ends; the wall is the leaf, its " \
        "air, studs and boards on both sides."
      # As it would be for one leaf: what somebody works who overlooks that the other leaf has its own pocket.
      ONE = "clear + depth + end clearance"

      private

      # Two leaves only from the third level on: the pocket that counts twice is the slip they bring with them.
      def drawn
        leaves = (level < 3) ? 1 : site.pick([1, 2])
        width = (leaves == 2) ? 1200..1800 : 650..950
        site.document(width, 2000..2300)
          .merge("set" => {"family" => "pocket", "kit" => "pocket-90", "leaves" => leaves,
                           "thickness" => site.told(site.about(33..42)), "makeup" => [{"material" => "hollow core"}]})
      end

      def asked(set)
        "The rough opening's width, the wall's thickness and the longest screw, for " \
          "#{(set["leaves"] == 1) ? "one leaf" : "two leaves"}?"
      end

      # What each answer costs that comes out wrong is told with it: a wall too thin rubs, a screw too long scores.
      def parts(plan)
        [part(plan, "pocket.rough_width", "rough width", slips: method(:widths),
          under: "the frame does not go between the studs: the wall is opened again"),
          part(plan, "pocket.wall", "wall", slips: method(:walls), under: "the leaf rubs on the boards inside"),
          part(plan, "pocket.longest_screw", "longest screw", slips: method(:screws),
            over: "its point stands in the pocket and scores the leaf")]
      end

      # All that the three sums have in them beside the readings, so that nothing has to be looked up.
      def given(plan)
        keys = %w[pocket.rough_width pocket.wall pocket.longest_screw]
        rough, wall, screw = keys.map { |key| plan.working[key].values }
        {"pocket's depth" => rough[:depth], "clearance at each end" => rough[:end_clearance],
         "lining of each jamb" => rough[:lining], "air on each side of the leaf" => wall[:clear],
         "stud" => wall[:stud], "board" => wall[:board], "left in hand under a screw" => screw[:short]}
      end

      # A wall with two pockets is told by its own formula; only there can one of them be forgotten.
      def widths(entry)
        lining, clear = entry.values.values_at(:lining, :clear)
        two = entry.formula.include?("2 × depth")
        [(slip("the pocket was counted once for two leaves", entry, formula: ONE) if two),
          slip("the lining was taken twice", entry, clear: clear - 2 * lining),
          slip("the clearance at the ends was forgotten", entry, end_clearance: 0),
          slip("the pocket was forgotten", entry, depth: 0)]
      end

      def walls(entry)
        [slip("the studs' thickness was forgotten", entry, stud: 0), slip("the boards were forgotten", entry, board: 0),
          slip("the leaf's air was forgotten", entry, clear: 0)]
      end

      def screws(entry)
        [slip("the stud's thickness was forgotten", entry, stud: 0), slip("nothing was left in hand", entry, short: 0)]
      end
    end
  end
end
