# frozen_string_literal: true

module YellowTrack
  class Choose
    # Facts around an opening that a candidate stands on and that are not read yet
    # (handbook 3, "Facts first"). One that is not read never counts as passed.
    module Facts
      # One of them: its key, and what it takes, mm (of a make-up kg/m²); nil where
      # it is no length.
      Fact = Struct.new(:key, :needs) do
        # @return [Hash] as it stands in the file of a choice
        def to_h = {"fact" => key, "needs" => needs}
      end

      # In the order in which they are asked. Each: its key, whether a candidate needs
      # it, whether it is read, and what it takes.
      ROWS = [
        ["survey.depth", ->(one) { one.inside? && !one.pocketed? }, nil, ->(set) { set.depth_needed }],
        ["survey.front", ->(one) { one.folds? }, nil, ->(set) { set.floor_in_front }],
        *%w[left right].map do |side|
          ["survey.beside.#{side}", ->(one) { one.parking_sides.include?(side) }, nil, ->(set) { set.needed_beside }]
        end,
        ["survey.above", ->(one) { one.on_wall? }, nil, ->(set) { set.wall.above_needed }],
        ["survey.wall.projection", ->(one) { one.on_wall? }, nil, nil],
        ["survey.wall.studs", ->(one) { one.on_wall? },
          ->(survey) { survey["wall.solid"] == true || (survey["wall.studs"] || []).any? }, nil],
        ["survey.wall.thickness", ->(one) { one.pocketed? }, nil, ->(set) { set.wall }],
        ["survey.wall.services", ->(one) { one.pocketed? }, nil, nil],
        ["survey.wall.bears_load", ->(one) { one.pocketed? },
          ->(survey) { !survey["wall.bears_load"].nil? || survey["wall.header"] == true }, nil],
        ["survey.head.of", ->(one) { one.hangs_from_head? }, nil, nil]
      ].freeze

      module_function

      # @param candidate [Candidate]
      # @return [Array<Fact>]
      def unread(candidate)
        survey = candidate.survey
        open = ROWS.select { |key, needed, read, _| needed.call(candidate) && !read?(survey, key, read) }
        facts = open.map { |key, _, _, takes| Fact.new(key, (takes.call(candidate.set) if takes && candidate.set)) }
        facts << Fact.new("set.makeup", candidate.heaviest_makeup) unless candidate.weighs?
        facts
      end

      # Whether the survey has it: some facts are several readings, and have a question of their own.
      def read?(survey, key, read) = read ? read.call(survey) : !survey[key.delete_prefix("survey.")].nil?
    end
  end
end
