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

    # What a slip does in one direction: the first steps at which it troubles, spoils and is seen, mm; nil for none up
    # to the last. codes, of the stops that spoil; says, the first sentence of the first of them.
    Way = Struct.new(:troubles, :spoils, :codes, :says, :seen, keyword_init: true) do
      # The step at which it spoils and nothing sees it; nil where it is seen first, or does not spoil.
      def unseen = (spoils if spoils && (seen.nil? || spoils < seen))
    end

    # A reading: its key in the file; more and less, each a Way; sure, whether it was taken twice.
    Row = Struct.new(:key, :more, :less, :sure, keyword_init: true) do
      # The least step that spoils, in either direction; nil for none.
      def spoils = [more.spoils, less.spoils].compact.min

      # The least at which it spoils unseen; nil for none.
      def unseen = [more.unseen, less.unseen].compact.min

      # The direction that does so first, and its side: less before more.
      #
      # @return [Array(String, Way), nil]
      def closest = {"less" => less, "more" => more}.select { |_, way| way.unseen }.min_by { |_, way| way.unseen }

      # From which step on the slip that spoils first is seen, whichever way it goes; nil where one way never is.
      def spoilt_seen
        steps = [less, more].select { |way| way.spoils == spoils }.map(&:seen)
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
      @opening, @plan, @asked = opening, plan, asked
    end

    # @return [Symbol] :planned, :suspect, :none, :stopped or :worked
    def state
      @state ||= if @opening.survey.planned? then :planned
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
    def spare
      least = rows.filter_map(&:spoils).min or return
      STEPS.take_while { |step| step < least }.last || 0r
    end

    # @return [Row, nil] the first that has that least
    def by = rows.select(&:spoils).min_by(&:spoils)

    # @return [Array<Row>] to be taken twice, what spoils unseen first of all
    def twice = rows.select(&:twice?).sort_by.with_index { |row, place| [row.unseen, place] }

    # @return [Array<Row>] of those, what the fitter is told
    def named
      near = twice.select { |row| row.unseen <= NAMED_TO }
      floor = near.select { |row| row.key.start_with?(Readings::FLOOR) }
      (near - floor.drop(1)).first(MOST_NAMED)
    end

    # The same opening with its panels as they are cut: what readings slip under.
    #
    # @return [Opening]
    def as_cut
      @as_cut ||= begin
        panel = plan.set.panels.first
        sizes = {"width" => panel.width, "height" => panel.height}.transform_values { |mm| written(mm) }
        @opening.hung_on(@opening.kit, @opening.to_h["set"].except("slab", "lap").merge(sizes))
      end
    end

    private

    def readings = Readings.of(@opening).select { |reading| @asked.match?(reading.key) }

    def suspect?
      plan.closure&.suspects&.any? || plan.checks.any? { |check| check.stop? && READINGS_FIRST.include?(check.code) }
    end

    def stopped? = codes(told(plan), :stop).any?

    # A length as the plan's file has it.
    def written(mm) = Rational(Numbers.rounded(mm).to_s)

    def base = @base ||= told(Plan.of(as_cut)).then { |all| {stop: codes(all, :stop), watch: codes(all, :watch)} }

    # What a plan tells; of the survey's own the taper's alone.
    def told(plan) = plan.checks.reject { |one| one.code.start_with?("survey.") && one.code != "survey.taper" }

    def codes(checks, level) = checks.select { |check| check.level == level }.map(&:code).uniq

    def row(reading)
      Row.new(key: reading.key, more: way(reading, 1), less: way(reading, -1),
        sure: (@opening.survey["twice"] || []).include?(reading.key))
    end

    def way(reading, sign)
      troubles = nil
      STEPS.each do |step|
        slipped = reading.slipped(as_cut, sign * step) or next
        made = made(slipped, closure(reading, sign * step, slipped.survey))
        troubles ||= step if (codes(made, :watch) - base[:watch] - base[:stop]).any?
        spoil = codes(made, :stop) - base[:stop]
        return spoilt(made, spoil, troubles:, spoils: step, seen: seen(reading, sign)) if spoil.any?
      end
      Way.new(troubles:, codes: [], seen: seen(reading, sign))
    end

    def spoilt(made, codes, **steps)
      says = made.find { |check| check.code == codes.first }.sentences.first
      Way.new(codes: codes.sort, says:, **steps)
    end

    # What the plan of readings tells; one that they give none of has ended.
    def made(opening, closure)
      told(Plan.of(opening, closure:))
    rescue Fault, ZeroDivisionError, FloatDomainError => e
      [Check.new(code: NothingLeft::CODE, level: :stop, says: e.message, do: NothingLeft::CURE)]
    end

    # The first step at which the closure has suspects.
    def seen(reading, sign)
      return unless plan.closure&.checked? && reading.closed?

      STEPS.find do |step|
        slipped = reading.slipped(@opening, sign * step) or next
        closure(reading, sign * step, slipped.survey).suspects.any?
      end
    end

    # Solved once for both questions: panels as they are cut change no reading, and some readings are none of its own.
    # Kept for the reading in hand alone.
    def closure(reading, slip, survey)
      return plan.closure unless reading.closed?

      @closures = {} unless @closures&.key?(reading.key)
      (@closures[reading.key] ||= {})[slip] ||= Survey::Closure.new(survey)
    end
  end
end
