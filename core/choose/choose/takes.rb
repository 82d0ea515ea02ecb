# frozen_string_literal: true

module YellowTrack
  class Choose
    # What it would take for a candidate that is stopped: a sentence a stop, with its
    # figure (handbook 3, "What it would take"). Lengths in mm, a make-up in kg/m².
    class Takes
      # figure nil where none is known; there, what was read; unit of the figure:
      # :length, :areal, :count
      Take = Struct.new(:check, :figure, :there, :unit, keyword_init: true) do
        # @return [String] of the check that it would mend
        def code = check.code

        # @return [Hash] as it stands in the file of a choice
        def to_h = {"code" => code, "figure" => figure, **(there ? {"there" => there} : {})}
      end

      COVER = Build::COVER_LEAST

      # @param candidate [Candidate]
      # @param others [Array<Candidate>]
      def initialize(candidate, others)
        @candidate, @others = candidate, others
        @set, @survey, @kit = candidate.set, candidate.survey, candidate.kit
      end

      # @return [Array<Take>] in the order of the stops
      def all = @candidate.stops.map { |check| @set ? take(check) : Take.new(check:) }

      private

      def take(check)
        case check.code
        when /\.weight\z/ then Take.new(check:, figure: @candidate.heaviest_makeup, unit: :areal)
        when "bifold.width" then Take.new(check:, figure: other_panels, unit: :count)
        when "bypass.parking", "pocket.beside" then length(check, @set.needed_beside, least_beside)
        when "bypass.depth", "bifold.depth" then length(check, @set.depth_needed, @survey["depth"])
        when "bifold.room" then length(check, @set.floor_in_front, @survey["front"])
        when "bypass.above" then length(check, @set.wall.above_needed, @survey["above"])
        when "pocket.wall" then length(check, @set.wall, @survey["wall.thickness"])
        else length(check, by_size(check.code))
        end
      end

      def length(check, figure, there = nil) = Take.new(check:, figure:, there:, unit: :length)

      def by_size(code)
        case code
        when /\A(bypass|bifold|pocket)\.height\z/ then too_tall
        when "height.tall" then -@set.heights.build.most
        when "bypass.cover" then least_cover || built
        when "bypass.engage" then built
        when "bypass.lap.short" then @set.jamb_packing&.range&.fetch(:least)
        when /\.thickness\z/ then end_of_range
        end
      end

      # Two pairs where one is too wide, one where two are too narrow.
      def other_panels
        panels = (@candidate.layout["panels"] == 2) ? 4 : 2
        other = @others.find { |one| one.kit.equal?(@kit) && one.layout["panels"] == panels }
        panels if other&.stops&.none? { |check| check.code == "bifold.width" }
      end

      def least_beside = @candidate.parking_sides.filter_map { |side| @survey["beside.#{side}"] }.min

      def too_tall
        over = @set.height - @kit.fetch("tallest")
        over.positive? ? over : CommonChecks::SHORTEST - @set.height
      end

      def least_cover
        cover = @set.jamb_covers.min
        COVER - cover if cover < COVER
      end

      def built
        build = @set.heights.build
        build.head + build.strip if build&.verdict == "build"
      end

      def end_of_range
        thin, thick = @kit.fetch("thickness")
        return thin if @set.thickness < thin

        thick if @set.thickness > thick
      end
    end
  end
end
