# frozen_string_literal: true

module YellowTrack
  class Sure
    # A set with its panels as they are cut, and what comes of it where a reading was another (handbook 16, "What a slip
    # does"): a whole plan each time, which stops or watches what it did not before.
    class Trial
      # What a slip does: the codes of the stops that spoil; says, the first sentence of the first of them; whether
      # something is to be watched that was not.
      Told = Struct.new(:codes, :says, :troubled)
      NOTHING = Told.new([].freeze, nil, false).freeze

      class << self
        # What a plan tells; of the survey's own the taper's alone.
        #
        # @return [Array<Check>]
        def told(plan) = plan.checks.reject { |one| one.code.start_with?("survey.") && one.code != "survey.taper" }

        # @param level [:stop, :watch]
        # @return [Array<String>] of those at that level, each once
        def codes(checks, level) = checks.select { |check| check.level == level }.map(&:code).uniq
      end

      # @return [Opening] as it was read
      attr_reader :opening

      # @param opening [Opening]
      # @param plan [Plan] of it
      def initialize(opening, plan)
        @opening, @plan = opening, plan
      end

      # The same opening with its panels as they are cut: what readings slip under.
      #
      # @return [Opening]
      def as_cut
        @as_cut ||= begin
          panel = @plan.set.panels.first
          sizes = {"width" => panel.width, "height" => panel.height}.transform_values { |mm| written(mm) }
          @opening.hung_on(@opening.kit, @opening.to_h["set"].except("slab", "lap").merge(sizes))
        end
      end

      # What closes as it was read; some readings are none of its own.
      #
      # @return [Survey::Closure, nil]
      def closure = @plan.closure

      # @param slipped [Opening] as it is cut, with one reading so much more
      # @param closure [Survey::Closure, nil] of its readings
      # @return [Told]
      def of(slipped, closure)
        all = checks(slipped, closure)
        spoil = self.class.codes(all, :stop) - base[:stop]
        says = all.find { |check| check.code == spoil.first }.sentences.first if spoil.any?
        Told.new(spoil.sort, says, (self.class.codes(all, :watch) - base[:watch] - base[:stop]).any?)
      end

      private

      # A length as the plan's file has it.
      def written(mm) = Rational(Numbers.rounded(mm).to_s)

      def base
        @base ||= self.class.told(Plan.of(as_cut))
          .then { |all| %i[stop watch].to_h { |level| [level, self.class.codes(all, level)] } }
      end

      # What the plan of readings tells; one that they give none of has ended.
      def checks(opening, closure)
        self.class.told(Plan.of(opening, closure:))
      rescue Fault, ZeroDivisionError, FloatDomainError => e
        [Check.new(code: NothingLeft::CODE, level: :stop, says: e.message, do: NothingLeft::CURE)]
      end
    end
  end
end
