# frozen_string_literal: true

require "date"

module YellowTrack
  module Demo
    # What was done in an opening before the demo starts: steps ticked, gaps
    # read, adjusters turned; each on its day, counted back from today.
    class Past
      DAY = 24 * 3600
      STEP = 10 * 60 # from one step to the next; what has to dry takes a day

      # When an opening was measured: a while before it was hung.
      #
      # @param opening [Hash] of jobs.yml
      # @return [Time]
      def self.surveyed(opening) = Time.now - ((days = opening.dig("hung", "days_ago")) ? (days + 12) * DAY : 0)

      # @param book [Store::Book]
      # @param row [Store::Openings::Opening]
      def initialize(book, row)
        @book = book
        @id = row.id
      end

      # @param opening [Hash] of jobs.yml
      def tell(opening)
        hung(opening["hung"]) if opening["hung"]
        (opening["waits"] || {}).each { |step, days| note("wait", step, (Date.today + days).iso8601, "fitter") }
        (opening["gaps"] || []).each { |gaps| gaps(gaps) }
      end

      private

      def row = @book.openings.find(@id)

      def work = Web::Work.new(row)

      def record = @book.log.told([@id]).fetch(@id)

      # Work starts at eight.
      def morning(days_ago) = (Date.today - days_ago).to_time + 8 * 3600

      def note(kind, key, after, who) = @book.log.add(opening_id: @id, version: row.version, kind:, key:, before: nil, after:, who:, at: Store::Clock.now)

      def hung(told)
        steps = Web::HangingSteps.new(work, record).steps
        last = steps.rindex { |step| step.key == told["up_to"] }
        days = told["days_ago"]
        steps.first(last + 1).each_with_index do |step, place|
          days -= 1 if step.dry
          Store::Clock.during(morning(days) + place * STEP) { note("step", step.key, true, told["by"]) }
        end
      end

      def gaps(told)
        Store::Clock.during(morning(told["days_ago"]) + 5 * 3600) do
          turn(told) if told["turned"]
          told["read"].each { |gap, typed| change("hung.#{told["panel"]}.gaps.#{gap}", typed, told["by"]) }
        end
      end

      def turn(told)
        adjusting = Web::Adjusting.new(work, record, even: Adjust::EVEN, pick: told["panel"])
        @book.openings.adjust(@id, told["panel"], adjusting.state_after(told["turned"]), made: adjusting.entry(told["turned"]), seen: row.version, who: told["by"]) { {} }
      end

      def change(key, value, who) = @book.openings.change(@id, key, value, seen: row.version, who:) { {} }
    end
  end
end
