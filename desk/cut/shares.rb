# frozen_string_literal: true

module YellowTrack
  module Desk
    # What each opening takes of a job's price: its materials, and the minutes and hands of its steps; an offer's lines
    # stand on it.
    class Shares
      # materials, a price of its own without prices; minutes, of people.
      Share = Struct.new(:materials, :minutes, keyword_init: true)

      # @param job [Job]
      def initialize(job)
        @job = job
      end

      # @return [Hash{String => Share}] by the opening's letter
      def to_h
        @job.openings.to_h { |one| [one.letter, Shares.of(@job.book, one, @job.agendas.fetch(one.letter).steps)] }
      end

      # What one opening takes.
      #
      # @param opening [KeptOpening]
      # @param steps [Array<Hash>] of a work file
      # @return [Share]
      def self.of(book, opening, steps)
        minutes = steps.sum { |step| (step["minutes"] || 0) * (step["hands"] || 1) }
        Share.new(materials: materials(book, opening), minutes:)
      end

      # @return [Array(Price, Hash{String => Rational})] its materials, and the prices of its bars
      def self.materials(book, opening)
        planned = opening.plan && !opening.others?
        list = CutList.new(book, planned ? [opening] : [])
        priced = planned ? [[opening.plan, opening.parts, opening.progress.steps.map(&:base).uniq]] : []
        mends = [opening.service.work].compact
        [Price.new(priced, bars: list.to_buy, mends:, prices: {}), list.bar_prices]
      end
      private_class_method :materials
    end
  end
end
