# frozen_string_literal: true

module YellowTrack
  module Web
    # What a document comes to: the opening as it reads, and its plan or why
    # there is none. A screen asks for the same document many times over (its
    # pages, each step of a sliding panel), so the latest answers are kept; a
    # document that differs in anything is another document.
    class Worked
      KEPT = 128

      @latest = {}
      @lock = Mutex.new

      class << self
        # @param document [Hash] an opening file as parsed
        # @return [Worked]
        # @raise [Faults] for a document that cannot be read
        def of(document)
          found = @lock.synchronize { @latest[document] } || new(document)
          @lock.synchronize do
            @latest.delete(document)
            @latest[document] = found
            @latest.shift while @latest.length > KEPT
          end
          found
        end
      end

      # @return [Opening]
      attr_reader :opening
      # @return [Plan, nil]
      attr_reader :plan
      # @return [Fault, nil] why there is no plan, though nothing is missing
      attr_reader :refusal
      # @return [Survey::Closure, nil] nil while readings are missing
      attr_reader :closure

      def initialize(document)
        @pieces = {}
        @opening = Data::Shelf.opening(document)
        return unless opening.survey.complete?

        @plan = work_out
        @closure = plan ? plan.closure : Survey::Closure.new(opening.survey)
        freeze
      end

      # A piece of a page that depends on the document alone, made once.
      #
      # @param name [Array] what it is, of which opening, shown in which unit
      # @yieldreturn [Object] HTML, or what it is made of
      def piece(*name) = @pieces[name] ||= yield.freeze

      private

      def work_out
        Plan.of(opening)
      rescue Fault => e
        @refusal = e
        nil
      rescue ZeroDivisionError, FloatDomainError
        @refusal = Fault.new("These readings make no set that can be worked out. Check the widths and heights.")
        nil
      end
    end
  end
end
