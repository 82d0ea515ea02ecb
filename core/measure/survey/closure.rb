# frozen_string_literal: true

module YellowTrack
  class Survey
    # The shape of the opening from readings that check each other: weighted
    # least squares on its four corners (handbook 2, "The shape of the
    # opening").
    class Closure
      # One thing observed between two corners: their distance, or their
      # offset along an axis (0 for x, 1 for y). The bottom left corner can
      # only be the first.
      #
      # reading its key, nil for the condition on yb, which is no reading
      # sigma   its standard deviation, mm
      Observation = Struct.new(:reading, :from, :to, :axis, :value, :sigma, keyword_init: true) do
        # Squared weight of one observation in the sums.
        def weight = 1.0 / (sigma * sigma)
      end

      # What is left over of a reading: v observed − computed (mm),
      # r its redundancy number, w its standardised residual (nil under 0.01).
      Residual = Struct.new(:v, :r, :w) do
        # The slip that the reading would have, were it the wrong one, mm.
        def slip = v / r
      end

      LIMIT = 3.3 # |w| over this: some reading is wrong
      ALIKE = 0.98 # of the largest |w|: cannot be told apart from it
      TESTABLE = 0.01 # r under this: no w
      CHECKED = 0.05 # r under this: no slip in it would be noticed

      # Shapes by what was observed: what stands around the opening, and what is chosen for it, leaves them as they are.
      KNOWN = Latest.new(512)
      private_constant :KNOWN

      # By a fitter's experience, the likeliest slip first.
      LIKELIEST = %w[diagonals widths heights leans floor].freeze

      # @return [:open, :solved, :checked]
      attr_reader :state
      # @return [Hash{Symbol => Array(Float, Float)}, nil] bl, br, tl, tr
      attr_reader :corners
      # @return [Hash{String => Residual}]
      attr_reader :residuals
      # @return [Array<String>] readings that may be the wrong one, the likeliest first
      attr_reader :suspects

      # @param survey [Survey] with all widths and heights read
      def initialize(survey)
        @survey = survey
        observations = Observations.of(survey)
        @state = {-1 => :open, 0 => :solved, 1 => :checked}.fetch(observations.length <=> Adjustment::UNKNOWNS)
        @residuals = {}
        solve(observations) unless open?
        @suspects = blamed.freeze
        freeze
      end

      # Whether too little was read to tell a slip from the wall.
      def open? = state == :open

      # Whether more was read than the shape takes, so that a slip would show.
      def checked? = state == :checked

      # Readings in which no slip would be noticed.
      def unchecked = residuals.select { |_, residual| residual.r < CHECKED }.keys

      # What the shape would give of the readings not taken yet; none while it is open.
      #
      # @return [Array<Array(String, Object)>]
      def untaken = open? ? [] : Observations.untaken(@survey, corners)

      # The reading not taken yet that would leave the fewest unchecked.
      #
      # @return [String, nil] nil when every reading is taken
      def further
        at = corners.values_at(*Adjustment::PLACES.keys).flatten
        untaken.min_by do |key, value|
          observed = Observations.of(@survey.with(key, value))
          Adjustment.new(observed, at).redundancies.count { |r| r < CHECKED }
        end&.first
      end

      # How far the left and the right jamb's top stand to the right of its
      # foot, mm; nil while the shape is open.
      def lean(side)
        return unless corners

        (side == :left) ? corners[:tl].first : corners[:tr].first - corners[:br].first
      end

      # @return [Float, nil] how far the top stands to the right, mm
      def out_of_square = corners && (lean(:left) + lean(:right)) / 2

      # What stands in the plan file's "closure".
      def to_h
        {state:, corners:, residuals: residuals.transform_values(&:to_h), suspects:}
      end

      private

      def blamed
        sizes = residuals.filter_map { |key, residual| [key, residual.w.abs] if residual.w }
        worst = sizes.map(&:last).max
        return [] unless worst && worst > LIMIT

        sizes.select { |_, size| size >= worst * ALIKE }.map(&:first)
          .sort_by.with_index { |key, place| [LIKELIEST.index(key.split(".").first), place] }
      end

      def solve(observations)
        solved = KNOWN.fetch(observations) { Adjustment.new(observations, rectangle).solve }
        @corners = solved.corners
        observations.zip(solved.misfits, solved.redundancies) do |observed, v, r|
          @residuals[observed.reading] = Residual.new(v, r, standardised(v, r, observed)) if observed.reading
        end
      end

      def standardised(v, r, observed) = (r >= TESTABLE) ? v / (observed.sigma * Math.sqrt(r)) : nil

      def rectangle
        width, height = @survey["widths.bottom"].to_f, @survey["heights.left"].to_f
        [width, 0.0, 0.0, height, width, height]
      end
    end
  end
end
