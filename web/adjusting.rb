# frozen_string_literal: true

module YellowTrack
  module Web
    # What hangs in an opening, what was read of it, what is to be turned, and
    # what was turned so far.
    class Adjusting
      # A move as the log holds it. gaps and expected, mm, by gap; found, the
      # reading that followed, nil while it is to be taken.
      Made = Struct.new(:entry, :panel, :gaps, :expected, :found, :words, keyword_init: true)

      # What each control is called.
      CONTROLS = {"left" => "left hanger", "right" => "right hanger", "top" => "top pivot", "bottom" => "bottom pivot", "jack" => "jack"}.freeze

      # @param work [Work] with a plan
      # @param record [Store::Told] what the log tells of its set
      # @param even [Numeric] mm that gaps may differ by
      # @param pick [String, nil] the panel in hand
      def initialize(work, record, even:, pick: nil)
        @work, @record, @even = work, record, even
        @all = Adjust::Hung.all(work.plan)
        @pick = pick
      end

      attr_reader :all, :even

      def kit = @work.opening.kit

      # The panel or pair in hand: as picked, else the first that wants something.
      #
      # @return [Adjust::Hung]
      def hung = @hung ||= all.find { |one| one.name == @pick } || needed.find { |one| !even?(one) } || all.first

      # Those whose gaps show at a jamb.
      def needed = @needed ||= Adjust::Hung.needed(@work.plan)

      # @return [Adjust::Slider, Adjust::Fold, nil]
      def answer(one = hung) = (@answers ||= {})[one.name] ||= one.answer(even:, per_turn: learnt.used)

      def sums = @sums ||= Adjust::Sums.new(hung, answer, kit, turned: suggested.to_h { |name, count| [name, responses.mm(name, count)] }).work

      # Whether its gaps were read, and are even.
      def even?(one) = answer(one)&.even? || false

      def settled? = needed.all? { |one| even?(one) } && (meet.nil? || meet.even?(even))

      # @return [Adjust::Meet, nil] of two pairs, once both were read
      def meet
        return unless all.length == 2 && all.all? { |one| one.kind == :fold && answer(one) }

        read = @work.opening.hung("meet")
        @meet ||= Adjust::Meet.new(*all.map { |one| answer(one) }, top: read["top"], bottom: read["bottom"])
      end

      # @return [Adjust::Learnt]
      def learnt = @learnt ||= Adjust::Learnt.new(kit, all.select { |one| one.kind == :slider }.flat_map { |one| lessons(one) })

      # @return [Array<Made>] of a panel, oldest first
      def moves(one = hung)
        entries = made_entries.select { |entry| entry.key == "hung.#{one.name}" }
        entries.zip(entries.drop(1)).map { |entry, following| made(one, entry, following) }
      end

      # @return [Drawing::Responses]
      def responses(one = hung) = (@responses ||= {})[one.name] ||= Drawing::Responses.new(one, answer(one), printer, kit:, per_turn: learnt.used)

      # Gaps and settings are read finer than anything is cut: to a tenth, or the
      # 64th.
      def printer = Length::Printer.new(@work.shown, (@work.shown == :in) ? Length::GRAIN[:in] / 4 : 1r / 10)

      # What is suggested, as counts of each control's steps.
      #
      # @return [Hash{String => Integer}]
      def suggested(of = hung)
        counts = answer(of).counts(responses(of).controls.transform_values(&:step))
        responses(of).controls.to_h { |name, one| [name, counts.fetch(name).clamp(one.least, one.most)] }
      end

      # The same in words: each control that moves, and how.
      #
      # @return [Array<Array(String, String)>]
      def told(of = hung) = suggested(of).reject { |_, count| count.zero? }.map { |name, count| [CONTROLS.fetch(name), responses(of).words(name, count)] }

      # The neighbours' tops that were read, once the panel is turned as said.
      #
      # @return [Hash{String => Numeric}] mm above this panel's
      def tops_then = (hung.kind == :slider && answer) ? answer.tops_after(*turned(suggested)) : {}

      # The opening file's part for a panel once its adjusters were turned.
      #
      # @param counts [Hash{String => Integer}]
      # @return [Hash] as typed
      def state_after(counts)
        at = responses.controls.to_h { |name, one| [name, text(one.at + one.step * counts.fetch(name))] }.slice("left", "right", "jack")
        @work.row.document["hung.#{hung.name}"].to_h.except("gaps", "floor", "tops").merge("at" => at, **moved(counts))
      end

      # A move for the log.
      #
      # @param counts [Hash{String => Integer}]
      # @return [Hash]
      def entry(counts)
        {"turned" => counts.to_h { |name, count| [name, {"count" => count, "mm" => number(responses.mm(name, count)), "words" => responses.words(name, count)}] },
         "gaps" => hung.read["gaps"].transform_values { |gap| number(gap) }, "expected" => responses.gaps(counts).transform_values { |gap| number(gap) },
         "jamb" => hung.jamb, **lesson(counts)}
      end

      # The latest move of the panel in hand, while no gap was read since; it can
      # be taken back.
      #
      # @return [Made, nil]
      def open_move = moves.last&.then { |move| move if hung.read["gaps"].nil? }

      private

      # Moves that were not taken back.
      def made_entries
        taken_back = @record.of("correction").map { |entry| entry.key.delete_prefix("entry.").to_i }
        @record.of("move").reject { |entry| taken_back.include?(entry.id) }
      end

      def number(mm) = Numbers.plain(mm)

      # mm as it is typed in the opening's unit.
      def text(mm) = (@work.opening.units == :mm) ? number(mm).to_s : "#{number(mm)} mm"

      # Corners and neighbours' tops that were read move with the panel.
      def moved(counts)
        return {} unless hung.kind == :slider

        by = turned(counts)
        {"floor" => answer.floor_after((hung.read["floor"] || {}).compact, *by), "tops" => answer.tops_after(*by)}
          .transform_values { |read| read.transform_values { |mm| text(mm) } }.reject { |_, read| read.empty? }
      end

      # mm that each control is turned by.
      def turned(counts) = responses.controls.keys.map { |name| responses.mm(name, counts.fetch(name)) }

      # What a slider's move can teach.
      def lesson(counts)
        return {} unless hung.kind == :slider && hung.turned?("left")

        {"turns" => number(Rational(counts["right"] - counts["left"], Adjust::QUARTER)), "taper" => number(answer.taper_at_right),
         "spacing" => number(answer.spacing), "height" => number(hung.panel.height)}
      end

      def lessons(one)
        moves(one).filter_map do |move|
          told = move.entry.after
          next unless move.found && told["turns"]

          found = Adjust.taper_at_right(told["jamb"], move.found)
          Adjust::Learnt::Made.new(turns: exact(told["turns"]), taper: exact(told["taper"]), found:, spacing: exact(told["spacing"]), height: exact(told["height"]))
        end
      end

      def exact(number) = Rational(number.to_s)

      def made(one, entry, following)
        found = following ? following.after["gaps"].transform_values { |gap| exact(gap) } : (one.read["gaps"] if one.missing.empty?)
        Made.new(entry:, panel: one.name, gaps: entry.after["gaps"].transform_values { |gap| exact(gap) },
          expected: entry.after["expected"].transform_values { |gap| exact(gap) }, found:, words: entry.after["turned"].transform_values { |turned| turned["words"] })
      end
    end
  end
end
