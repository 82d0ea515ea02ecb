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
      def of(book) = ->(row) { columns(KeptOpening.new(book, row)) }

      # @param opening [Opening]
      # @return [Hash]
      def columns(opening)
        {worst: Check.worst(opening.all_checks)&.to_s, reached: opening.reached, sentence: opening.listed_step.sentence,
         outline: Outline.of(opening.survey, opening.plan),
         materials: (opening.plan && !opening.others?) ? opening.parts.linear.map(&:material).uniq : []}
      end

      # Rows as a list shows them: those that are not worked out yet (from before,
      # or since the house's rules changed) are, and that is kept.
      #
      # @param rows [Array<Store::Openings::Row>]
      # @return [Array<Store::Openings::Row>]
      def shown(book, rows)
        fresh = rows.reject(&:listed?).map(&:id)
        return rows if fresh.empty?

        told, cuts, rules = book.log.told(fresh), book.saw.cuts(fresh), book.house_rules.all
        rows.map do |row|
          next row if row.listed?

          opening = KeptOpening.new(book, row, record: told[row.id], cuts: cuts[row.id], rules:)
          listed = columns(opening).tap { |columns| book.openings.keep_listing(row.id, columns) }
          Store::Openings::Row.new(**row.to_h, **listed).freeze
        end
      end
    end
  end
end
