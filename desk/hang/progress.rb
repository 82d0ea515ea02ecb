# frozen_string_literal: true

require "date"
require "time"

module YellowTrack
  module Desk
    # How far the steps that hang an opening's set are done.
    class Progress
      # What a step waits for still: how, :dry, :until, :overdue or :undated, and
      # until when (a Time or a Date), nil where that is not known.
      Wait = Struct.new(:how, :until)

      # Entries of the log: the last of each step and of each wait by its key; how often the trial hang is done.
      Noted = Struct.new(:ticks, :waits, :rounds)

      # @param opening [Opening] with a plan
      def initialize(opening)
        @opening = opening
        ticks, waits, rounds = %w[step wait round].map { |kind| opening.record.latest(kind) }
        @noted = Noted.new(ticks, waits, rounds.values.map(&:after).max || 1)
      end

      # @return [Integer] how often the trial hang is done
      def rounds = @noted.rounds

      # @return [Array<Steps::Step>]
      def steps = order.steps

      # @return [Steps::Step, nil]
      def find(key) = steps.find { |step| step.key == key }

      # The entry that ticked a step; nil for one that is not done.
      def tick(step) = tick_of(step.key)&.then { |entry| entry if entry.after }

      # Whether all of it is done. The rail asks it of every page, also of a set that was changed since: with no step
      # ticked at all, or one not ticked that is done once, no steps of it are worked out.
      def done?
        return false if @noted.ticks.each_value.none?(&:after) || !once.all? { |key| tick_of(key)&.after }

        steps.all? { |step| tick(step) || passed?(step) }
      end

      # @return [Steps::Step, nil] the first that is not done
      def now = @now ||= steps.find { |step| tick(step).nil? && !passed?(step) }

      # Steps done in their order, before the first that is to be done: they are
      # out of the way, unless there is nothing else.
      def behind
        behind = steps.take_while { |step| tick(step) && too_early(step).empty? }
        (behind.length > 2 && !done?) ? behind : []
      end

      # Steps that should come before this one and are not done, where it was, or
      # would be next, done too early.
      #
      # @return [Array<Steps::Step>]
      def too_early(step)
        (tick(step) || now == step) ? order.early(step, @noted.ticks.select { |_, entry| entry.after }.keys) : []
      end

      # What a step waits for still.
      #
      # @param today [Date]
      # @param moment [Time]
      # @return [Wait, nil] nil for nothing
      def wait(step, today, moment) = tick(step) ? nil : drying(step, moment) || trade(step, today)

      # The day that another trade was promised for.
      #
      # @return [Date, nil]
      def promised(step) = @noted.waits[step.key]&.after&.then { |text| Date.iso8601(text) }

      # The trial hang can be done over once it is done.
      def again? = looped.any? && looped.all? { |step| tick(step) }

      # How a step stands, in a few letters; empty where it never was ticked.
      #
      # @return [String]
      def mark(step) = tick(step)&.id.to_s

      # The last step of the trial hang's latest round.
      def last_of_loop = looped.last

      # Ticks a step, or takes that back.
      #
      # @return [Opening] as it stands then
      def tick!(step, done, who:)
        before, after = tick(step)&.after, done ? true : nil
        return @opening if before == after

        ticked = @opening.note({kind: "step", key: step.key, before:, after:}, who:)
        wait_no_longer(step) if done
        stage = Stage.later(@opening.stage, ticked.progress.done? ? "adjust" : "hang")
        (stage == @opening.stage) ? ticked : ticked.note(who:, columns: {stage:})
      end

      # Writes down the day that another trade is promised for.
      #
      # @param day [Date, nil]
      def promise!(step, day, who:)
        before, after = promised(step)&.iso8601, day&.iso8601
        @opening.note({kind: "wait", key: step.key, before:, after:}, who:) unless before == after
      end

      # Does the trial hang over.
      def again!(who:)
        @opening.note({kind: "round", key: "trial", before: rounds, after: rounds + 1}, who:) if again?
      end

      # What a step was called, where it was ticked before it had its name.
      RENAMED = {"pack-head" => "pack"}.freeze
      # Steps that lists did not have before: one that was gone past then is not asked for any more.
      ADDED = %w[nog pack-jambs casing track-joint slab-rip slab-lip slab-dry slab-plane slab-trim slab-treat fill
        slab-prime pulls-bore strikers seal floor-groove].freeze
      private_constant :RENAMED, :ADDED

      private

      # The steps of the set as it is now, worked out where somebody asks for one.
      def order
        @order ||= @opening.piece(:steps, @opening.shown, rounds) do
          Steps.new(@opening.plan, sheet, @opening.printer, rounds:)
        end
      end

      def sheet = Files::StepSheets.of(@opening.kit)

      # Names of steps that are done once, whatever the set's numbers are, and that lists always had.
      #
      # @return [Array<String>]
      def once
        @opening.piece(:once) do
          Steps.needed(@opening.plan, sheet).reject { |step| step["each"] }.map { |step| step["key"] } - ADDED
        end
      end

      def tick_of(key) = @noted.ticks[key] || @noted.ticks[RENAMED[key]]

      # Whether what comes after it is ticked.
      def passed?(step)
        ADDED.include?(step.base) && steps.any? { |other| other.after.include?(step.key) && tick(other) }
      end

      # The first page waits for it no longer.
      def wait_no_longer(step)
        @opening.book.dues.settle(@opening.row.job_id, @opening.letter) do |says|
          says["ticks"].include?(step.base)
        end
      end

      def looped = steps.select(&:loop)

      def drying(step, moment)
        return unless step.dry

        painted = tick_of(step.dry["step"])&.then { |entry| entry.at if entry.after } or return
        ready = Steps.dry_from(Time.iso8601(painted).localtime, step)
        Wait.new(:dry, ready) if ready > moment
      end

      def trade(step, today)
        return unless step.waits

        date = promised(step)
        return Wait.new(:undated, nil) unless date

        Wait.new((date >= today) ? :until : :overdue, date)
      end
    end
  end
end
