# frozen_string_literal: true

module YellowTrack
  module Desk
    # What an opening takes of a job's price: its materials, and the hours of its steps; an offer's lines stand on it.
    module Shares
      # materials, a price of its own without prices; bars, their prices; hours, of people.
      Share = Struct.new(:materials, :bars, :hours, keyword_init: true)

      module_function

      # @param opening [KeptOpening]
      # @param steps [Array<Hash>] of a work file
      # @return [Share]
      def of(book, opening, steps)
        planned = [opening].select { |one| one.plan && !one.others? }
        list = CutList.new(book, planned)
        Share.new(bars: list.bar_prices, hours: Price.hours(steps).values.sum,
          materials: Price.new(planned.map { |one| Bill.priced(one) }, bars: list.to_buy, prices: {},
            mends: [opening.service.work].compact))
      end
    end
  end
end
