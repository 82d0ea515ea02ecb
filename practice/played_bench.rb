# frozen_string_literal: true

module YellowTrack
  module Practice
    # A hung panel that is turned until its gaps are even (handbook 8, 12): moves, each the
    # quarter turns of its left and its right hanger, + up, as far as they go.
    class PlayedBench
      # What hangs after some moves, its gaps in mm.
      class HungPanel < Adjust::Reading::Sliding
        # @return [Hash] as an opening holds it
        attr_reader :read

        # @param read [Hash] gaps in mm, as the question states them
        def initialize(set, panel, read)
          @read = read
          super(set, panel)
        end
      end

      SIDES = %w[left right].freeze
      MOST = 4 # moves, after which it is over

      # @param set [Family]
      # @param panel [Panel]
      # @param read [Hash] gaps, at and what else was read, mm
      # @param printer [Length::Printer]
      def initialize(set, panel, read, printer:)
        @set, @panel, @printer = set, panel, printer
        @start = hung(read)
        @states = {[] => @start}
      end

      # @param moves [Array<Array(Integer, Integer)>]
      # @return [Hung]
      def after(moves)
        @states[moves] ||= begin
          before = after(moves[0...-1])
          controls = controls_of(before)
          turned = controls.turned(controls.within(SIDES.zip(moves.last).to_h))
          at = SIDES.to_h { |side| [side, before.at(side) + turned.fetch(side)] }
          hung(before.read.merge("at" => at, "gaps" => controls.answer.gaps_after(*turned.values)))
        end
      end

      # The same panel with other readings.
      #
      # @param read [Hash]
      # @return [Hung]
      def hung(read) = HungPanel.new(@set, @panel, read)

      # @param moves [Array]
      # @return [Adjust::Controls] of what hangs after them
      def controls(moves) = controls_of(after(moves))

      # @return [Adjust::Slider]
      def answer(moves) = after(moves).answer

      # Whether the gaps are even once these moves have been made.
      def even_after?(moves) = answer(moves).even?

      # Whether nothing more is turned: even, or turned often enough.
      def over?(moves) = even_after?(moves) || moves.length >= MOST

      # The taper that a move leaves, mm.
      def left_over(move) = answer([move]).taper

      # Quarters that a move turns the right hanger above the left.
      def apart(move) = move ? move.last - move.first : 0

      # A first move as far as the hangers go.
      #
      # @return [Array(Integer, Integer)]
      def within(move) = controls([]).within(SIDES.zip(move).to_h).values_at(*SIDES)

      # The core's own moves, the fewest.
      #
      # @return [Array<Array(Integer, Integer)>, nil] nil where no single move evens it
      def fewest
        return [] if even_after?([])

        move = controls([]).suggested.values_at(*SIDES)
        [move] if answer([]).move && even_after?([move])
      end

      # The move file of what hangs first.
      #
      # @return [Hash]
      def document
        kit, panel = @start.kit, @start.panel
        {"format" => "yellow-track/move", "version" => 1, "units" => "mm", "kind" => "slider", "kit" => kit.id,
         "jamb" => @start.jamb, "width" => panel.width.to_f, "height" => panel.height.to_f,
         "gaps" => told(@start.read["gaps"]), "at" => told(SIDES.to_h { |side| [side, @start.at(side)] }),
         "bumper" => @set.bumper.to_f, "read" => @start.read_as, **below}
      end

      private

      # What a panel must not come too near to: the floor, or the ends of its channel.
      def below
        @set.engagement ? {"engagement" => @set.engagement.to_f} : {"floor" => told(@start.floor)}
      end

      def controls_of(hung) = Adjust::Controls.of(hung, hung.answer, @printer)

      def told(lengths) = lengths.transform_values(&:to_f)
    end
  end
end
