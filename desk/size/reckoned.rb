# frozen_string_literal: true

module YellowTrack
  module Desk
    # What a document comes to: the opening as it reads, and its plan or why
    # there is none. A screen asks for the same document many times over (its
    # pages, each step of a sliding panel), so the latest answers are kept; a
    # document that differs in anything is another document.
    class Reckoned
      KEPT = Latest.new(128)

      # @param document [Hash] an opening file as parsed
      # @return [Reckoned]
      # @raise [Faults] for a document that cannot be read
      def self.of(document) = KEPT.fetch(document) { new(document) }

      # @return [YellowTrack::Opening]
      attr_reader :opening
      # @return [Plan, nil] with a set
      attr_reader :plan
      # @return [Fault, nil] why there is no plan, though nothing is missing
      attr_reader :refusal
      # @return [Survey::Closure, nil] nil while readings are missing
      attr_reader :closure
      # @return [Array<Check>] of a plan, or of one that ended at its sizing
      attr_reader :checks

      # What bin/plan writes for the document: its plan, one that ended at its sizing too.
      #
      # @return [Hash]
      # @raise [Fault] for readings that are missing, and choices that make no set
      def plan_file
        raise refusal if refusal && @ended.nil?

        Cures.new(plan || @ended || Plan.of(opening)).to_h
      end

      # @param document [Store::Document]
      def initialize(document)
        @pieces = {}
        @checks = []
        @opening = Files::Shelf.opening(document)
        return unless opening.survey.complete? || opening.survey.planned?

        work_out
        @closure ||= Survey::Closure.new(opening.survey) if opening.survey.complete?
        freeze
      end

      # A piece of a page that depends on the document alone, made once.
      #
      # @param name [Array] what it is, of which opening, shown in which unit
      # @yieldreturn [Object] HTML, or what it is made of
      def piece(*name) = @pieces[name] ||= yield.freeze

      private

      def work_out
        made = Plan.of(opening)
        @checks = made.checks
        @closure = made.closure unless opening.survey.planned?
        return @plan = made if made.whole?

        @ended = made
        none = made.checks.find { |check| check.code == NothingLeft::CODE }
        @refusal = Fault.new("#{none.says} #{none.do}")
      rescue Fault => e
        @refusal = e
      rescue ZeroDivisionError, FloatDomainError
        @refusal = Fault.new("These readings make no set that can be worked out. Check the widths and heights.")
      end
    end
  end
end
