# frozen_string_literal: true

require "time"

module YellowTrack
  module Desk
    # The steps of an opening in time (handbook 14): what Prepare, Cut, Hang, Adjust and a
    # mend have still to do; what the log shows done is done.
    class Agenda
      UNMEASURED = %w[survey].freeze # what an opening without a plan has to do
      UNNAMED = 45 # minutes that a mend takes whose cause is not named yet
      SIDES = %w[left right].freeze

      # @param opening [Opening]
      # @param figures [Hash{String => Numeric}] the house's
      def initialize(opening, figures)
        @opening = opening
        @agenda = Visits::Agenda.new(Files::StepTimes.rows, facts, figures)
      end

      # @return [Array<Hash>] steps of a work file
      def steps
        all = @agenda.steps(ended:, dates:)
        measured? ? all : all.select { |step| UNMEASURED.any? { |key| step["key"].end_with?("-#{key}") } }
      end

      # What a step's row says.
      #
      # @param key [String] "D-sand"
      # @return [Visits::Agenda::Row, nil]
      def row(key) = @agenda.rows[key.delete_prefix("#{@opening.letter}-")]

      # The opening's letter.
      def letter = @opening.letter

      # @return [Integer] how many steps are still to be done
      def open_count = steps.count { |step| step["ended"].nil? }

      # Minutes of a row, as the house has it.
      def minutes(row) = @agenda.minutes(row)

      # The sum of a step's minutes.
      #
      # @param key [String] "D-sand"
      # @return [Working::Entry, nil]
      def sum(key) = @agenda.work.find(key.delete_prefix("#{@opening.letter}-"))

      # The row of the crew's that a step of hanging belongs to.
      #
      # @param key [String] of that step
      def ticked_by(key)
        @agenda.rows.values.find { |row| row.minutes && row.ticks&.include?(key[/\A[a-z-]+/]) }
      end

      # Moments at which steps were over, by their keys.
      #
      # @return [Hash{String => String}]
      def ended
        @ended ||= known.merge(hung, @opening.record.latest("time").select { |_, entry| entry.after }
          .transform_values { |entry| entry.at }).transform_values { |at| told(at) }
      end

      # Whether the log shows a step done otherwise than by being ticked here.
      def shown_done?(key) = known.merge(hung).key?(key)

      private

      def told(at) = Time.iso8601(at).localtime.strftime("%Y-%m-%dT%H:%M")

      def serving? = @opening.service.on? && (@opening.others? || !@opening.service.closed?)

      def measured? = serving? || !set.nil?

      def set = @opening.plan&.set

      def facts
        Visits::Agenda::Facts.new(letter: @opening.letter, kind: serving? ? Visits::Agenda::SERVICE : manner,
          has: serving? ? served_has : has, counts:, hands:, dry: @opening.service.mend_wait, mend_hands:,
          long: !set.nil? && set.track.length > Visits::Agenda::LONG)
      end

      def manner = @opening.kit.manner.key

      def hands = (set && !@opening.others?) ? set.hands : @opening.service.hands

      def mend_hands = @opening.service.mend_hands

      def served_has = @opening.service.comes_down? ? %w[comes_down] : []

      def has
        return [] unless set

        [*Steps::There.new(@opening.plan).words, *("double" if leaves > 1), *ready,
          *("painter" if @opening.rules["visits.paint"] == "others")]
      end

      # Doors that are there already, or that nobody cuts but their maker.
      def ready
        return ["ready"] if Wanted.given?(@opening.opening)

        (set.makeup.fragile? && !set.slab.slab?) ? ["made"] : []
      end

      def counts
        {"once" => 1, "panel" => set ? set.panels.length : 1,
         "mend" => @opening.service.mend_minutes.nonzero? || UNNAMED, **(set ? sizes : {})}
      end

      def sizes
        {"pair" => (set.panels.length/2r).ceil, "leaf" => leaves, "lane" => set.rails,
         "metre" => set.sizing.width / 1000, "packed" => SIDES.count { |side| set.sizing.packing(side).positive? }}
      end

      def leaves = (manner == "pocket") ? set.panels.length : 0

      # What is known without a tick.
      def known
        @known ||= (serving? ? mended : own_known).compact
      end

      def own_known
        return {"survey" => nil} unless set

        {"survey" => (@opening.row.created_at if surveyed?), "cut" => cut_at, "adjust" => adjusted_at,
         "over" => over_at}
      end

      def surveyed? = @opening.survey.complete? && @opening.closure.suspects.empty?

      def cut_at = @opening.all_cut? ? @opening.cuts.values.map(&:at).max : nil

      def adjusted_at
        last_of("move", "step") if @opening.come_to?("adjust") && @opening.turning.settled?
      end

      # When the last entry of some kinds was written.
      def last_of(*kinds) = kinds.flat_map { |kind| @opening.record.of(kind).map(&:at) }.max || @opening.row.created_at

      def over_at = @opening.record.latest("hand-over")["signed"]&.at

      def mended
        service, ticks = @opening.service, @opening.record.latest("service")
        last = ->(steps) { service.done?(steps) ? steps.filter_map { |step| service.tick(step)&.at }.max : nil }
        {"look" => (@opening.row.created_at if service.cause), "down" => (last_of("service") if service.off?),
         "mend" => last.call(service.fix), "seal" => last.call(service.while_off),
         "rehang" => (last_of("service", "move") if service.left_read?), "over" => (ticks["handed over"]&.at if
          service.closed?)}
      end

      # What the ticks of hanging show.
      def hung
        return {} if set.nil? || serving? || @opening.survey.planned?

        @hung ||= @agenda.rows.values.select(&:ticks).filter_map { |row|
          at = ticked(row.ticks)
          [row.key, at] if at
        }.to_h
      end

      # When the last of some steps was ticked; nil while one of them is open.
      def ticked(bases)
        steps = @opening.progress.steps.select { |step| bases.include?(step.base) }
        ticks = steps.map { |step| @opening.progress.tick(step) }
        ticks.map(&:at).max if ticks.any? && ticks.all?
      end

      # Days that others are promised for.
      def dates
        return {} if set.nil? || serving?

        others = @agenda.rows.values.select { |row| row.place == "other" && row.ticks }
        others.filter_map { |row|
          step = @opening.progress.steps.reverse.find { |one| row.ticks.include?(one.base) }
          day = step && @opening.progress.promised(step)
          [row.key, day.iso8601] if day
        }.to_h
      end
    end
  end
end
