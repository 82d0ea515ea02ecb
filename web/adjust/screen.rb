# frozen_string_literal: true

require "forwardable"

module YellowTrack
  module Web
    module Adjust
      # Adjust: gaps typed on the drawing, the screw to turn, the bench, what was
      # turned so far.
      class Screen < OpeningScreen
        extend Forwardable

        # What stands beside the gaps, by how the panels go.
        BESIDE = {
          slide: %w[jamb at.left at.right floor.left floor.right tops.left tops.right],
          fold: %w[at.top at.bottom at.jack]
        }.freeze
        # How the bench is called there, and what is told where no gap is read.
        BENCH = {slide: "Screws", fold: "Slides, jack"}.freeze
        STEPS = {true => ["a quarter turn down", "a quarter turn up", "quarter turns"],
                 false => ["a step back", "a step on", "steps"]}.freeze
        MEET = %w[hung.meet.top hung.meet.bottom].freeze
        TURNING = %w[taper rise turns tilt slide short drop jack].freeze

        # A line of what to do: a control, the figure and what stands after it.
        ToldTurn = Struct.new(:name, :figure, :after)

        # @return [Desk::Turning]
        def turning = opening.turning

        # The moves that were seen.
        def mark = turning.mark

        def_delegators :turning, :reading, :answer, :controls, :all, :settled?, :to_turn?, :meet, :moves, :open_move,
          :learnt

        # Pieces that are drawn anew after a save, by their templates.
        def renewed = plan ? ["adjust/drawing", "adjust/tally"] : []

        # Where a reading was emptied elsewhere meanwhile, nothing hangs any more.
        def another_page? = super || plan.nil?

        # What its sums are written with.
        def sum_printer = opening.fine_printer

        # Nowhere: what its numbers were taken from stands on this page.
        def origin_path(_entry) = nil

        # What the panel in hand raises, and how it is cured.
        def checks = turning.checks

        # Whether a panel's gaps are even, by its name.
        def even?(one) = turning.even?(one)

        # How far apart gaps may be.
        def even = gap_with_unit(turning.even)

        # Turns tried on the bench, in each control's steps; where none were, what is
        # suggested is expected.
        #
        # @return [Hash{String => Integer}]
        def tried = @tried ||= controls.within(asked_turns)

        # Gaps as they would be read after what is tried, or after what is advised while nothing is; mm by
        # gap.
        def expected = controls.gaps((tried.values.all?(&:zero?) && to_turn?) ? controls.suggested : tried)

        # The picture of what hangs, turned as was tried.
        def bench = @bench ||= Drawing::BenchView.of(reading, answer)

        # The panel on the bench with what is tried turned.
        def bench_drawing = Drawing::BenchView.of(reading, answer, answer ? controls.turned(tried) : {})

        # How a screw's needle stands, as an SVG transform.
        def needle(name) = Drawing::Responses.needle(controls, name, tried[name])

        # @return [Array<FieldRow>] on the drawing, and beside it
        def gap_fields = reading.gap_names.map { |gap| field("hung.#{reading.name}.gaps.#{gap}") }

        # Fields of what stands beside the gaps.
        def beside_fields = beside_keys.map { |key| field(key) }

        # Whether something typed beside the drawing wants to be looked at.
        def beside_drafts? = beside_keys.any? { |key| drafts.key?(key) }

        # Where a field stands on the drawing, per cent; nil for one that stands beside it.
        def place_of(key)
          (plan && key.start_with?("hung.#{reading.name}.gaps.")) ? bench.places[key.split(".").last] : nil
        end

        # What stands in an empty field, by its key; nil for nothing.
        def placeholder_of(key)
          return unless plan

          case key.delete_prefix("hung.#{reading.name}.").split(".")
          in ["jamb"] then "#{reading.jamb}, as it closes"
          in ["at", _] then "mid"
          in ["floor", side] then gap(reading.floor.fetch(side))
          else nil
          end
        end

        # What those fields are called together.
        def beside_title
          slides? ? "Where the adjusters stand, floor gaps, neighbours" :
            "Where slides and jack stand"
        end

        # What the controls are called together.
        def bench_title = BENCH.fetch(reading.motion)

        # Whether the panel in hand slides; else it folds.
        def slides? = reading.motion == :slide

        # What a gap is called, by its key.
        def gap_word(gap) = Desk::Fields.hung_label(gap)

        # What is to be read first, in words.
        def to_read
          (reading.missing.length == reading.gap_names.length) ? "the gaps" :
            reading.missing.map { |gap| gap_word(gap) }.join(", ")
        end

        # Where its gaps are read.
        def where_to_read
          return "Pair closed: two at the #{reading.jamb} jamb, two under the head." unless slides?
          return "Panel closed: how far it covers #{reading.edge}, top, middle and bottom." if covers?

          "Panel closed: top, middle and bottom at #{reading.edge}. 0 where it touches."
        end

        # Whether what is read is how far the panel covers its jamb.
        def covers? = slides? && reading.read_as == "cover"

        # Care that the adjusters ask for before they are turned.
        #
        # @return [String, nil]
        def care
          return unless slides?
          return "Lift the weight off a roller before its screw is turned." if set.carried_by == "bottom"
          return unless YellowTrack::Adjust.slot?(reading.kit)

          "Take the panel's weight first. Where the bracket cannot be reached with the panel hung, it comes off: " \
            "somebody holds it."
        end

        # What was turned in a move.
        def turned_in(move)
          turned = move.words.reject { |_, told| told.start_with?("not ") }
          turned.map { |name, told| "#{control_name(name)} #{told}" }.join("; ")
        end

        # How two pairs meet: the side to be jacked up, nil for none, and by how much.
        def meeting(side, by)
          return "Both meeting stiles come to one height, within #{level_limit}." unless side

          "The meeting stiles come out #{gap_with_unit(by)} apart in height: jack the #{side} pair up by that."
        end

        # What a control is called, by its key.
        def control_name(name) = YellowTrack::Adjust::Controls.name_of(reading.kit, name)

        # What a step of a control is called: down, up, and several.
        def step_words(name) = STEPS.fetch(reading.turned?(name))

        # Whether where a control stands is told beside it, and between what.
        def range(name) = reading.range(name)&.map { |mm| signed(mm) }&.join(" to ")

        # A gap, and one with its sign; mm a turn.
        def gap(mm) = opening.fine_printer.short(mm)

        # A gap with its unit.
        def gap_with_unit(mm) = opening.fine_printer.with_unit(mm)

        # A length with its sign, to its own grain: "+1.5 mm".
        def signed(mm) = YellowTrack::Adjust::Words.signed(mm, opening.fine_printer)

        # A length to its own grain, without a plus.
        def unsigned(mm) = signed(mm).delete_prefix("+")

        # Millimetres of a turn, to the hundredth.
        def turn_mm(mm) = mm.to_f.round(2)

        # Millimetres that a turn raises, as the kit says; nil where it does not.
        def per_turn = opening.kit["adjust.per_turn"]

        # Gaps further apart than this are bowed; stiles nearer than this are level.
        def bow_limit = gap_with_unit(YellowTrack::Adjust::BOW)

        # By how much gaps may differ and still be even, with its unit.
        def level_limit = gap_with_unit(YellowTrack::Adjust::EVEN)

        # @return [Array<Working::Entry>] sums of the answer
        def turning_sums = sums(*TURNING)

        # Sums of the bow, as the ledger has them.
        def bow_sums = sums("bow")

        # Sums of what the move leaves over.
        def left_over_sums = sums("left_over")

        # The line over the sums of what to turn.
        def turning_line
          return answer.school unless slides?

          carrier = YellowTrack::Adjust.carrier(reading.kit)
          above = ", right #{carrier} #{signed(answer.advice.turn)} #{opening.shown} above the left" if answer.advice
          "taper #{signed(answer.taper)}#{above}"
        end

        # @return [Array<ToldTurn>] a line for each control that moves
        def told = controls.suggested.reject { |_, count| count.zero? }.map { |name, count| told_of(name, count) }

        # Keys of what is to be turned, as the drawing has them.
        def turned_keys
          controls.suggested.reject { |_, count| count.zero? }.keys.map { |name| "turn.#{name}" }.join(" ")
        end

        # How far neighbours' tops stand apart after the move, mm by neighbour.
        def tops_then = turning.tops_then

        private

        def asked_turns
          asked = params["turn"].is_a?(Hash) ? params["turn"] : {}
          asked.transform_values { |text| Integer(text.to_s, 10, exception: false) }
        end

        def beside_keys
          BESIDE.fetch(reading.motion).map { |place| "hung.#{reading.name}.#{place}" } + (turning.folds? ? MEET : [])
        end

        def sums(*names) = turning.sums.select { |entry| names.include?(entry.key.split(".")[1]) }

        def told_of(name, count)
          amount = gap_with_unit(controls.mm(name, count).abs)
          if slides? && !reading.turned?(name)
            return ToldTurn.new(control_name(name), "#{count.positive? ? "up" : "down"} #{amount}",
              controls.words(name, count))
          end
          return ToldTurn.new(control_name(name), amount, controls.direction(name, count)) unless reading.turned?(name)

          turns, rest = controls.words(name, count).split(" ", 2)
          ToldTurn.new(control_name(name), "#{count.positive? ? "up" : "down"} #{turns}", "#{rest}, #{amount}")
        end
      end
    end
  end
end
