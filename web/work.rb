# frozen_string_literal: true

require "forwardable"

module YellowTrack
  module Web
    # One opening as a screen shows it: the row from the store, worked out.
    class Work
      STAGES = {
        "measure" => "Measure", "choose" => "Choose", "size" => "Size", "prepare" => "Prepare", "cut" => "Cut",
        "hang" => "Hang", "adjust" => "Adjust", "hand-over" => "Hand over"
      }.freeze

      extend Forwardable

      attr_reader :row

      def_delegators :@worked, :opening, :plan, :refusal, :closure, :piece

      # What the store's lists show of a document.
      #
      # @param document [Store::Document]
      # @return [Hash] columns worst and stage
      def self.columns(document, stage)
        work = new(Store::Openings::Opening.new(document:, stage:))
        {worst: work.plan&.worst&.to_s, stage: work.reached}
      end

      # The later of two stages.
      def self.later(one, other) = [one, other].max_by { |stage| STAGES.keys.index(stage) }

      # @return [Symbol] :mm or :in, that its numbers are shown in
      attr_reader :shown

      # @param row [Store::Openings::Opening]
      # @param other [Boolean] show numbers in the other unit than the job's
      def initialize(row, other: false)
        @row = row
        @worked = Worked.of(row.document.to_h)
        @shown = other ? (Length::UNITS - [opening.units]).first : opening.units
      end

      def survey = opening.survey

      # Whether numbers are shown in another unit than they are cut in.
      def translated? = shown != opening.units

      # Shows derived figures: to 0.1 mm, or the sixteenth.
      def printer = translated? ? other_printer : opening.printer

      # Shows what is cut: to the grain; in the other unit as near as it shows.
      def cut_printer = translated? ? other_printer : Length::Printer.new(opening.units, opening.grain)

      def other_printer = Length::Printer.new(shown, (shown == :in) ? Length::GRAIN[:in] / 2 : 1r / 10)

      # The stage it has come to: openings whose readings close are sized at
      # once.
      def reached
        return "measure" unless survey.complete? && closure.suspects.empty?

        (row.stage == "measure") ? "size" : row.stage
      end

      # Checks by code, the worst first.
      def checks(*codes) = (plan&.checks || []).select { |check| codes.include?(check.code) }
    end
  end
end
