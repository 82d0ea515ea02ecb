# frozen_string_literal: true

module YellowTrack
  module Web
    # What a set has to spare, and by which reading, in words (handbook 16).
    class Spare
      FIRST = {suspect: "The readings come first: they do not agree.",
               stopped: "Clear what stops it first: then it says how much there is to spare."}.freeze

      # @param opening [Desk::KeptOpening]
      # @return [Spare, nil] nil without a set, and before anything is read
      def self.of(opening)
        new(opening.sure, opening.fine_printer) unless opening.sure.nil? || opening.survey.planned?
      end

      # @param sure [Sure]
      # @param printer [Length::Printer]
      def initialize(sure, printer)
        @sure, @printer = sure, printer
      end

      # @return [Array<Sure::Row>] readings that a slip of would spoil it
      def rows = @sure.rows.select(&:spoils)

      # @return [Drawing::Slips] of all of them
      def slips = Drawing::Slips.new(rows, @printer)

      # In a sentence.
      def says
        return FIRST.fetch(@sure.state) unless @sure.state == :worked

        by = @sure.by or return "over #{length(Sure::STEPS.last)}: no slip up to there spoils it."
        "#{in_short}; #{says_of(by)}"
      end

      # How much, and by which reading; where there is nothing to say of that, the sentence.
      def in_short = @sure.by ? "#{length(@sure.spare)}, by the #{name(@sure.by)}" : says

      # What a reading is called.
      def name(row) = Survey::Words.name(row.key)

      # From which slip of a reading on the set is spoilt, and whether that is seen, in words.
      def says_of(row) = "#{length(row.spoils)} spoils it, #{seen(row)}"

      private

      def seen(row)
        late = row.spoilt_seen
        late ? "seen from #{length(late)} on." : "and no other reading shows it."
      end

      def length(mm) = @printer.with_unit(mm)
    end
  end
end
