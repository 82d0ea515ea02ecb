# frozen_string_literal: true

module YellowTrack
  module Desk
    class Bill
      # Works a job's bill out: what is to buy, how long it takes, and what of both is spent.
      class Making
        # @param job [Job]
        def initialize(job)
          @job, @planned = job, job.planned
          @presence = Presence.new(job, Took.new(job.book).of(job.openings))
        end

        # @return [Bill]
        def bill
          Bill.new(price:, spent: spent_already, bars: @job.cut_list.bar_prices, lines: lines_of_openings,
            unweighed: @planned.select { |one| one.plan.set.weight.nil? }.map(&:letter),
            stands_on: @presence.stands_on, stages: Price.hours(@job.steps), cut: cut_already,
            nothing: @planned.empty? && @job.mends.empty?).freeze
        end

        private

        def price
          Price.new(@planned.map { |one| Bill.priced(one) }, bars: @job.cut_list.to_buy, mends: @job.mends,
            way: @presence.way, prices: {}, labour: @presence.labour)
        end

        def lines_of_openings
          @job.openings.filter_map { |one|
            next if one.plan.nil? && !one.service.on?

            Line.new(letter: one.letter, name: one.row.name, what: of(one), outline: one.row.outline)
          }
        end

        def of(one)
          return "mended#{": #{one.service.cause.label}" if one.service.cause}" if one.plan.nil? || one.others?

          Bill.words(one)
        end

        # Kits, sheet and fixings of openings whose kit is there; hours as they were ticked;
        # the trips that were made, whatever number of them was priced.
        def spent_already
          there = @job.steps.select { |step| step["ended"] }.to_set { |step| step["key"] }
          openings = @planned.select { |one| there.include?("#{one.letter}-order") }
          Price.new(openings.map { |one| Bill.priced(one) }, bars: [], prices: {}, labour: @presence.spent,
            way: @presence.way_so_far)
        end

        # What was cut, by its share of the cheapest bar of its material.
        def cut_already
          each = @job.book.saw.bars.group_by(&:material)
            .transform_values { |bars| bars.map { |bar| bar.price / bar.length }.min }
          @job.cut_list.done.sum { |part, cut| cut.as_cut * (each[part.material] || 0) }
        end
      end
    end
  end
end
