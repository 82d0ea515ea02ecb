# frozen_string_literal: true

module YellowTrack
  class Choose
    # One kit in one layout, as it would be here (handbook 3). Lengths in mm.
    class Candidate
      STATES = %w[fits if not].freeze
      CLEAR_STEP = 5 # mm by which clear openings are told apart
      OWN = /\Asurvey\.|\Apocket\.service\z/ # watches that are no candidate's

      # How it is tried: layout, the choices that make it; place, of its kit on the shelf and of the layout among its
      # kit's; in_mind, whether this is the way that the opening has now.
      Shelved = Struct.new(:layout, :place, :in_mind)

      # @return [Plan]
      attr_reader :plan
      # @return [Array<Facts::Fact>]
      attr_reader :unread
      # @return [Array<Check>] that stop it, one a code
      attr_reader :stops

      # @param plan [Plan]
      # @param shelved [Shelved]
      def initialize(plan, shelved)
        @plan, @shelved = plan, shelved
        @stops = counted(:stop)
        @unread = Facts.unread(self)
      end

      # Says who it is ranked among: what it would take can hang on another's layout.
      def among(all)
        @takes = Takes.new(self, all).all
        freeze
      end

      # @return [Array<Takes::Take>] what it would take, one a stop
      attr_reader :takes

      # @return [Hash] the choices that make it
      def layout = @shelved.layout

      # Whether this is the way that the opening has now.
      def in_mind? = @shelved.in_mind

      # @return [String] "wall-hung pair"
      def manner = Sets.of(kit).layouts.called(kit, layout)

      # @return [Integer] codes to watch
      def watches = counted(:watch).count { |check| !check.code.match?(OWN) }

      # @return [Kit]
      def kit = plan.opening.kit

      # @return [Survey] that all ways are tried on
      def survey = plan.opening.survey

      # @return [Family, nil] nil where nothing is left to hang
      def set = plan.set

      # @return ["fits", "if", "not"]
      def state
        return "not" if stops.any?

        unread.any? ? "if" : "fits"
      end

      # @return [Rational] mm that can be walked through at once; 0 where no set comes of it
      def clear = set ? set.widest : 0r

      # Of the width.
      def share = set ? set.share : 0r

      # @return [Integer] bays behind it whose whole front comes clear at some place of the panels
      def bays_reachable = set ? set.bays.count(&:reachable) : 0

      # @return [Integer] that the survey knows
      def bays = survey.bays.length

      # Whether nothing behind it is out of reach.
      def every_bay? = bays_reachable == bays

      # Whether its panels' weight can be told.
      def weighs?
        return !set.weight.nil? if set

        !plan.opening["weighed"].nil? || (plan.opening["makeup"] || []).any?
      end

      # kg; nil while nothing says what the panels are made of.
      def heaviest = (set.weight if set && weighs?)

      # @return [Integer, nil] who lift a panel; nil while its weight is not known
      def hands = (set.hands if set && weighs?)

      # @return [Rational] mm of a panel: the kit's thickest, where nothing was chosen
      def thickness = set ? set.thickness : plan.opening["thickness"] || kit.fetch("thickness").last

      # Cuts, holes and adjusters; nil where nothing hangs.
      #
      # @return [Hash{Symbol => Integer}, nil]
      def work = set&.labour

      # The heaviest make-up that the kit would carry, kg/m², down to 0.01.
      #
      # @return [Rational, nil]
      def heaviest_makeup
        return unless set

        counted = {"panel" => 1, "pair" => 2, "set" => set.panels.length}.fetch(kit.fetch("weight.counts"))
        face = set.width * set.height / 1_000_000
        return 0r unless face.positive?

        Length.down([(kit.fetch("weight.most") / counted - Makeup::FITTINGS) / face, 0r].max, 1r / 100)
      end

      # Whether it hangs between the jambs.
      def inside? = kit.manner.carried != :wall

      # Whether it hangs in front of the opening.
      def on_wall? = !inside?

      # Whether it goes into the wall.
      def pocketed? = kit.manner.pockets?

      # Whether it stands out into the room as it opens.
      def folds? = kit.manner.folds?

      # Whether a track at the head carries it that is not in a wall's.
      def hangs_from_head? = kit.manner.carried == :head && !pocketed?

      # Sides on which it wants free wall to open.
      def parking_sides
        return [] if inside? && !pocketed?
        return [] if manner == "wall-hung lapping"

        layout["opens"] ? [layout["opens"]] : %w[left right]
      end

      # What candidates are ranked by, the better first.
      def rank
        [STATES.index(state), stops.length, every_bay? ? 0 : 1, -(clear.round(3) / CLEAR_STEP).floor, watches,
          heaviest ? heaviest.round(2) : Float::INFINITY, work ? work.values.sum : Float::INFINITY, *@shelved.place]
      end

      # As the choice file has it.
      def to_h
        {"manner" => manner, "kit" => kit.id, **layout, "thickness" => thickness, "state" => state,
         "stops" => stops.map(&:code), "unread" => unread.map(&:to_h), "clear" => clear, "share" => share,
         "bays" => {"reachable" => bays_reachable, "of" => bays}, "takes" => taken, "watches" => watches,
         "heaviest" => heaviest, "hands" => hands, "floor" => set&.floor_parts, "work" => work&.transform_keys(&:to_s),
         "takes_to_fit" => takes.map(&:to_h), "in_mind" => in_mind?}
      end

      private

      # Checks of a level, one a code; no weight is judged of panels made of nothing.
      def counted(level)
        plan.checks.select { |check| check.level == level && (weighs? || !check.code.end_with?(".weight")) }
          .uniq(&:code)
      end

      def taken
        {"front" => set&.floor_in_front, "beside" => set&.wall_beside, "depth" => set&.depth_taken}
      end
    end
  end
end
