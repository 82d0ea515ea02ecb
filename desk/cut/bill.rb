# frozen_string_literal: true

module YellowTrack
  module Desk
    # What a job's price is made of, but for the prices: counts of what is to buy, hours, the way.
    # Of a large job that takes a while; it is kept until anything that it stands on is another.
    class Bill
      KEPT = Latest.new(16)

      # What an offer is for: an opening's letter and name, what is hung there, and how a list draws it.
      Line = Struct.new(:letter, :name, :what, :outline, keyword_init: true) do
        # The line in words.
        def to_s = "#{letter} #{name}: #{what}"
      end

      # @param job [Job]
      # @param today [Date]
      # @return [Bill]
      def self.of(job, today: Date.today)
        now = Time.now
        stands_on = [job.book.file, job.id, job.shown, today, now.hour, job.book.stamp(job.id)]
        KEPT.fetch(stands_on) { new(job) }
      end

      # @return [Price] without prices but the bars', and what of it is spent already
      attr_reader :price, :spent
      # @return [Hash{String => Rational}] of bars that are to be bought
      attr_reader :bars
      # @return [Array<String>] letters of openings whose panels nobody weighed
      attr_reader :unweighed
      # @return [Array<Line>] what an offer is for, a line an opening
      attr_reader :lines
      # @return [:board, :own, :estimate] what the hours stand on
      attr_reader :stands_on
      # @return [Hash{String => Rational}] hours of the steps themselves, minutes and hands, by their stage
      attr_reader :stages
      # @return [Rational] what was cut of bars, at the cheapest
      attr_reader :cut

      # @param job [Job]
      def initialize(job)
        @job, @book, @planned = job, job.book, job.planned
        @bars = job.cut_list.bar_prices
        presence = Presence.new(job, Took.new(@book).of(job.openings))
        @stands_on, @stages = presence.stands_on, Price.hours(job.steps)
        @price = Price.new(@planned.map { |one| Bill.priced(one) }, bars: job.cut_list.to_buy, mends: job.mends,
          way: presence.way, prices: {}, labour: presence.labour)
        @nothing = @planned.empty? && job.mends.empty?
        @unweighed = @planned.select { |one| one.plan.set.weight.nil? }.map(&:letter)
        @lines, @spent, @cut = lines_of_openings, spent_already(presence), cut_already
        @job = @book = @planned = nil
        freeze
      end

      # What an opening is priced by: its plan, its parts, the steps that it is hung by.
      def self.priced(one) = [one.plan, one.parts, one.progress.steps.map(&:base).uniq]

      # What hangs in an opening, as an offer says it.
      #
      # @return [String]
      def self.words(one)
        set = one.plan.set
        "#{one.kit.name}, #{set.panels.length} × #{one.cut_printer.with_unit(set.width)} × " \
          "#{one.cut_printer.with_unit(set.height)}, #{set.makeup.words}"
      end

      # Whether there is nothing to buy and nothing to do.
      def nothing? = @nothing

      private

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
      def spent_already(presence)
        there = @job.steps.select { |step| step["ended"] }.to_set { |step| step["key"] }
        openings = @planned.select { |one| there.include?("#{one.letter}-order") }
        Price.new(openings.map { |one| Bill.priced(one) }, bars: [], prices: {}, labour: presence.spent,
          way: presence.way_so_far)
      end

      # What was cut, by its share of the cheapest bar of its material.
      def cut_already
        each = @book.saw.bars.group_by(&:material)
          .transform_values { |bars| bars.map { |bar| bar.price / bar.length }.min }
        @job.cut_list.done.sum { |part, cut| cut.as_cut * (each[part.material] || 0) }
      end
    end
  end
end
