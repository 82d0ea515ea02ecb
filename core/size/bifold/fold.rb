# frozen_string_literal: true

module YellowTrack
  class Bifold
    # A pair seen from above as it folds (handbook 5, "The fold"): pivot at the
    # origin, x along the opening into it, y into the room; mm and degrees.
    class Fold
      STEP = 2.0 # degrees between the poses first looked at
      ROUNDS = 18 # of narrowing down the pose where something is nearest
      GOLDEN = (Math.sqrt(5) - 1) / 2
      BEFORE_STUCK = 1.0 # degrees kept before the last angle that can be

      # @return [Float] widest fold, degrees
      attr_reader :angle
      # @return [Float] into the room, from the panels' closed front face, mm
      attr_reader :projection
      # @return [Numeric] clear opening at the widest fold, mm
      attr_reader :clear
      # @return [Float] of the guide pin, mm
      attr_reader :guide_travel
      # @return [Float] least distance over the fold, mm
      attr_reader :pinch
      # @return [Rational] a, from the jamb to the pivot, mm
      attr_reader :pivot_place

      # @param work [Working]
      # @param terms [Terms]
      # @param gaps [Gaps]
      # @param sizing [Sizing]
      def initialize(work, terms, gaps, sizing:)
        @work, @terms, @gaps, @sizing = work, terms, gaps, sizing
        @pair = Pair.new(width: gaps.width, thickness: terms.thickness, hinge_gap: terms.hinge_gap,
          pivot_inset: terms.pivot_inset,
          lead_inset: terms.lead_inset)
        @angle = [terms.widest_fold.to_f, @pair.last_angle - BEFORE_STUCK].min.clamp(0.0, 90.0)
        @poses = poses
        figures
      end

      # The panels at an angle of the pivot panel.
      #
      # @param degrees [Numeric] 0 to #angle
      # @return [Pose]
      def at(degrees) = @pair.pose(degrees)

      # From the jamb's face to the stack's innermost corner, mm.
      def stack = @pivot_place + @poses.last.corners.map(&:first).max

      # Where pivot and guide pin stand, closed and folded, from the jamb, mm.
      def pins = [@pivot_place, *[@poses.first, @poses.last].map { |pose| @pivot_place + pose.pin.first }]

      # Least distance from the lead panel's front face to the strip at the
      # strike, over the fold, mm; nil where there is none.
      def strike_clearance = (terms.half_jamb && !terms.two_pairs?) ? nearest { |pose| strip_at_strike(pose) } : nil

      # @return [Hash] degrees and mm, as they stand in the plan's file
      def to_h = {angle:, projection:, clear:, guide_travel:, pinch:}

      private

      attr_reader :work, :terms, :gaps

      def thickness = terms.thickness.to_f

      # The poses first looked at, from closed to the widest fold.
      def poses
        count = [(angle / STEP).ceil, 1].max
        (0..count).map { |place| at(angle * place / count) }
      end

      def figures
        @pivot_place = work.sum("pivots.place", "Pivot from the jamb, a", "side gap + inset", side_gap: gaps.side,
          inset: terms.pivot_inset, why: "At mid thickness, top and bottom plumb above each other.")
        @projection = work.sum("fold.projection", "Into the room", "furthest − thickness ÷ 2",
          thickness: terms.thickness,
          furthest: -nearest { |pose| -pose.corners.map(&:last).max },
          why: "The furthest any corner gets over the whole fold, from the closed front face.")
        @clear = opened
        @guide_travel = work.sum("fold.guide_travel", "Guide travel", "pin closed − pin folded",
          pin_closed: @poses.first.pin.first,
          pin_folded: @poses.last.pin.first, why: "A track stop may go beyond it.")
        @pinch = work.sum("fold.pinch", "Pinch", "least(distances)", distances:,
          why: "The nearest the panels come to the jambs, the strips or each other over the fold.")
        work.given("fold.angle", "Widest fold", angle, unit: "°", from: :kit, source: "kit.fold",
          why: "The kit's, or as far as the guide pin can follow.")
      end

      def opened
        if terms.two_pairs?
          return work.sum("fold.clear", "Clear opening", "most(width − 2 × stack, 0)", width: @sizing.width, stack:,
            why: "Between the two stacks.")
        end

        work.sum("fold.clear", "Clear opening", "most(width − stack − strip, 0)", width: @sizing.width, stack:,
          strip: terms.half_jamb || 0r,
          why: "From the stack's innermost corner to the other jamb, or the strip planted on it.")
      end

      # Least over the fold of all that a panel could be pinched against.
      def distances
        [nearest { |pose| @pivot_place + pose.pivot_corners.map(&:first).min }, strip_at_pivot, at_the_lead].compact
      end

      def strip_at_pivot
        return unless terms.half_jamb

        beyond = (@pivot_place - terms.half_jamb).to_f
        nearest { |pose| from_strip(beyond, pose.theta) }
      end

      # Of a panel's front face from the strip's inner back corner.
      def from_strip(beyond, angle)
        beyond * Math.sin(angle) + (thickness / 2 + terms.setback) * Math.cos(angle) - thickness / 2
      end

      def at_the_lead
        return nearest { |pose| apart(pose) } if terms.two_pairs?

        [nearest { |pose| @sizing.width - @pivot_place - pose.lead_corners.map(&:first).max }, strike_clearance].compact
          .min
      end

      # Between two leads that are opened together.
      def apart(pose) = @sizing.width - 2 * (@pivot_place + pose.lead_corners.map(&:first).max)

      def strip_at_strike(pose)
        travelled = @poses.first.pin.first - pose.pin.first
        from_strip((gaps.lead + terms.lead_inset - terms.half_jamb + travelled).to_f, pose.phi)
      end

      # The least that a measure comes to over the fold: the least pose of
      # those looked at, then narrowed down about it.
      def nearest(&measure)
        values = @poses.map { |pose| measure.call(pose).to_f }
        place = values.each_index.min_by { |index| values[index] }
        [values[place], narrowed(place, &measure)].min
      end

      def narrowed(place)
        low, high = @poses[[place - 1, 0].max].degrees, @poses[[place + 1, @poses.length - 1].min].degrees
        left, right = high - GOLDEN * (high - low), low + GOLDEN * (high - low)
        at_left, at_right = yield(at(left)).to_f, yield(at(right)).to_f
        ROUNDS.times do
          if at_left < at_right
            high, right, at_right = right, left, at_left
            at_left = yield(at(left = high - GOLDEN * (high - low))).to_f
          else
            low, left, at_left = left, right, at_right
            at_right = yield(at(right = low + GOLDEN * (high - low))).to_f
          end
        end
        [at_left, at_right].min
      end
    end
  end
end
