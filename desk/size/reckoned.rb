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

      # What planning it came to.
      #
      # plan    [Plan, nil] with a set
      # ended   [Plan, nil] one that ended at its sizing
      # checks  [Array<Check>] of either
      # refusal [Fault, nil] why there is no plan, though nothing is missing
      Came = Struct.new(:plan, :ended, :checks, :refusal, keyword_init: true)

      # @return [YellowTrack::Opening]
      attr_reader :opening
      # @return [Survey::Closure, nil] nil while readings are missing
      attr_reader :closure

      # @return [Plan, nil] with a set
      def plan = @came.plan

      # @return [Fault, nil] why there is no plan, though nothing is missing
      def refusal = @came.refusal

      # @return [Array<Check>] of a plan, or of one that ended at its sizing
      def checks = @came.checks

      # What bin/plan writes for the document: its plan, one that ended at its sizing too.
      #
      # @return [Hash]
      # @raise [Fault] for readings that are missing, and choices that make no set
      def plan_file
        raise refusal if refusal && @came.ended.nil?

        Cures.new(plan || @came.ended || Plan.of(opening)).to_h
      end

      # @param document [Store::Document]
      def initialize(document)
        @pieces = {}
        @opening = Files::Shelf.opening(document)
        @came = (survey.complete? || survey.planned?) ? came : Came.new(checks: [])
        @closure = solved
        freeze
      end

      # A piece of a page that depends on the document alone, made once.
      #
      # @param name [Array] what it is, of which opening, shown in which unit
      # @yieldreturn [Object] HTML, or what it is made of
      def piece(*name) = @pieces[name] ||= yield.freeze

      private

      def survey = opening.survey

      def came
        made = Plan.of(opening)
        return Came.new(plan: made, checks: made.checks) if made.whole?

        none = made.checks.find { |check| check.code == NothingLeft::CODE }
        Came.new(ended: made, checks: made.checks, refusal: Fault.new("#{none.says} #{none.do}"))
      rescue Fault => e
        Came.new(checks: [], refusal: e)
      rescue ZeroDivisionError, FloatDomainError
        Came.new(checks: [], refusal: Fault.new("These readings make no set that can be worked out. " \
          "Check the widths and heights."))
      end

      # The plan's own, which is solved already; its own where there is none.
      def solved
        made = plan || @came.ended
        (made&.closure unless survey.planned?) || (Survey::Closure.new(survey) if survey.complete?)
      end
    end
  end
end
