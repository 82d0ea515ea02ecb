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
      # @param row [Store::Openings::Row]
      def initialize(book, row)
        @book = book
        @id = row.id
      end

      # @param opening [Hash] of jobs.yml
      def tell(opening)
        hung(opening["hung"]) if opening["hung"]
        waits(opening) if opening["waits"]
        (opening["gaps"] || []).each { |gaps| gaps(gaps) }
        over(opening["over"]) if opening["over"]
      end

      private

      def opening(panel: nil) = Desk::KeptOpening.new(@book, @book.openings.find(@id), panel:)

      # Work starts at eight.
      def morning(days_ago) = (Date.today - days_ago).to_time + 8 * 3600

      def note(kind, key, after, who)
        @book.openings.note(@id, {kind:, key:, before: nil, after:}, who:, listing: Desk::Listing.of(@book))
      end

      def hung(told)
        steps = opening.progress.steps
        last = steps.rindex { |step| step.key == told["up_to"] }
        days = told["days_ago"]
        steps.first(last + 1).slice_when { |_, step| step.dry && step.key == first_after(steps, step.dry) }
          .each_with_index do |day, later|
          day.each_with_index do |step, place|
            Store::Clock.during(morning(days - later) + place * STEP) { note("step", step.key, true, told["by"]) }
          end
        end
      end

      # The first that waits for the same to dry.
      def first_after(steps, dry) = steps.find { |step| step.dry&.fetch("step") == dry["step"] }.key

      # Days that others promised when it was hung.
      def waits(opening)
        days_ago, by = opening["hung"].values_at("days_ago", "by")
        Store::Clock.during(morning(days_ago) + 9 * 3600) do
          opening["waits"].each { |step, days| note("wait", step, (Date.today + days).iso8601, by) }
        end
      end

      def over(told)
        day = Date.today - told["days_ago"]
        Store::Clock.during(morning(told["days_ago"]) + 6 * 3600) do
          said = Desk::HandingOver::Typed.new({"fitter" => told["by"]}, today: day)
          Desk::HandingOver.new(opening).hand_over!(said, who: told["by"])
        end
      end

      def gaps(told)
        Store::Clock.during(morning(told["days_ago"]) + 5 * 3600) do
          now = opening(panel: told["panel"])
          now.turning.turn!(told["turned"], seen: now.version, who: told["by"]) if told["turned"]
          told["read"].each { |gap, typed| read(told, gap, typed) }
        end
      end

      def read(told, gap, typed)
        now = opening
        writing = Desk::Writing.new(now, who: told["by"], owner: Store::Drafts::ANYBODY)
        writing.write(Desk::Fields["hung.#{told["panel"]}.gaps.#{gap}"], typed, seen: now.version)
      end
    end
  end
end
