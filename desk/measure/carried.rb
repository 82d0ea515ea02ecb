# frozen_string_literal: true

module YellowTrack
  module Desk
    # What is known of an opening by its log, carried over the writing of a value: nothing of it is asked again where
    # the value tells nothing of its set and its cuts, and nobody else wrote meanwhile.
    class Carried
      # @param opening [KeptOpening] as it stands before
      def initialize(opening)
        @opening = opening
        @known = opening.plan ? {record: opening.record, cuts: opening.cuts} : {}
        @stays = {}
      end

      # Looks what of it stays.
      #
      # @param now [Store::Openings::Row] as it stands, inside the transaction
      # @param entries [Array<Hash>] that are to be logged
      # @param reckoned [Reckoned] what the document comes to that is written
      def over(now, entries, reckoned)
        same = now.logged == @opening.row.logged && Store::HungLog.silent?(entries)
        @stays = {reckoned:, **(same ? @known : {})}
      end

      # @param row [Store::Openings::Row] as it is written
      # @return [KeptOpening]
      def to(row) = @opening.with(row, **@stays)

      # It is known of the opening as written, once that is in the book; so is what was logged last.
      #
      # @param last [Store::Log::Entry]
      def keep(row, last)
        book = @opening.book
        book.log.keep_latest(row, last)
        book.log.keep_told(row, @stays[:record]) if @stays[:record]
        book.saw.keep_cuts(row, @stays[:cuts]) if @stays[:cuts]
      end
    end
  end
end
