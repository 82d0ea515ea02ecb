# frozen_string_literal: true

require "forwardable"

module YellowTrack
  module Desk
    # One opening as it lies on the desk: its document, its plan, what was cut,
    # hung and adjusted, what is next. It knows no page and no path.
    class KeptOpening
      extend Forwardable

      # @return [Store::Book]
      attr_reader :book
      # @return [Store::Openings::Row] the row
      attr_reader :row
      # @return [Symbol] :mm or :in, that its numbers are shown in
      attr_reader :shown

      def_delegators :row, :id, :letter, :name, :version, :document, :stage
      def_delegators :@reckoned, :refusal, :closure, :piece, :plan_file
      def_delegators :opening, :survey, :kit

      # @param book [Store::Book]
      # @param row [Store::Openings::Row]
      # @param other [Boolean] show numbers in the other unit than the job's
      # @param record [Store::HungLog, nil] what the log tells of its set, where it was
      #   asked for many at once
      # @param cuts [Hash, nil] what was cut of it, likewise
      # @param rules [Hash, nil] the rules of the house, likewise
      # @param panel [String, nil] the panel that is adjusted
      # @param reckoned [Reckoned, nil] what its document comes to, where that is known
      # @raise [Faults] for a document that cannot be read
      def initialize(book, row, other: false, record: nil, cuts: nil, rules: nil, panel: nil, reckoned: nil)
        @book, @row, @record, @cuts, @rules, @panel = book, row, record, cuts, rules, panel
        @reckoned = reckoned || Reckoned.of(row.document.to_h)
        @shown = other ? (Length::UNITS - [opening.units]).first : opening.units
      end

      # The opening as it reads. It and its plan are asked for more often than anything else.
      #
      # @return [Opening]
      def opening = @reckoned.opening

      # @return [Plan, nil] with a set
      def plan = @reckoned.plan

      # The same opening with another row: as it was written.
      #
      # @param record [Store::HungLog, nil] where what was written is nothing that it tells
      # @param cuts [Hash, nil] as they were asked for
      # @param reckoned [Reckoned, nil] what its document comes to, where that is known
      def with(row, record: nil, cuts: @cuts, reckoned: nil)
        KeptOpening.new(book, row, other: translated?, record:, cuts:, rules: @rules, panel: @panel, reckoned:)
      end

      # How sure its set is of its readings, worked out once; nil without a set.
      #
      # @return [Sure, nil]
      def sure = plan && piece("sure") { Sure.new(opening, plan).tap(&:rows) }

      # Whether numbers are shown in another unit than they are cut in.
      def translated? = shown != opening.units

      # Shows derived figures: to 0.1 mm, or the sixteenth.
      def printer = translated? ? Length::Printer.other(shown) : opening.printer

      # Shows what is cut: to the grain; in the other unit as near as it shows.
      def cut_printer = translated? ? Length::Printer.other(shown) : opening.cut_printer

      # Shows gaps and turns, and what was cut.
      def fine_printer = Length::Printer.fine(shown)

      # The stage it has come to: openings whose readings close are chosen for, and sized once somebody
      # chose.
      def reached
        return service.reached if service.on? && !service.closed?
        return "rehang" if others?
        return "size" if survey.planned? && plan
        return "measure" unless survey.complete? && closure.suspects.empty?

        return stage unless stage == "measure"

        chosen? ? "size" : "choose"
      end

      # Whether somebody chose its set: by a choice, or by bringing one along that is not the usual.
      # The log is asked last: what stands in the opening mostly tells.
      def chosen? = Stage.later(stage, "cut") == stage || !Job.usual?(document["set"]) || record.chosen?

      # Whether it has come as far as a stage.
      def come_to?(key) = !plan.nil? && Stage.later(stage, key) == stage

      # What a change of one number would cure of its plan.
      #
      # @return [Cures]
      def cures = piece(:cures, shown) { Cures.new(plan, printer:) }

      # A check with what to do about it worked first.
      #
      # @param check [Check]
      # @return [Check]
      def told(check) = plan ? cures.told(check) : check

      # Checks by code, the worst first.
      def checks(*codes) = all_checks.select { |check| codes.include?(check.code) }

      # All of them, in the unit that is shown.
      def all_checks
        return service.checks if others?

        service.on? ? planned_checks + service.checks : planned_checks
      end

      # The worst level of some checks, by how their codes begin; notes do not
      # count.
      def worst_of(*starts)
        Check.worst(all_checks.select { |check| check.code.start_with?(*starts) && check.level != :note })
      end

      # Reasons of its overridden stops, by code.
      def overrides = @overrides ||= all_checks.any?(&:stop?) ? book.log.overrides(id) : {}

      # The job's own rules of the house.
      def rules = @rules ||= row.ruled || book.house_rules.all

      # mm that gaps may differ by and still be even.
      def even_within = @even_within ||= Files::HouseRules.tolerance(rules, "even") || Adjust::EVEN

      # What the log tells of its set.
      #
      # @return [Store::HungLog]
      def record = @record ||= book.log.told_of(row)

      # @return [Progress] its steps, with a plan
      def progress = @progress ||= Progress.new(self)

      # @return [Service] what is known of it as a door that hangs badly
      def service = @service ||= DoorService.new(self)

      # Whether others hung it, and nobody measured it since.
      def others? = service.on? && survey.planned?

      # @return [Turning] what hangs and what is to be turned, with a plan
      def turning = @turning ||= Turning.new(self, pick: @panel)

      # @return [Parts] what is cut for it, with a plan
      def parts = @parts ||= piece(:parts, letter) { Parts.new(plan, letter) }

      # @return [Hash{String => Store::Saw::Cut}] what was cut, by code
      def cuts = @cuts ||= book.saw.cuts_of(row)

      # Whether every linear part of it is cut.
      def all_cut? = plan && parts.linear.any? && (parts.linear.map(&:code) - cuts.keys).empty?

      # The next thing to do.
      #
      # @param at [String] the stage on the screen
      # @return [NextStep]
      def next_step(at = reached) = NextStep.of(self, at)

      # What is next, as lists say it.
      #
      # @return [NextStep]
      def listed_step = (reached == "choose" && StageMarks.listed_next(self)) || next_step

      # What each stage of the rail shows: nil, :done, :stop or :watch. What is handed over is done, all of it but what
      # stops.
      def mark(stage)
        mark = stage.mark.call(self)
        (mark != :stop && handed_over?) ? :done : mark
      end

      # Whether it is handed over.
      def handed_over? = (@handed_over ||= [StageMarks.handed_over(self)]).first == :done

      # Writes in the log, and what lists show with it.
      #
      # @param entries [Array<Hash>] kind, key, before, after
      # @return [Opening] as it stands then
      def note(*entries, who:, columns: {})
        with(book.openings.note(id, *entries, who:, columns:, listing: Listing.of(book)))
      end

      private

      def planned_checks
        return @reckoned.checks unless translated? && plan

        piece(:checks, shown) { Plan.of(opening, closure: plan.closure, printer:).checks }
      end
    end
  end
end
