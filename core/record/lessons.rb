# frozen_string_literal: true

module YellowTrack
  # What a record teaches (handbook 10, "A lesson speaks"): each lesson with how often it was so; nothing of it is
  # taken by itself. One formula for all: the median of what was observed has to be as large as matters, and larger
  # than noise of such a spread makes a median. It is asked again after each observation, so it falls silent where
  # noise does not bear it any more.
  module Lessons
    # key, of the lesson; value, what it says, mm or a ratio; times, how often it was so,
    # of how many.
    Lesson = Struct.new(:key, :value, :times, :of, keyword_init: true)

    # least  observations; size, that matters; floor, under which no spread is taken to be
    Rule = Struct.new(:least, :size, :floor)

    RULES = {
      "lean" => Rule.new(5, 2r, 1r), "drop" => Rule.new(5, 1r, 1r / 2),
      "per_turn" => Rule.new(5, 15r / 100, 3r / 100), "cuts" => Rule.new(10, 1r / 2, 1r / 5),
      "tape" => Rule.new(10, 1r / 2, 1r / 5), "minutes" => Rule.new(5, 223r / 1000, 1r / 10)
    }.freeze
    SPREAD = 5r / 4 # of a mean distance from the median, to a standard deviation; of a median beside a mean
    SURE = 3 # such spreads away from nothing

    module_function

    # Jambs of a house lean one way.
    #
    # @param leans [Array<Numeric>] mm to the right, one an opening
    # @return [Lesson, nil]
    def lean(leans) = spoken("lean", leans)

    # A kit's drop comes out other than its sheet says.
    #
    # @param differences [Array<Numeric>] mm that floor gaps came out more than planned,
    #   one a set
    # @return [Lesson, nil] its value what the drop is more than the sheet's
    def drop(differences) = spoken("drop", differences) { |middle| -middle }

    # A kit's screws take other than its sheet says.
    #
    # @param figures [Array<Numeric>] mm a turn, as each opening's moves taught it
    # @param sheet [Numeric] the kit's
    # @return [Lesson, nil] its value mm a turn
    def per_turn(figures, sheet)
      spoken("per_turn", figures.map { |figure| figure.to_r / sheet - 1 }) { |middle| (middle + 1) * sheet }
    end

    # Cuts of a material come out long or short.
    #
    # @param differences [Array<Numeric>] mm as cut less as planned
    # @return [Lesson, nil]
    def cuts(differences) = spoken("cuts", differences)

    # A tape reads long or short at the second time.
    #
    # @param differences [Array<Numeric>] mm, the second reading less the first
    # @return [Lesson, nil]
    def tape(differences) = spoken("tape", differences)

    # A step takes other than its minutes.
    #
    # @param ratios [Array<Numeric>] of what it took to its minutes
    # @return [Lesson, nil] its value such a ratio
    def minutes(ratios) = spoken("minutes", ratios.map { |ratio| Math.log(ratio) }) { |middle| Math.exp(middle) }

    # Whether what was observed says something.
    #
    # @param key [String] of a rule
    # @param observed [Array<Numeric>] differences from what was expected, one each
    # @yieldparam middle [Numeric] their median
    # @yieldreturn [Numeric] the value of the lesson
    # @return [Lesson, nil]
    def spoken(key, observed)
      rule, middle = RULES.fetch(key), median(observed)
      return if observed.length < rule.least || middle.abs < rule.size
      return unless middle.abs > SURE * SPREAD * spread(observed, rule.floor) / Math.sqrt(observed.length)

      Lesson.new(key:, value: block_given? ? yield(middle) : middle, of: observed.length,
        times: observed.count { |one| (one <=> 0) == (middle <=> 0) })
    end

    # How far observations lie about their median, as a standard deviation; robust against a few that are far off.
    #
    # @param observed [Array<Numeric>] two at the least
    # @param floor [Numeric] least that it is taken to be
    # @return [Numeric]
    def spread(observed, floor)
      middle = median(observed)
      [SPREAD * observed.sum { |one| (one - middle).abs } / (observed.length - 1), floor].max
    end

    # @return [Numeric, nil]
    def median(list)
      sorted = list.sort
      sorted.empty? ? nil : (sorted[(sorted.length - 1) / 2] + sorted[sorted.length / 2]) / 2
    end
  end
end
