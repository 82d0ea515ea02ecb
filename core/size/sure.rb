# frozen_string_literal: true

module YellowTrack
  # How sure a set is of its readings (handbook 16): from which slip of a reading on the panels, cut as planned, would
  # not go in; from which on the closure would see that slip; and which readings are to be taken twice, because they
  # would spoil the set unseen. It asks whole plans and changes none.
  class Sure
    STEPS = [1, 2, 3, 5, 8, 12, 20].map(&:to_r).freeze # mm
    NAMED_TO = 8 # mm: a slip that spoils unseen only beyond it is not named
    MOST_NAMED = 3
    READINGS_FIRST = %w[survey.spread survey.range].freeze # stops that say the readings come before all else

    # A reading: its key in the file; more and less, each a Way; sure, whether it was taken twice.
    Row = Struct.new(:key, :more, :less, :sure, keyword_init: true) do
      # Both directions.
      def ways = [more, less]

      # The least step that spoils, in either direction; nil for none.
      def spoils = STEPS.find { |step| spoilt?(step) }

      # Whether the set does not stand a slip of a step, in either.
      def spoilt?(step) = ways.any? { |way| way.spoilt?(step) }

      # The least at which it spoils unseen; nil for none up to the most that is asked, mm.
      def unseen(most = STEPS.last) = ways.filter_map { |way| way.unseen(most) }.min

      # The direction that does so first, and its side: less before more.
      #
      # @return [Array(String, Way), nil]
      def closest = {"less" => less, "more" => more}.select { |_, way| way.unseen }.min_by { |_, way| way.unseen }

      # From which step on the slip that spoils first is seen, whichever way it goes; nil where one way never is.
      def spoilt_seen
        first = spoils or return
        steps = ways.select { |way| way.spoilt?(first) }.map(&:seen)
        steps.max unless steps.include?(nil)
      end

      # Whether it is to be taken twice.
      def twice? = !sure && !unseen.nil?
    end

    # @return [Plan] of the opening
    attr_reader :plan

    # @param opening [Opening]
    # @param plan [Plan] of it
    # @param asked [Regexp] the keys of the readings that it is asked about: of each some 15 plans are made, so whoever
    #   wants to know of the widths alone says so. Any, where nothing is said.
    def initialize(opening, plan = Plan.of(opening), asked: //)
      @plan, @asked = plan, asked
      @trial = Trial.new(opening, plan)
    end

    # @return [Symbol] :planned, :suspect, :none, :stopped or :worked
    def state
      @state ||= if opening.survey.planned? then :planned
      elsif suspect? then :suspect
      elsif !plan.whole? then :none
      else
        stopped? ? :stopped : :worked
      end
    end

    # @return [Array<Row>] every reading that was taken and is asked about, in the order of the file; none but where it
    #   is worked
    def rows = @rows ||= (state == :worked) ? readings.map { |reading| row(reading) } : []

    # How much there is to spare for certain, mm; nil where nothing spoils.
    def spare = least && (STEPS.take_while { |step| step < least }.last || 0r)

    # @return [Row, nil] the first that has that least
    def by = least && rows.find { |row| row.spoilt?(least) }

    # @return [Array<Row>] to be taken twice, what spoils unseen first of all
    def twice = unseen_first(STEPS.last)

    # @return [Array<Row>] of those, what the fitter is told
    def named
      near = unseen_first(NAMED_TO)
      floor = near.select { |row| row.key.start_with?(Readings::FLOOR) }
      (near - floor.drop(1)).first(MOST_NAMED)
    end

    # The same opening with its panels as they are cut: what readings slip under.
    #
    # @return [Opening]
    def as_cut = @trial.as_cut

    private

    def opening = @trial.opening

    # The least step at which any reading spoils: every reading is tried at one before any is at the next.
    def least = STEPS.find { |step| rows.any? { |row| row.spoilt?(step) } }

    def unseen_first(most)
      rows.reject(&:sure).filter_map { |row| (step = row.unseen(most)) && [row, step] }
        .sort_by.with_index { |(_, step), place| [step, place] }.map(&:first)
    end

    def readings = Readings.of(opening).select { |reading| @asked.match?(reading.key) }

    def suspect?
      plan.closure&.suspects&.any? || plan.checks.any? { |check| check.stop? && READINGS_FIRST.include?(check.code) }
    end

    def stopped? = Trial.codes(Trial.told(plan), :stop).any?

    def row(reading)
      more, less = [1, -1].map { |sign| Way.new(reading, sign, @trial) }
      Row.new(key: reading.key, more:, less:, sure: (opening.survey["twice"] || []).include?(reading.key))
    end
  end
end
