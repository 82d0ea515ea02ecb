# frozen_string_literal: true

module YellowTrack
  module Web
    module Size
      # The drawings of a set, its panels where they are moved to.
      class Drawings
        # Drawings that can be saved as files, by name.
        NAMES = %w[set sections half-jamb shape].freeze

        # @param opening [Desk::KeptOpening] with a plan
        # @param wanted [Hash] where each panel is wanted, by its move
        def initialize(opening, wanted = {})
          @opening, @plan = opening, opening.plan
          @moves = @plan.set.moves(wanted)
        end

        # @return [Array<Moves::Move>]
        def moves = @moves.all

        # The set as one drawing; one on the screen can be taken hold of.
        def whole = @whole ||= Drawing::Whole.new(@plan, @moves, printer, cut_printer: @opening.cut_printer)

        # The set with panels that can be taken hold of.
        def live = @live ||= Drawing::Whole.new(@plan, @moves, printer, cut_printer: @opening.cut_printer, live: true)

        # Head and foot, cut across.
        def sections = Drawing::Sections.of(@plan, printer)

        # Its head alone, and its foot, cut across.
        def head = Drawing::Sections.of(@plan, printer, half: :head)

        # What is under the panels, cut across.
        def foot = Drawing::Sections.of(@plan, printer, half: :foot)

        # Whether there is a half jamb to draw.
        def half_jamb? = @plan.set.planted.positive?

        # The half jamb from above.
        def half_jamb = Drawing::HalfJamb.new(@plan, printer)

        # A drawing as it stands on a page: closed panels are drawn once for a
        # document, moved ones as they move.
        #
        # @param name [Symbol] of one of the above
        # @return [String] SVG
        def svg(name)
          (@moves.closed? || !MOVED.include?(name)) ? @opening.piece(name, @opening.shown) { public_send(name).to_s } :
            public_send(name).to_s
        end

        # What is clear, in words; of closed panels it is worked out once.
        def clear_words = closed(:clear_words) { live.clear_words }

        # Millimetres to a screen unit.
        def millimetres = closed(:millimetres) { live.millimetres }

        # A drawing to be saved.
        #
        # @param name [String] of NAMES
        # @return [Drawing::Picture, nil] nil for one there is not
        def picture(name)
          return (half_jamb if half_jamb?) if name == "half-jamb"

          {"set" => :whole, "sections" => :sections}[name]&.then { |drawing| public_send(drawing) }
        end

        MOVED = %i[whole live].freeze
        private_constant :MOVED

        private

        def closed(name, &work) = @moves.closed? ? @opening.piece(name, @opening.shown, &work) : work.call

        def printer = @opening.printer
      end
    end
  end
end
