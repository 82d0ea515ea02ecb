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

      # @param row [Store::Openings::Opening]
      def initialize(row)
        @row = row
        @worked = Worked.of(row.document.to_h)
      end

      def survey = opening.survey

      # Shows derived figures: to 0.1 mm, or the sixteenth.
      def printer = opening.printer

      # Shows what is cut: to the grain.
      def cut_printer = Length::Printer.new(opening.units, opening.grain)

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
