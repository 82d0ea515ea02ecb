# frozen_string_literal: true

module YellowTrack
  module Practice
    # A drill's sum on a made-up case, with one of its numbers moved: every state is worked
    # out by the core beforehand (handbook 12).
    class Lesson
      # What stands when the number is moved so far.
      #
      # value    [Numeric, String] of what is moved: mm, or in words
      # entries  [Array<Working::Entry>] its sums, from the ledger
      # says     [String, nil] what follows, in words
      # subject  [Object] what is drawn: a plan, a build-up, a rack, gaps, a door, visits
      # printer  [Length::Printer]
      State = Struct.new(:value, :entries, :says, :subject, :printer, keyword_init: true)

      # @param key [String] of a drill
      # @param read [#call] gives what a command reads from a document
      # @return [Lesson]
      # @raise [Fault] for a drill that there is not
      def self.of(key, read)
        row = Taught::ROWS[key] or raise Fault.new("There is no drill \"#{key[0, 40]}\".", key: "drill")
        row.fetch(:kind).new(key, row, read)
      end

      # @return [String] what is moved
      attr_reader :label

      # @param row [Hash] of Taught::ROWS: what the lesson shows, its label, level and seed
      def initialize(key, row, read)
        @row, @read, @label = row, read, row.fetch(:label)
        @question = Practice::Drills.question(key, level: row.fetch(:level, 2), seed: row.fetch(:seed, 1), read:)
      end

      # @return [Array<State>] one for each place of what is moved
      def states = @states ||= values.filter_map { |value| state(value) }

      # @return [Array<String>] slips that people make in it, in words
      def slips = @question.parts.flat_map(&:slips).map(&:words).uniq

      # @return [Integer] the place that is shown first
      def first = states.length / 2

      private

      # The number at a path of the question's file, moved by so many steps.
      def values
        from = @question.document.dig(*@row.fetch(:path))
        @row.fetch(:by).map { |by| @row[:set] ? by : from + by }
      end

      def document(value) = put(@question.document, @row.fetch(:path), value)

      def put(document, path, value)
        key, *rest = path
        document = document.dup
        document[key] = rest.empty? ? value : put(document[key], rest, value)
        document
      end

      # On an opening: entries of its plan's ledger.
      class OnOpening < Lesson
        private

        def state(value)
          plan = Plan.of(@read.call("plan", document(value)))
          return unless plan.whole?

          entries = @row.fetch(:entries).filter_map { |key| entry(plan, key) }
          State.new(value: value.to_r, entries:, says: @row[:says]&.call(plan), subject: drawn(plan),
            printer: plan.opening.printer)
        end

        def entry(plan, key) = plan.working.entries.find { |one| one.key == key && one.formula }

        def drawn(plan) = @row[:drawn] ? @row[:drawn].call(plan) : plan
      end

      # On a hung panel: its gaps once a screw was turned, or as they bow.
      class OnBench < Lesson
        # Gaps as they stand: the reading of a hung panel, turned by so many mm.
        Turned = Struct.new(:hung, :by)

        private

        def values = @row.fetch(:by)

        def state(value) = send(@row.fetch(:moved), value)

        def printer = Length::Printer.fine(@question.unit)

        def bench = @question.subject

        # The jamb's hanger turned by so many quarters.
        def turned(count)
          hung, controls = bench.after([]), bench.controls([])
          return unless controls.within("left" => 0, "right" => count)["right"] == count

          by = controls.mm("right", count)
          after = Working.new
          hung.answer.left_over(after, by)
          gaps = hung.answer.gaps_after(0r, by)
          State.new(value: controls.words("right", count), entries: hung.answer.work.entries.first(3) + after.entries,
            says: told(gaps), subject: Turned.new(hung, {"left" => 0r, "right" => by}), printer:)
        end

        # The middle of the gap wider by so much.
        def bowed(bow)
          hung = bench.after([])
          gaps = hung.read["gaps"]
          read = hung.read.merge("gaps" => gaps.merge("middle" => (gaps["top"] + gaps["bottom"]) / 2 + bow))
          now = bench.hung(read)
          answer = now.answer
          verdict = CanAdjust::VERDICTS.fetch(CanAdjust.verdict(answer))
          State.new(value: bow.to_r, entries: [answer.work["adjust.bow"]], says: "#{told(read["gaps"])}: #{verdict}.",
            subject: Turned.new(now, {}), printer:)
        end

        def told(gaps) = gaps.map { |gap, mm| "#{gap} #{printer.short(mm)}" }.join(", ")
      end

      # On bars: a wider kerf.
      class OnBars < Lesson
        private

        def values = @row.fetch(:by)

        def state(kerf)
          rack = @question.parts.first.stands_on.with_kerf(kerf.to_r)
          return unless rack.best

          State.new(value: kerf.to_r, entries: [], subject: rack, printer: Length::Printer.derived(:mm, 1r),
            says: "#{CutFrom.bought(rack)}, and the longest offcut is #{rack.longest_offcut(rack.best).to_i} mm.")
        end
      end

      # On a door: one question more.
      class OnDoor < Lesson
        private

        def door = @question.play

        def values = (0..door.best.length).to_a

        def state(count)
          now = door.after(door.best.first(count))
          last = now.taken.last
          says = last ? "#{last.finding.ask} #{last.answer.tr("_", " ").capitalize}." : now.door.said.first.label
          State.new(value: "#{count} asked, #{now.minutes.to_f.round(1)} minutes", entries: [], says:, subject: now,
            printer: nil)
        end
      end

      # On a job: a longer wait.
      class OnJob < Lesson
        private

        def values = @row.fetch(:by)

        def state(hours)
          document = dried_in(hours)
          visits = @read.call("visits", document)
          State.new(value: Count.told(hours, "hours"), entries: [], printer: nil, subject: [document, visits],
            says: "#{visits.rows.count(&:trip)} visits; #{HoldsUp.chained(visits)}.")
        end

        # Whatever dries takes so long.
        def dried_in(hours)
          steps = @question.document["steps"].map do |step|
            waits = (step["after"] || []).map do |after|
              after["wait"] ? after.merge("wait" => {"hours" => hours}) : after
            end
            step["after"] ? step.merge("after" => waits) : step
          end
          @question.document.merge("steps" => steps)
        end
      end
    end
  end
end
