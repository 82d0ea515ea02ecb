# frozen_string_literal: true

require "time"

module YellowTrack
  module Desk
    # Hours that a job is paid for (handbook 10, "Price"; 17, "Plan and price agree"): people there × minutes there, the
    # road, and waiting between steps, as the firm's board has it kept; of a job on no board, one of its own; where none
    # can be planned, an estimate by the steps' minutes and hands. What is done is taken by the days on site.
    class Presence
      DONE = "done so far"
      PLANNED = "people there, on the road and in the shop, as planned"

      # @param job [Job]
      # @param took [Hash{Array(String, String) => Rational}] minutes that steps took, by letter and row
      def initialize(job, took)
        @job, @took = job, took
      end

      # Hours, by what they are for.
      #
      # @return [Hash{String => Rational}]
      def labour
        return Price.hours(@job.steps) if estimate?

        ahead = (planned * share(on_board) / 60).round(2)
        {DONE => done(before), PLANNED => ahead}.select { |_, hours| hours.positive? }
      end

      # Hours of what is done by now.
      def spent = {DONE => done(nil)}.select { |_, hours| hours.positive? }

      # Trips, and minutes on the road where labour has them not yet.
      #
      # @return [Price::Way]
      def way
        if estimate?
          coming = (@job.visiting.coming * share(@job.visiting.openings.length)).ceil
          return Price::Way.new(trips: days(nil).length + coming, **road)
        end

        Price::Way.new(trips: days(before).length + (visits * share(on_board)).ceil, minutes: 0, people: 1)
      end

      # Trips that were made, their road in the hours.
      def way_so_far = Price::Way.new(trips: days(nil).length, minutes: 0, people: 1)

      # What it stands on.
      #
      # @return [:board, :own, :estimate]
      def stands_on
        return :board if board?

        estimate? ? :estimate : :own
      end

      # Whether nothing is planned: the steps' minutes and hands stand for it.
      def estimate? = !board? && lone.nil?

      private

      def kept = @job.visiting.kept

      def board? = @job.visiting.boarded? && !kept.plan["labour"].nil?

      # A board of its own; nil where none can be planned.
      def lone
        return @lone if defined?(@lone)

        @lone_board = FirmBoard::Lone.new(@job)
        @lone = (@lone_board.jobs.empty? || @lone_board.faults.any?) ? nil : @lone_board.plan
      end

      def planned = Rational((board? ? kept.plan["labour"] : lone["jobs"].first["labour"]).to_s)

      # Of a large job what is planned stands for the rest.
      def share(openings) = [Rational(@job.count, [openings, 1].max), 1].max

      def on_board = board? ? @job.visiting.openings.length : lone_openings

      def lone_openings = @lone_board.agendas(@job).length

      def visits = (board? ? kept.plan["visits"] : lone["visits"]).length

      # When the board was kept, which stands for all after that; nil for now.
      def before = board? ? Time.iso8601(kept.at).localtime.strftime("%Y-%m-%dT%H:%M") : nil

      def road = {minutes: @job.visiting.travel, people: @job.visiting.crew}

      def ended(before) = @job.steps.select { |step| step["ended"] && (before.nil? || step["ended"] <= before) }

      # Days on site by then, with what was done on each.
      def days(before)
        ended(before).select { |step| step["place"] == "site" }.group_by { |step| step["ended"][0, 10] }
      end

      def done(before)
        Price.presence(ended(before), people: @job.visiting.crew, travel: @job.visiting.travel) { |step| minutes(step) }
      end

      # Minutes that a done step took, by its ticks; else its own.
      def minutes(step)
        id = @job.agendas[step["opening"]].row(step["key"])&.id
        @took[[step["opening"], id]] || step["minutes"] || 0
      end
    end
  end
end
