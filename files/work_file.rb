# frozen_string_literal: true

require "date"

module YellowTrack
  module Files
    # Reads a work file (handbook 14): the steps of a job, its days and hours.
    # Steps of a job with what each comes after: a ring of them, A after B after A, could never begin, and is told by
    # its members.
    class WorkFile
      WEEK = %w[mon tue wed thu fri].freeze
      HOURS = {"from" => 450, "to" => 990}.freeze
      MOST = 1000 # steps

      # @param document [Hash] as parsed
      # @return [Visits]
      # @param patience [Visits::Patience, nil] see Visits
      # @raise [Faults] one for each thing at fault
      def self.visits(document, patience: nil) = new(document).visits(patience:)

      class << self
        # Steps that come after themselves, all of them, each with what is wrong.
        #
        # @param steps [Array<Hash>] as read
        # @return [Hash{String => String}] by key
        def ring(steps)
          open = steps.to_h { |step| [step["key"], (step["after"] || []).map { |after| after["step"] }] }
          loop do
            free = open.select { |_, after| (after & open.keys).empty? }.keys
            break if free.empty?

            free.each { |key| open.delete(key) }
          end
          leading = open.keys.select { |key| reaches?(key, key, open, seen: []) }
          leading.to_h { |key| [key, "it comes after itself, by #{leading.join(", ")}. Take one after out."] }
        end

        private

        # Whether a step comes after itself by way of others; what was seen is not looked at again.
        def reaches?(key, goal, open, seen:)
          (open[key] || []).any? do |one|
            one == goal || (!seen.include?(one) && reaches?(one, goal, open, seen: seen << one))
          end
        end
      end

      # @param document [Hash] as parsed
      def initialize(document)
        @document = document
        @read, faults = Shelf.schema("work").read(document)
        @read ||= {}
        @faults = faults.map { |fault| Fault.new(fault.words, key: by_step(fault.key)) }
      end

      # @return [Visits]
      # @raise [Faults]
      def visits(patience: nil)
        refuse(@faults + dates + (whole? ? steps_at_fault : []))
        refuse(ring)
        Visits.new(name: @read["name"] || "", steps: steps, calendar:, hands: @read["crew"] || 1, job: @read["job"],
          was: @read["was"] && Visits::Was.new(@read["was"], calendar), **{patience:}.compact)
      end

      private

      def refuse(faults) = faults.any? ? raise(Faults.new(faults)) : nil

      # Whether steps can be looked at one by one: of a list that is none nothing more is said.
      def whole? = @read["steps"].is_a?(Array) && @read["steps"].all? { |step| step && step["key"] && step["place"] }

      # A step is named by its key, not by its number.
      def by_step(key)
        key.sub(/\Asteps\[(\d+)\]/) do |number|
          step = @document["steps"][Regexp.last_match(1).to_i]
          name = step.is_a?(Hash) && step["key"]
          name.is_a?(String) ? "steps.#{name}" : number
        end
      end

      def fault(key, words) = Fault.new(words, key:)

      # Dates that there are not.
      def dates
        given = {"start" => @read["start"], **listed("off"), **listed("away")}
        (@read["steps"] || []).compact.each do |step|
          %w[not_before done].each { |key| given["steps.#{step["key"]}.#{key}"] = step[key] }
        end
        bad = given.reject { |_, text| text.nil? || date(text) }.map { |key, text| no_date(key, text, "2027-03-01") }
        bad + ended_at_fault
      end

      def ended_at_fault
        (@read["steps"] || []).compact.filter_map do |step|
          next if step["ended"].nil? || moment(step["ended"])

          no_date("steps.#{step["key"]}.ended", step["ended"], "2027-02-25T16:10")
        end
      end

      def listed(key) = (@read[key] || []).each_with_index.to_h { |text, place| ["#{key}[#{place}]", text] }

      def no_date(key, text, works) = fault(key, "\"#{text}\" is no date. Write it as #{works}.")

      def date(text) = StepOfWork.date(text)

      def moment(text) = StepOfWork.moment(text)

      # What the file does not say of its hours is the usual.
      def hours = HOURS.merge((@read["hours"] || {}).compact)

      def travel = @read["travel"] || 0

      def steps_at_fault
        keys = @read["steps"].map { |step| step["key"] }
        [*((hours["from"] >= hours["to"]) ? [fault("hours", "A day ends after it begins: from is before to.")] : []),
          *keys.tally.select { |_, times| times > 1 }.map { |key, _| fault("steps.#{key}", "the key is used twice.") },
          *@read["steps"].flat_map { |step| wrong(step, keys) }]
      end

      # What is wrong with one step: its length, what it leaves out, and what it comes after.
      def wrong(step, keys)
        name = "steps.#{step["key"]}"
        afters = (step["after"] || []).map { |after| after["step"] }
        [too_long(step, name), unsaid(step, name), *(afters - keys).map { |key|
          fault("#{name}.after", "there is no step \"#{key}\". It takes the key of another.")
        }].compact
      end

      # A step longer than a crew's day fits on none.
      def too_long(step, name)
        return if step["place"] == "other" || step["minutes"].nil? || step["ended"]

        most = hours["to"] - hours["from"] - ((step["place"] == "site") ? 2 * travel : 0)
        return if step["minutes"] <= most

        fault(name, "#{step["minutes"]} minutes do not fit in a day: #{most} at most at its place. Split it.")
      end

      # What a step has to say by its place.
      def unsaid(step, name)
        return if step["ended"]
        return fault("#{name}.minutes", "missing. A step of the crew takes minutes.") if step["place"] != "other" &&
          step["minutes"].nil?

        step["place"] == "other" && [step["days"], step["done"]].compact.length != 1 &&
          fault("#{name}.days", "others take days, or come by a date (done): one of the two.") || nil
      end

      def ring = WorkFile.ring(@read["steps"]).map { |key, words| fault("steps.#{key}", words) }

      def calendar
        @calendar ||= begin
          off, away = %w[off away].map { |key| (@read[key] || []).map { |text| date(text) } }
          Visits::Calendar.new(start: date(@read["start"]), week: @read["week"] || WEEK, off:, away:, travel:,
            from: hours["from"], to: hours["to"])
        end
      end

      def steps
        @read["steps"].map { |step| StepOfWork.of(step, calendar) }
      end
    end
  end
end
