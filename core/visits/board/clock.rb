# frozen_string_literal: true

module YellowTrack
  class Board
    # The clock of a crew (handbook 17): it runs on working days that are not its away ones, in its hours, and stops in
    # the firm's pause and in the hours that it is partly away. Work begins and ends while it runs; it may lie round the
    # pause, never round partly hours; a road may lie round both.
    class Clock
      DAY = Visits::Calendar::DAY

      # @return [Array(Integer, Integer)] minutes of a day at which it begins and ends
      attr_reader :hours

      # @param calendar [Calendar] of the firm
      # @param hours [Array(Integer, Integer)]
      # @param away [Array<Integer>] days
      # @param partly [Hash{Integer => Array<Array(Integer, Integer)>}] hours of a day that it is away, by day
      def initialize(calendar, hours:, away: [], partly: {})
        @calendar, @hours, @partly = calendar, hours, partly
        @away = away.to_h { |day| [day, true] }
        @stretches = {}
      end

      # Whether it works on a day.
      def works?(day) = day >= 0 && stretches(day).any?

      # Minutes of it on a day.
      def minutes(day) = works?(day) ? stretches(day).sum { |one| one.sum { |from, to| to - from } } : 0

      # Minutes of a day that it is there from its first hour to its last.
      def full_day = cut(@hours, @calendar.pause).sum { |one, other| other - one }

      # When its day begins.
      def opens(day) = stretches(day).first.first.first

      # When its day ends.
      def closes(day) = stretches(day).last.last.last

      # The earliest that work of some minutes can begin, from a moment on, and when it ends.
      #
      # @return [Array(Integer, Integer), nil] nil where the day has no room for it
      def work(day, minutes, moment)
        stretches(day).each do |stretch|
          start = start_in(stretch, moment) or next
          over = advanced(stretch, start, minutes)
          return [start, over] if over
        end
        nil
      end

      # When a road that is begun at a moment, or as soon after as the clock runs, is driven.
      #
      # @return [Integer, nil] nil where the day ends first
      def driven(day, minutes, moment)
        return moment if minutes.zero?

        whole = stretches(day).flatten(1)
        start = start_in(whole, moment) or return
        advanced(whole, start, minutes)
      end

      # The moment, or the first one after it at which the clock runs.
      def begun(day, moment) = start_in(stretches(day).flatten(1), moment)

      # When a road is begun that ends at a moment, or as shortly before as the clock runs.
      #
      # @return [Array(Integer, Integer)] from, to
      def back_from(day, minutes, moment)
        whole = stretches(day).flatten(1)
        over = whole.reverse.find { |from, _| from < moment }&.then { |_, to| [to, moment].min } || moment
        [retreated(whole, over, minutes), over]
      end

      # Minutes of it between two moments of a day.
      def between(day, from, to)
        stretches(day).flatten(1).sum { |one, other| [[other, to].min - [one, from].max, 0].max }
      end

      private

      # Stretches of work, parted by partly hours; each of it parts that the pause makes.
      def stretches(day)
        @stretches[day] ||= if day.negative? || !@calendar.working?(day) || @away[day]
          []
        else
          base = day * DAY
          free = (@partly[day] || []).sort.reduce([@hours]) { |left, gone| left.flat_map { |one| cut(one, gone) } }
          free.map { |one| cut(one, @calendar.pause).map { |a, b| [base + a, base + b] } }.reject(&:empty?)
        end
      end

      def cut((from, to), gone)
        return [[from, to]] if gone.nil? || gone.last <= from || gone.first >= to

        [[from, gone.first], [gone.last, to]].select { |one, other| other > one }
      end

      def start_in(parts, moment)
        part = parts.find { |_, to| to > moment }
        part && [part.first, moment].max
      end

      def advanced(parts, moment, minutes)
        parts.each do |from, to|
          next if to <= moment

          start = [from, moment].max
          return start + minutes if start + minutes <= to

          minutes -= to - start
        end
        nil
      end

      def retreated(parts, moment, minutes)
        return moment if minutes.zero?

        parts.reverse_each do |from, to|
          next if from >= moment

          over = [to, moment].min
          return over - minutes if over - minutes >= from

          minutes -= over - from
        end
        parts.first.first
      end
    end
  end
end
