# frozen_string_literal: true

module YellowTrack
  # What a record teaches (handbook 10): each lesson with how often it was so; nothing of
  # it is taken by itself.
  module Lessons
    # key, of the lesson; value, what it says, mm or a ratio; times, how often it was so,
    # of how many.
    Lesson = Struct.new(:key, :value, :times, :of, keyword_init: true)

    LEAN = {least: 3, median: 2}.freeze # openings; mm
    DROP = {least: 3, median: 1, spread: 2}.freeze # sets; mm; median absolute deviations
    TURN = {least: 3}.freeze # openings
    CUTS = {least: 10, median: 1r / 2}.freeze # cuts; mm
    MINUTES = {least: 5, over: 5r / 4, under: 4r / 5}.freeze # times; ratios

    module_function

    # Jambs of a house lean one way: the same sign in all but one.
    #
    # @param leans [Array<Numeric>] mm to the right, one an opening
    # @return [Lesson, nil]
    def lean(leans)
      middle = median(leans) or return
      same = leans.count { |one| (one <=> 0) == (middle <=> 0) }
      return if leans.length < LEAN[:least] || middle.abs < LEAN[:median] || same < leans.length - 1

      Lesson.new(key: "lean", value: middle, times: same, of: leans.length)
    end

    # A kit's drop comes out other than its sheet says.
    #
    # @param differences [Array<Numeric>] mm that floor gaps came out more than planned,
    #   one a set
    # @return [Lesson, nil] its value what the drop is more than the sheet's
    def drop(differences)
      middle = median(differences) or return
      spread = median(differences.map { |one| (one - middle).abs })
      return if differences.length < DROP[:least] || middle.abs < DROP[:median] ||
        middle.abs <= DROP[:spread] * spread

      Lesson.new(key: "drop", value: -middle, of: differences.length,
        times: differences.count { |one| (one <=> 0) == (middle <=> 0) })
    end

    # A kit's screws take other than its sheet says.
    #
    # @param figures [Array<Numeric>] mm a turn, as each opening's moves taught it
    # @param sheet [Numeric] the kit's
    # @return [Lesson, nil]
    def per_turn(figures, sheet)
      middle = median(figures) or return
      return if figures.length < TURN[:least] || (middle - sheet).abs <= Adjust::Learnt::OFF * sheet

      Lesson.new(key: "per_turn", value: middle, of: figures.length,
        times: figures.count { |one| (one <=> sheet) == (middle <=> sheet) })
    end

    # Cuts of a material come out long or short.
    #
    # @param differences [Array<Numeric>] mm as cut less as planned
    # @return [Lesson, nil]
    def cuts(differences)
      middle = median(differences) or return
      return if differences.length < CUTS[:least] || middle.abs < CUTS[:median]

      Lesson.new(key: "cuts", value: middle, of: differences.length,
        times: differences.count { |one| (one <=> 0) == (middle <=> 0) })
    end

    # A step takes other than its minutes.
    #
    # @param ratios [Array<Numeric>] of what it took to its minutes
    # @return [Lesson, nil]
    def minutes(ratios)
      middle = median(ratios) or return
      return if ratios.length < MINUTES[:least] || middle.between?(MINUTES[:under], MINUTES[:over])

      Lesson.new(key: "minutes", value: middle, of: ratios.length,
        times: ratios.count { |one| (one <=> 1) == (middle <=> 1) })
    end

    # @return [Numeric, nil]
    def median(list)
      sorted = list.sort
      sorted.empty? ? nil : (sorted[(sorted.length - 1) / 2] + sorted[sorted.length / 2]) / 2
    end
  end
end
