# frozen_string_literal: true

module YellowTrack
  class Sure
    # The readings that a slip is tried of, in their order (handbook 16, "Readings").
    module Readings
      FLOOR = "survey.floor."
      TAPE = "survey.tape"
      WIDTHS = %w[widths.top widths.middle widths.bottom].freeze
      HEIGHTS = %w[heights.left heights.middle heights.right].freeze
      DIAGONALS = %w[diagonals.rising diagonals.falling].freeze
      LEANS = %w[leans.left leans.right].freeze
      CHECKS = %w[check.left check.middle check.right].freeze
      LAST = %w[depth above beside.left beside.right wall.thickness].freeze # what no closure sees

      # One of them. keys, of the survey, all of which slip together; closed?, whether the closure knows it; signed?,
      # whether it may be under 0.
      Reading = Struct.new(:key, :keys, :closed, :signed, keyword_init: true) do
        # Whether the closure stands on it.
        def closed? = closed

        # What it is now, mm; nil for several.
        def now(opening) = (opening.survey[keys.first] if keys.length == 1 && key != TAPE)

        # The opening with so much more of it; nil where one would fall to 0 or under.
        #
        # @param mm [Rational]
        # @return [Opening, nil]
        def slipped(opening, mm)
          survey = opening.survey
          keys.each do |name|
            now = survey[name] + mm
            return nil unless signed || now.positive?

            survey = survey.with(name, now)
          end
          opening.surveyed(survey)
        end
      end

      # A floor station's rise.
      Station = Struct.new(:key, :place) do
        # The closure stands on what lies under the heights.
        def closed? = true

        # What it is now, mm.
        def now(opening) = opening.survey["floor"][place].last

        # A floor falls as well as it rises.
        def signed = true

        # The opening with so much more of it.
        def slipped(opening, mm)
          list = opening.survey["floor"].each_with_index.map { |(x, rise), at| [x, (at == place) ? rise + mm : rise] }
          opening.surveyed(opening.survey.with("floor", list))
        end
      end

      module_function

      # @param opening [Opening]
      # @return [Array<Reading, Station>] of what was read
      def of(opening)
        survey = opening.survey
        checked = !survey.check.nil?
        upright = checked ? CHECKS : HEIGHTS
        [*plain(WIDTHS, survey), *plain(upright, survey, closed: !checked), *plain(DIAGONALS, survey),
          *plain(LEANS, survey, signed: true), *(checked ? [] : stations(survey)), *covering(survey),
          *plain(LAST, survey, closed: false), tape(survey, upright)].compact
      end

      # Readings that stand alone.
      def plain(names, survey, closed: true, signed: false)
        names.reject { |name| survey[name].nil? }
          .map { |name| Reading.new(key: "survey.#{name}", keys: [name], closed:, signed:) }
      end

      # Rises of the floor, where there are two stations or more.
      def stations(survey)
        list = survey["floor"] || []
        (list.length < 2) ? [] : list.each_index.map { |place| Station.new("#{FLOOR}#{place}", place) }
      end

      # A covering that is still to be laid.
      def covering(survey)
        survey.covering.positive? ? plain(%w[covering.thickness], survey, closed: false) : []
      end

      # Whatever the tape read, all of it wrong alike.
      def tape(survey, upright)
        keys = (WIDTHS + upright + DIAGONALS).reject { |name| survey[name].nil? }
        Reading.new(key: TAPE, keys:, closed: true, signed: false) if keys.any?
      end
    end
  end
end
