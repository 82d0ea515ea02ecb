# frozen_string_literal: true

module YellowTrack
  module Desk
    # What a job's price is made of, but for the prices: counts of what is to buy, hours, the way.
    # Of a large job that takes a while; it is kept until anything that it stands on is another.
    #
    # price    [Price] without prices but the bars'
    # spent    [Price] what of it is spent already
    # bars     [Hash{String => Rational}] that are to be bought
    # unweighed [Array<String>] letters of openings whose panels nobody weighed
    # lines    [Array<Line>] what an offer is for, a line an opening
    # stands_on [:board, :own, :estimate] what the hours stand on
    # stages   [Hash{String => Rational}] hours of the steps themselves, minutes and hands, by their stage
    # cut      [Rational] what was cut of bars, at the cheapest
    # nothing  [Boolean] whether there is nothing to buy and nothing to do
    Bill = Struct.new(:price, :spent, :bars, :unweighed, :lines, :stands_on, :stages, :cut, :nothing,
      keyword_init: true)

    # How a bill is made, and what it is kept by.
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
        KEPT.fetch(stands_on) { Making.new(job).bill }
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
      def nothing? = nothing
    end
  end
end
