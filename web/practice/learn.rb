# frozen_string_literal: true

module YellowTrack
  module Web
    module Practice
      # A drill's lesson: its sum on a drawing that moves with one of its numbers. Every state
      # is worked out beforehand; a slider, a key or the page's address picks one.
      class Learn < Web::Screen
        HALF_FOLDED = 40 # degrees

        # @return [Class] the drill
        attr_reader :drill

        # @param drill [Class]
        # @param lesson [YellowTrack::Practice::Lesson]
        def initialize(book, drill, lesson, **rest)
          super(book, **rest)
          @drill, @lesson = drill, lesson
        end

        # The template that it is drawn with.
        def template = "practice/learn"

        # What stands in the window's own line.
        def title = "#{drill::NAME}, learn"

        # What it is called to somebody who cannot see it.
        def label = @lesson.label

        # The last state, from 0.
        def last = @lesson.states.length - 1

        # The state that is shown.
        def place = (asked_number("at") || @lesson.first).clamp(0, last)

        # The state that is shown.
        def state = @lesson.states[place]

        # What is moved, as it stands there.
        def value(state) = state.value.is_a?(Numeric) ? state.printer.with_unit(state.value) : state.value

        # @return [Array<String>] each as it is written in the ledger
        def sums(state) = state.entries.map { |entry| entry.line(state.printer) }

        # @return [Drawing::Picture]
        def drawing(state)
          case state.subject
          in YellowTrack::Plan => plan
            Drawing::Whole.new(plan, moves(plan), state.printer, cut_printer: plan.opening.cut_printer)
          in YellowTrack::Practice::Rack => rack
            RackDrawing.of(rack, rack.best, YellowTrack::Practice::CutFrom.names(rack), printer: state.printer,
              name: "bars")
          in YellowTrack::Practice::Lesson::OnBench::Turned => turned then hung(turned, state.printer)
          in Diagnosis => door then Drawing::Shares.new(door.causes)
          in Hash => built then Drawing::Layers.new(built, state.printer, side: "left")
          in [Survey => survey, closure] then Drawing::Shape.new(survey, closure, state.printer)
          in [Alter => slab, width, height]
            Drawing::Altered.new(slab, width:, height:, printer: state.printer)
          in [Hash => document, visits] then WorkTrack.of(document, visits)
          end
        end

        # How one stands in it.
        #
        # @return [Desk::Practising::Standing]
        def standing
          @standing ||= Desk::Practising.new(book, visitor.account_id).standings.find { |one| one.key == drill::KEY }
        end

        # @return [Drawing::Off, nil] how far off the latest answers were
        def off = standing.offs.empty? ? nil : Drawing::Off.new(drill::NAME, standing.offs)

        # @return [Array<String>] of the question that it stands on
        def slips = @lesson.slips

        # All states, for the script that picks one.
        #
        # @return [Array<Hash>]
        def states
          @lesson.states.map do |state|
            {value: value(state), sums: sums(state), says: state.says.to_s, drawing: drawing(state).to_s}
          end
        end

        # Where it is, with what was asked of it.
        def path(**query) = Paths.practice(drill::KEY, "learn", **query)

        private

        # A pair is shown as it folds.
        def moves(plan)
          folds = plan.set.manner.folds?
          plan.set.moves(folds ? {Moves::Folding::FOLD => HALF_FOLDED} : {})
        end

        def hung(turned, printer)
          return Drawing::Bowed.new(turned.hung.read["gaps"], printer) if turned.by.empty?

          Drawing::BenchView.of(turned.hung, turned.hung.answer, turned.by, advised: false)
        end
      end
    end
  end
end
