# frozen_string_literal: true

require "time"

module YellowTrack
  module Desk
    # How long steps really took, by ticks within one visit (handbook 10): of hanging from one tick to the next of the
    # same opening and day; of a visit's own steps from one to the next of the same house, day and person.
    class Took
      GAP = 4 * 3600 # seconds; a longer pause is no step
      AT_ONCE = 60 # seconds; ticks of visits that come sooner after each other were made together, later
      MOST = 2000 # ticks that are looked at, the latest

      # One step of one visit: its row, the opening's letter, minutes that it took and that it was to take.
      Stretch = Struct.new(:row, :letter, :opening_id, :took, :planned, keyword_init: true) do
        # @return [String] of its row
        def id = row.id
      end

      # @param book [Store::Book]
      def initialize(book)
        @book = book
        @agendas, @openings = {}, {}
      end

      # Minutes that a row's step took, each time.
      #
      # @return [Array<Rational>]
      def minutes(id) = (by_row[id] || []).map(&:took)

      # What they teach of it.
      #
      # @return [Lessons::Lesson, nil]
      def lesson(id) = Lessons.minutes((by_row[id] || []).map { |one| one.took / one.planned })

      # Whether a house's own minutes still stand on what was ticked; nil where too little was to say.
      #
      # @return [Boolean, nil]
      def borne?(id)
        ratios = (by_row[id] || []).map { |one| one.took / usual(one.opening_id).minutes(one.row) }
        return if ratios.length < Lessons::RULES["minutes"].least

        !Lessons.minutes(ratios).nil?
      end

      # What steps of some openings took, minutes, by letter and row.
      #
      # @param openings [Array<Opening>]
      # @return [Hash{Array(String, String) => Rational}]
      def of(openings)
        ids = openings.map(&:id)
        stretches.select { |one| ids.include?(one.opening_id) }.group_by { |one| [one.letter, one.id] }
          .transform_values { |list| list.sum(&:took) }
      end

      private

      def by_row
        @by_row ||= (of_openings + of_days).group_by(&:id)
      end

      def stretches = by_row.values.flatten(1)

      # Of an opening's steps: what was ticked in it on a day.
      def of_openings
        @book.log.ticks(MOST).group_by { |entry| [entry.opening_id, day(entry)] }
          .flat_map { |(id, _), entries| of_visit(id, entries) }
      end

      # Of visits' own steps: what a person ticked in a house on a day.
      def of_days
        ticks = @book.log.timed(MOST).group_by { |entry| [house(entry), day(entry), entry.who] }
        ticks.values.flat_map { |entries| entries.each_cons(2).filter_map { |one, other| of_step(one, other) } }
      end

      def house(entry) = opening(entry.opening_id)&.row&.job_id

      def of_step(one, other)
        seconds = Time.iso8601(other.at) - Time.iso8601(one.at)
        agenda = agenda(other.opening_id, rules) or return
        row = agenda.row(other.key)
        return unless row&.minutes && seconds.between?(AT_ONCE, GAP)

        Stretch.new(row:, letter: agenda.letter, opening_id: other.opening_id, took: seconds.to_r / 60,
          planned: agenda.minutes(row))
      end

      def day(entry) = Time.iso8601(entry.at).localtime.to_date

      def of_visit(id, entries)
        agenda = agenda(id, rules) or return []
        long = Hash.new(0r)
        entries.each_cons(2) do |one, other|
          seconds = Time.iso8601(other.at) - Time.iso8601(one.at)
          row = agenda.ticked_by(other.key)
          long[row] += seconds.to_r / 60 if row && seconds.between?(1, GAP)
        end
        long.map { |row, took|
          Stretch.new(row:, letter: agenda.letter, opening_id: id, took:, planned: agenda.minutes(row))
        }
      end

      # The steps of an opening with the minutes as they usually are.
      def usual(id) = agenda(id, {})

      # The steps of an opening with a house's minutes; nil for one that is not planned any more.
      def agenda(id, minutes)
        @agendas.fetch([id, minutes]) do
          opening = opening(id)
          @agendas[[id, minutes]] = opening&.plan && Agenda.new(opening, Files::StepTimes.figures(minutes))
        end
      end

      def opening(id)
        @openings.fetch(id) do
          @openings[id] = @book.openings.find(id)&.then { |row| KeptOpening.new(@book, row, rules:) }
        end
      end

      def rules = @rules ||= @book.house_rules.all
    end
  end
end
