# frozen_string_literal: true

module YellowTrack
  module Practice
    # A small job: which wait decides its end, and how many visits it takes (handbook 14).
    # Two openings, one whose paint dries for a day and one whose covering others lay for three days: the covering
    # decides, though painting is the longer work, and the crew comes twice.
    class HoldsUp < Drill
      KEY, NAME = "holds-up", "What holds it up"
      LEARN = "The end is decided by the longest chain of work and waits, not by the longest work; steps that can " \
        "wait share a trip, and what dries stays away for its hours."
      # What an opening waits for, one kind each: two of them dry, two are done by others.
      KINDS = %w[paint filler covering order].freeze
      DRIES = %w[paint filler].freeze
      WAITS = {"paint" => "paint drying", "filler" => "filler setting", "covering" => "the floor layer",
               "order" => "the doors on order"}.freeze
      OPENINGS = {1 => 2, 2 => 2, 3 => 2, 4 => 3, 5 => 3}.freeze
      CLOSE = [40, 48, 60, 72].freeze # hours, at the last level: beside two or three days
      START = "2027-04-06"

      # The chain in words: what is done, and what is waited for between.
      def self.chained(visits)
        visits.chain.filter_map { |one|
          step = visits.model.steps[one.place]
          case one.by
          when "wait" then "wait"
          when "work" then "#{step.what} #{step.opening}"
          when "other" then "#{step.what} #{step.opening}, #{Count.told(step.days, "days")} of others"
          end
        }.join(" → ")
      end

      private

      def file = "visits"

      # What dries is always among them: a visit that is put off for it is the point of the second question.
      def drawn
        kinds = KINDS.shuffle(random: site.random)
        kinds = [site.pick(DRIES), *kinds].uniq # what dries is always among them
        @kinds = %w[A B C].zip(kinds.first(OPENINGS.fetch(level)).shuffle(random: site.random)).to_h.compact
        {"format" => "yellow-track/work", "version" => 1, "name" => "Practice", "start" => START,
         "travel" => (level == 1) ? 20 : minutes(15..50), "crew" => 2,
         "steps" => @kinds.flat_map { |letter, kind| send(kind, letter) }}
      end

      # Round tens at the first level, fives from there on: nobody is to fight with odd minutes.
      def minutes(range) = (level == 1) ? site.random.rand(range) / 10 * 10 : site.random.rand(range) / 5 * 5

      # A step of the work file; what it waits for is hours after the step before, or nothing.
      def step(letter, key, what, place:, range:, after: nil, **wait)
        {"key" => "#{letter}-#{key}", "opening" => letter, "what" => what, "place" => place,
         "minutes" => minutes(range), "hands" => 1,
         **(if after
              {"after" => [{"step" => "#{letter}-#{after}", **(wait.any? ? {"wait" => told(wait)} : {})}]}
            else
              {}
            end)}
      end

      def told(wait) = wait.transform_keys(&:to_s)

      # Taken off, painted and rehung once it is dry: two visits, whatever else there is.
      def paint(letter)
        [step(letter, "coat", "take off, paint", place: "site", range: 40..200),
          step(letter, "rehang", "rehang", place: "site", range: 20..60, after: "coat",
            hours: hours([16, 24], [12, 16, 24, 36, 48, 60]))]
      end

      # Glued and sanded: as paint, with other hours.
      def filler(letter)
        [step(letter, "fill", "fill and glue", place: "site", range: 30..200),
          step(letter, "sand", "sand", place: "site", range: 20..60, after: "fill",
            hours: hours([24, 48], [12, 18, 24, 48, 72]))]
      end

      def covering(letter) = others(letter, "cover", "the covering is laid")

      def order(letter) = others(letter, "order", "the doors come")

      # Days of somebody else's, and what the crew does once they are over.
      def others(letter, key, what)
        [{"key" => "#{letter}-#{key}", "opening" => letter, "what" => what, "place" => "other",
          "days" => site.pick((level == 5) ? 2..3 : 1..5)},
          step(letter, "hang", "hang and adjust", place: "site", range: 40..240, after: key)]
      end

      # Whole days that are said easily, then odd ones; at the last level so that days and hours come close to each
      # other.
      def hours(round, any)
        return site.pick(CLOSE) if level == 5

        site.pick((level == 1) ? round : any)
      end

      # @param visits [Visits]
      def worked(visits) = @subject = visits

      def asked(_set) = "Which wait decides the end, and how many visits does it take?"

      def given(_visits) = {"the crew begins" => START, "road, each way" => "#{@document["travel"]} minutes",
                            "a day" => "7:30 to 16:30, on site less the road"}

      # Two answers: what the end waits for, and on how many days the crew drives.
      def parts(visits)
        @held = waits(visits)
        return if @held.empty?

        @dry = dried.rows.count(&:trip)
        [wait(@held.last, longest_work, visits), trips(visits, visits.rows.count(&:trip), @dry)]
      end

      # Only where one wait alone decides, its opening not the one with the most work, and
      # what dries takes a trip of its own; at the last level another wait nearly as long.
      def draw
        made = super or return
        wait, trips = made.parts
        return if @held.length > 1 || wait.answer == longest_work || @dry >= trips.answer
        return unless brings_forward == [wait.answer]

        made if level < 5 || near?(wait.answer)
      end

      # Openings whose wait, were it nothing, would bring the end forward: each by itself.
      #
      # @return [Array<String>] letters
      def brings_forward
        @kinds.keys.select do |letter|
          shorter = @read.call(file, @document.merge("steps" => shortened(letter)))
          shorter.to_h["end"] < @subject.to_h["end"]
        end
      end

      # The job with one opening's wait as short as a wait can be.
      def shortened(letter)
        @document["steps"].map do |step|
          next step unless step["opening"] == letter

          days = step["days"] ? {"days" => 1} : {}
          after = step["after"] ? {"after" => step["after"].map { |one| one.slice("step") }} : {}
          step.merge(days, after)
        end
      end

      # Whether another wait would decide, were it a day longer.
      def near?(decides)
        (@kinds.keys - [decides]).any? do |letter|
          waits(@read.call(file, @document.merge("steps" => longer(letter)))) != [decides]
        end
      end

      # The same job with one opening's wait a day longer: whether that would change what decides.
      def longer(letter)
        @document["steps"].map do |step|
          next step unless step["opening"] == letter
          next step.merge("days" => step["days"] + 1) if step["days"]

          after = step["after"]&.map do |one|
            one["wait"] ? one.merge("wait" => {"hours" => one["wait"]["hours"] + 24}) : one
          end
          after ? step.merge("after" => after) : step
        end
      end

      # Openings whose wait, or whose others, stand in the chain.
      def waits(visits)
        waited = visits.chain.select { |one| %w[wait other].include?(one.by) }
        waited.map { |one| visits.model.steps[one.place].opening }.uniq
      end

      # What is taken for the answer by somebody who adds minutes and forgets that waits go on overnight.
      def longest_work
        @document["steps"].group_by { |one| one["opening"] }
          .max_by { |_, steps| steps.sum { |one| one["minutes"] || 0 } }.first
      end

      # The same job with nothing to dry.
      def dried
        steps = @document["steps"].map do |one|
          one["after"] ? one.merge("after" => one["after"].map { |after| after.slice("step") }) : one
        end
        @read.call(file, @document.merge("steps" => steps))
      end

      # The chain is told with it: read from its end, it shows what each step waited for.
      def wait(answer, longest, visits)
        Part.new(key: "wait", label: "what decides the end", kind: :choice, answer:,
          options: @kinds.to_h { |letter, kind| [letter, "#{letter}: #{WAITS.fetch(kind)}"] },
          slips: [Slip.new("that is the longest work, not the longest chain", longest)], why: HoldsUp.chained(visits))
      end

      # One more is what comes of a day for each step, fewer of paint that dries while one waits beside it.
      def trips(visits, count, dry)
        days = visits.rows.select(&:trip).map { |row| calendar(visits).told(calendar(visits).morning(row.day))[0, 10] }
        Part.new(key: "visits", label: "visits", kind: :count, answer: count,
          slips: [Slip.new("that is a trip too many: steps that can wait share one", count + 1),
            Slip.new("that has paint and filler dry the same day", dry)],
          why: "#{days.length}, on #{days.join(", ")}.")
      end

      def calendar(visits) = visits.model.calendar
    end
  end
end
