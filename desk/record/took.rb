# frozen_string_literal: true

require "time"

module YellowTrack
  module Desk
    # How long steps really took, by the ticks of hanging within one visit (handbook 10):
    # from one tick to the next of the same opening and day.
    class Took
      GAP = 4 * 3600 # seconds; a longer pause is no step
      MOST = 2000 # ticks that are looked at, the latest

      # One step of one visit: its row's id, the opening's letter, minutes that it took, that it
      # was to take, and that it usually takes.
      Stretch = Struct.new(:id, :letter, :opening_id, :took, :planned, :usual, keyword_init: true)

      # @param book [Store::Book]
      def initialize(book)
        @book = book
        @agendas = {}
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
        ratios = (by_row[id] || []).map { |one| one.took / one.usual }
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

      def by_row = @by_row ||= stretches.group_by(&:id)

      def stretches
        @stretches ||= @book.log.ticks(MOST).group_by { |entry| [entry.opening_id, day(entry)] }
          .flat_map { |(id, _), entries| of_visit(id, entries) }
      end

      def day(entry) = Time.iso8601(entry.at).localtime.to_date

      def of_visit(id, entries)
        agenda, usual = agenda(id)
        return [] unless agenda

        long = Hash.new(0r)
        entries.each_cons(2) do |one, other|
          seconds = Time.iso8601(other.at) - Time.iso8601(one.at)
          row = agenda.ticked_by(other.key)
          long[row] += seconds.to_r / 60 if row && seconds.between?(1, GAP)
        end
        long.map { |row, took|
          Stretch.new(id: row.id, letter: agenda.letter, opening_id: id, took:, planned: agenda.minutes(row),
            usual: usual.minutes(row))
        }
      end

      # The steps of an opening, with the house's minutes and with the usual ones; nil for one that is not
      # planned any more.
      def agenda(id)
        @agendas.fetch(id) do
          row = @book.openings.find(id)
          opening = row && KeptOpening.new(@book, row, rules:)
          @agendas[id] = opening&.plan && [rules, {}].map { |own| Agenda.new(opening, Files::StepTimes.figures(own)) }
        end
      end

      def rules = @rules ||= @book.house_rules.all
    end
  end
end
