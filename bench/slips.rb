# frozen_string_literal: true

module YellowTrack
  module Bench
    # How long it takes to say how sure a set is of its readings, all of them taken; and whether slips at random spoil
    # it only where it says so, but for those between its steps.
    class Slips
      COUNT = 15
      SLIPS = 2_000
      SEED = 20_261
      MOST = 20.0 # mm

      # @return [Array<String>] a line of figures each
      def call
        @random = Random.new(SEED)
        openings = Plans.openings
        timed = openings.map do |family, opening|
          Timing.line("#{family}, how sure", Timing.times(COUNT) { Files::SureFile.of(opening) })
        end
        timed + [*openings.map { |family, opening| tried(family, Sure.new(opening), opening) }]
      end

      # Whether a slip spoilt a set where that was not said.
      def failed? = @unsaid.positive?

      private

      def tried(family, sure, opening)
        as_cut = sure.as_cut
        base = stops(Plan.of(as_cut))
        readings = Sure::Readings.of(opening).to_h { |one| [one.key, one] }
        spoilt, unsaid = Array.new(SLIPS / 3) { slip(sure.rows.sample(random: @random), readings, as_cut, base) }
          .transpose.map { |list| list.count(true) }
        @unsaid = @unsaid.to_i + unsaid
        "#{family}: of #{SLIPS / 3} slips #{spoilt} spoil it, #{unsaid} of them unsaid"
      end

      # @return [Array(Boolean, Boolean)] whether it spoilt, and whether that was not said
      def slip(row, readings, as_cut, base)
        mm = @random.rand(MOST).round(1).to_r * [1, -1].sample(random: @random)
        slipped = readings.fetch(row.key).slipped(as_cut, mm) or return [false, false]
        spoilt = (stops(Plan.of(slipped)) - base).any?
        [spoilt, spoilt && !said?(mm.positive? ? row.more : row.less, mm.abs)]
      rescue Fault
        [true, !said?(mm.positive? ? row.more : row.less, mm.abs)]
      end

      # Said from its step on, and of what lies between that and the step before.
      def said?(way, mm)
        return false unless way.spoils

        mm > (Sure::STEPS.take_while { |step| step < way.spoils }.last || 0)
      end

      def stops(plan)
        plan.checks.select(&:stop?).map(&:code)
          .reject { |code| code.start_with?("survey.") && code != "survey.taper" }
      end
    end
  end
end
