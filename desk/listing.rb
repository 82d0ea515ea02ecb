# frozen_string_literal: true

module YellowTrack
  module Desk
    # What lists of openings show of each, kept beside it whenever it is written,
    # so that no list works out a plan.
    module Listing
      module_function

      # The columns of an opening as it was written.
      #
      # @param book [Store::Book]
      # @return [Proc] takes a row and gives its columns
      def of(book) = ->(row) { columns(Opening.new(book, row)) }

      # @param opening [Opening]
      # @return [Hash]
      def columns(opening)
        {worst: Check.worst(opening.all_checks)&.to_s, reached: opening.reached, sentence: opening.next_step.sentence,
         outline: Outline.of(opening.survey, opening.plan),
         materials: opening.plan ? opening.parts.linear.map(&:material).uniq : []}
      end

      # Rows as a list shows them: those that are not worked out yet (from before,
      # or since the house's rules changed) are, and that is kept.
      #
      # @param rows [Array<Store::Openings::Opening>]
      # @return [Array<Store::Openings::Opening>]
      def shown(book, rows)
        told = book.log.told(rows.reject(&:listed?).map(&:id))
        rows.map do |row|
          next row if row.listed?

          book.openings.keep_listing(row.id, columns(Opening.new(book, row, record: told[row.id])))
          book.openings.find(row.id)
        end
      end
    end
  end
end
