# frozen_string_literal: true

module YellowTrack
  module Desk
    # What hangs in an opening, what was read of it, what is to be turned, and
    # what was turned so far.
    class Turning
      # A move as the log holds it. gaps and expected, mm, by gap; found, the
      # reading that followed, nil while it is to be taken; words, of each control.
      Made = Struct.new(:entry, :gaps, :expected, :found, :words, keyword_init: true)

      # @param opening [Opening] with a plan
      # @param pick [String, nil] the panel in hand
      def initialize(opening, pick: nil)
        @opening = opening
        @all = opening.plan.set.readings
        @pick = pick
        @answers, @controls, @moves = {}, {}, {}
      end

      # @return [Array<Adjust::Reading>]
      attr_reader :all

      # What gaps may differ by here, mm.
      def even = @opening.even_within

      # The panel or pair in hand: as picked, else the first that wants something.
      #
      # @return [Adjust::Reading]
      def reading = @reading ||= all.find { |one| one.name == @pick } || needed.find { |one| !even?(one) } || all.first

      # Those whose gaps show at a jamb.
      def needed = @needed ||= @opening.plan.set.needed_readings

      # @return [Adjust::Slider, Adjust::Fold, nil] nil while readings are missing
      def answer(one = reading)
        @answers.fetch(one.name) do
          asked = [even, learnt.used]
          @answers[one.name] = @opening.piece(:answer, one.name,
            *asked) { [one.answer(even:, per_turn: asked.last)] }.first
        end
      end

      # @return [Adjust::Controls] of a panel whose gaps were read
      def controls(one = reading)
        @controls[one.name] ||= Adjust::Controls.of(one, answer(one), @opening.fine_printer, per_turn: learnt.used)
      end

      # @return [Array<Working::Entry>] the sums of what is suggested
      def sums = controls.sums(controls.suggested)

      # Whether its gaps were read, and are even.
      def even?(one) = answer(one)&.even? || false

      # Whether all that has to be even is.
      def settled? = needed.all? { |one| even?(one) } && (meet.nil? || meet.even?(even))

      # Whether there is something to turn.
      def to_turn? = !answer.nil? && !even?(reading) && controls.suggested.values.any?(&:nonzero?)

      # @return [Adjust::Meet, nil] of a set that folds, once all its pairs were read
      def meet
        return unless folds? && all.all? { |one| answer(one) }

        read = @opening.opening.hung("meet")
        @meet ||= Adjust::Meet.new(*all.map { |one| answer(one) }, top: read["top"], bottom: read["bottom"])
      end

      # Whether it folds, and its leads come to a gap of their own.
      def folds? = @opening.plan.set.manner.folds?

      # @return [Adjust::Learnt] what the moves of all panels say of the screws
      def learnt = @learnt ||= Adjust::Learnt.new(@opening.kit, all.flat_map { |one| lessons(one) })

      # @return [Array<Check>]
      def checks
        return [] unless answer

        Adjust::Checks.of(reading, answer, learnt, printer: @opening.fine_printer).found + at_leads
      end

      # @return [Array<Made>] of a panel, oldest first
      def moves(one = reading)
        @moves[one.name] ||= begin
          entries = made_entries.select { |entry| entry.key == "hung.#{one.name}" }
          entries.zip(entries.drop(1)).map { |entry, following| made(one, entry, following) }
        end
      end

      # The latest move of the panel in hand, while no gap was read since; it can
      # be taken back.
      #
      # @return [Made, nil]
      def open_move = moves.last&.then { |move| move if reading.read["gaps"].nil? }

      # The moves of the panel in hand, in a few letters; empty for none.
      #
      # @return [String]
      def mark = moves.last ? "#{moves.last.entry.id}#{"-" unless open_move}" : ""

      # The neighbours' tops that were read, once the panel is turned as said.
      #
      # @return [Hash{String => Numeric}] mm above this panel's
      def tops_then = answer ? controls.moved(controls.suggested)["tops"] || {} : {}

      # The next thing to do: a gap to read, a screw to turn, nothing.
      #
      # @return [NextStep]
      def next_step
        return NextStep.new(sentence: "All gaps are even. Hand it over.", stage: "hand-over") if settled?

        one = [reading, *needed].find { |other| !even?(other) } || reading
        gap = one.missing.first
        NextStep.new(sentence: words_of(one), stage: "adjust", panel: one.name,
          anchor: gap && "hung.#{one.name}.gaps.#{gap}")
      end

      # Writes down that adjusters were turned.
      #
      # @param counts [Hash{String => Integer}]
      # @param seen [Integer] the version on the screen
      # @raise [Fault] where it was read anew meanwhile
      def turn!(counts, seen:, who:)
        if counts.values.all?(&:zero?)
          raise Fault.new("No adjuster was turned. Turn one on the bench, or take what is suggested.",
            key: "turn")
        end

        key = "hung.#{reading.name}"
        commit(key, seen, who) do |now|
          Store::Openings::Act.new(document: now.document.with(key, state_after(counts)),
            columns: {stage: Stage.later(now.stage, "adjust")},
            entries: [{kind: "move", key:, before: now.document[key], after: entry(counts)}])
        end
      end

      # Takes the latest move back: what was read before it stands again, and a
      # correction says so.
      #
      # @raise [Fault] where there is none to take back
      def take_back!(seen:, who:)
        move = open_move&.entry or
          raise Fault.new("There is no move of #{reading.title} to take back: gaps were read since. Turn the other " \
            "way instead.", key: "turn")

        commit(move.key, seen, who) do |now|
          Store::Openings::Act.new(document: now.document.with(move.key, move.before), entries: [
            {kind: "reading", key: move.key, before: now.document[move.key], after: move.before},
            {kind: "correction", key: "entry.#{move.id}", before: nil, after: "Taken back: not turned."}
          ])
        end
      end

      private

      # What it raises at its leads and behind its half jamb.
      def at_leads
        return [] unless meet

        slides = all.flat_map { |one|
          %w[top bottom].map { |slide| one.at(slide) + answer(one).public_send(:"#{slide}_slide") }
        }
        Adjust::AtLeads.new(Adjust::AtLeads::Turned.new(@opening.plan.set, meet, slides), @opening.fine_printer).found
      end

      def commit(key, seen, who, &)
        change = @opening.book.openings.commit(@opening.id, who:, seen:, key:, listing: Listing.of(@opening.book), &)
        return unless change.outcome == :conflict

        raise Fault.new("#{reading.title} was read anew on another screen meanwhile. Nothing was written down: look " \
          "at what it says now.", key: "turn")
      end

      # The opening file's part for the panel once its adjusters were turned: where
      # they stand then, and no gaps, for they are to be read again.
      #
      # @return [Hash] as typed
      def state_after(counts)
        at = controls.all.keys.to_h { |name| [name, text(controls.at(name, counts.fetch(name)))] }
        @opening.document["hung.#{reading.name}"].to_h.except("gaps", "floor", "tops")
          .merge("at" => at, **controls.moved(counts)
            .transform_values { |read| read.transform_values { |mm| text(mm) } })
      end

      # A move for the log.
      def entry(counts)
        {"turned" => counts.to_h { |name, count|
          [name,
            {"count" => count, "mm" => plain(controls.mm(name, count)), "words" => controls.words(name, count)}]
        },
         "gaps" => reading.read["gaps"].transform_values { |gap| plain(gap) },
         "expected" => controls.gaps(counts).transform_values { |gap| plain(gap) },
         "jamb" => reading.jamb, **controls.lesson(counts).transform_values { |number| plain(number) }}
      end

      def plain(number) = Numbers.plain(number)

      # mm as it is typed in the opening's unit: what is worked out, to the
      # thousandth.
      def text(mm) = Length::Printer.derived(@opening.opening.units).typed(Rational(mm).round(Length::Printer::PLACES))

      # Moves that were not taken back.
      def made_entries
        @made_entries ||= begin
          taken_back = @opening.record.of("correction").map { |entry| entry.key.delete_prefix("entry.").to_i }
          @opening.record.of("move").reject { |entry| taken_back.include?(entry.id) }
        end
      end

      def lessons(one)
        moves(one).filter_map do |move|
          told = move.entry.after
          next unless move.found && told["turns"]

          Adjust::Learnt::Made.new(**%w[turns taper spacing height].to_h { |key| [key.to_sym, exact(told[key])] },
            found: Adjust.taper_at_right(told["jamb"], move.found))
        end
      end

      def exact(number) = Rational(number.to_s)

      def exactly(gaps) = gaps.transform_values { |gap| exact(gap) }

      def made(one, entry, following)
        found = following ? exactly(following.after["gaps"]) : (one.read["gaps"] if one.missing.empty?)
        Made.new(entry:, gaps: exactly(entry.after["gaps"]), expected: exactly(entry.after["expected"]), found:,
          words: entry.after["turned"].transform_values { |turned| turned["words"] })
      end

      def words_of(one)
        if one.missing.any?
          return "Read the gaps of #{one.name} at #{one.edge}: " \
            "#{one.missing.map { |gap| Fields.hung_label(gap) }.join(", ")}."
        end

        turned = controls(one).suggested.reject { |_, count| count.zero? }
        return "#{one.name} at #{one.edge}: nothing that can be turned helps. See what would." if turned.empty?

        told = turned.map { |name, count|
          "#{Adjust::Controls.name_of(one.kit, name)}: " \
                  "#{controls(one).words(name, count)}"
        }.join("; ")
        "#{told[0].upcase}#{told[1..]}. Then read the gaps of #{one.name} again."
      end
    end
  end
end
