# frozen_string_literal: true

module YellowTrack
  class Bifold
    # Where hinges, handle and aligners go on the panels (handbook 5, "Where
    # things go"). All in mm.
    class Fittings
      HINGE_TOP = 180 # from a panel's top
      HINGE_FOOT = 250 # from its bottom
      TALL = 2100 # over which it takes four hinges
      ALIGNER = 300r # above a panel's bottom

      # @return [Array<Rational>] hinges on the closet face, above a panel's bottom
      attr_reader :hinges
      # @return [Rational] the handle above the finished floor, and its place from
      #   the lead panel's hinge edge
      attr_reader :handle, :handle_at
      # @return [Rational, nil] behind meeting stiles, above a panel's bottom
      attr_reader :aligner

      # @param set [Bifold] whose panels are placed
      def initialize(set)
        @set = set
        @hinges = (0...hinge_count).map { |place| hinge(place) }.freeze
        @handle = handle_height
        @handle_at = place_handle
        if set.terms.two_pairs?
          @aligner = work.given("fittings.aligner", "Aligner", ALIGNER, from: :handbook,
            why: "Above the panel's bottom.")
        end
        freeze
      end

      # @return [Hash] places in mm, as they stand in the plan's file
      def to_h = {hinges:, handle:, handle_at:, aligner:}

      # The handle above its panel's bottom.
      def handle_up = handle - @set.gap

      private

      def work = @set.work

      def handle_height
        own = @set.opening["handle_height"]
        work.given("fittings.handle", "Handle", Pulls.height(@set.opening), from: own ? :fitter : :handbook,
          source: own && "set.handle_height", why: "Above the finished floor.")
      end

      # Two schools: the lead panel's hinge stile is the easiest to fold by, its
      # middle looks centred; on a slab within a third of the hinge side.
      def place_handle
        if @set.opening["handle"] == "middle"
          slab = @set.slab.slab?
          return work.sum("fittings.handle_at", "Handle, from the hinge edge", slab ? "width ÷ 3" : "width ÷ 2",
            width: @set.width,
            why: slab ? "As near the middle as a slab folds well." : "The middle of the lead panel looks centred.")
        end

        work.sum("fittings.handle_at", "Handle, from the hinge edge", "stile ÷ 2",
          stile: Pulls.stile(@set.opening),
          why: "The lead panel's hinge stile is the easiest to fold by.")
      end

      def hinge_count = (@set.height > TALL) ? 4 : 3

      def hinge(place)
        work.sum("fittings.hinges.#{place + 1}", "Hinge #{place + 1}", "foot + (height − top − foot) × place ÷ spaces",
          foot: HINGE_FOOT.to_r, height: @set.height, top: HINGE_TOP.to_r, place:, spaces: hinge_count - 1,
          why: "#{HINGE_FOOT} from the bottom, #{HINGE_TOP} from the top, the rest even.")
      end
    end
  end
end
