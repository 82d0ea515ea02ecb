# frozen_string_literal: true

require "time"

module YellowTrack
  module Desk
    # How long steps really took, by the ticks of hanging within one visit (handbook 10):
    # from one tick to the next of the same opening and day.
    class Took
      GAP = 4 * 3600 # seconds; a longer pause is no step

      # @param book [Store::Book]
      # @param most [Integer] ticks that are looked at, the latest
      def initialize(book, most: 5000)
        @book, @most = book, most
      end

      # Ratios of what a step took to its minutes, and the minutes, by the row's id.
      #
      # @return [Hash{String => Array<Rational>}] minutes
      def minutes
        @minutes ||= stretches.each_with_object({}) { |(id, long), all| (all[id] ||= []) << long }
      end

      # What steps of some openings took, minutes, by letter and row.
      #
      # @param openings [Array<Opening>]
      # @return [Hash{Array(String, String) => Rational}]
      def of(openings)
        letters = openings.to_h { |one| [one.id, one.letter] }
        ticks.select { |entry| letters.key?(entry.opening_id) }.group_by { |entry| [entry.opening_id, day(entry)] }
          .flat_map { |(id, _), entries| of_visit(id, entries).map { |row, long| [[letters[id], row], long] } }
          .group_by(&:first).transform_values { |list| list.sum(&:last) }
      end

      # The middle of what a row's step took, minutes; nil for none.
      def median(id) = (list = minutes[id]) && middle(list)

      def middle(list) = list.sort.then { |sorted| (sorted[(sorted.length - 1) / 2] + sorted[sorted.length / 2]) / 2 }

      private

      def stretches
        ticks.group_by { |entry| [entry.opening_id, day(entry)] }
          .flat_map { |(id, _), entries| of_visit(id, entries) }
      end

      def ticks = @ticks ||= @book.log.ticks(@most)

      def day(entry) = Time.iso8601(entry.at).localtime.to_date

      def of_visit(opening_id, entries)
        kind = kind_of(opening_id) or return []
        long = Hash.new(0r)
        entries.each_cons(2) do |one, other|
          seconds = Time.iso8601(other.at) - Time.iso8601(one.at)
          row = row_of(kind, other.key)
          long[row.id] += seconds.to_r / 60 if row && seconds.between?(1, GAP)
        end
        long.to_a
      end

      def row_of(kind, key)
        base = key[/\A[a-z-]+/]
        Files::StepTimes.rows.find { |row|
          row.ticks&.include?(base) && (row.for ? row.for.include?(kind) : true)
        }
      end

      def kind_of(id) = (@kinds ||= {}).fetch(id) { @kinds[id] = @book.openings.find(id)&.then { |row| manner(row) } }

      def manner(row) = Reckoned.of(row.document.to_h).opening.kit.manner.key
    end
  end
end
