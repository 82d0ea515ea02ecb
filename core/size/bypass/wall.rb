# frozen_string_literal: true

require "forwardable"

module YellowTrack
  class Bypass
    # What a set that hangs on the wall is fixed to (handbook 4 and 15): its rail
    # in the studs or a solid wall, a header board, what is packed behind it, and
    # the room above. All in mm.
    class Wall
      extend Forwardable

      CLEAR = 3 # between a panel's back and the deepest thing on the wall
      OVER = 25r # what stands above the rail line, where the sheet says nothing
      BOARD = {"height" => 140r, "thickness" => 20r}.freeze
      STEP = 10r # a board's length is rounded up to it

      # @return [Rational, nil] length of the header board; nil without one
      attr_reader :board_length
      # @return [Rational] packing behind the rail
      attr_reader :standoff
      # @return [Rational] free wall that it takes above the opening
      attr_reader :above_needed

      def_delegators :@hold, :solid?, :unknown?, :misses?, :uprights

      # @param set [Bypass] whose rail is made
      def initialize(set)
        @set, @hold = set, Hold.new(set)
        board if board?
        @standoff = pack
        @above_needed = above
        freeze
      end

      # Whether the rail goes over a head that is built down, and its holes find too little in the new
      # frame: a nogging goes in along the rail line.
      def nogging? = !board_length && @hold.misses_frame?

      # Whether a board goes over the studs first, needed or chosen; nil while
      # nothing is known of the wall.
      #
      # @return [Boolean, nil]
      def board?
        return true if chosen
        return if unknown?

        misses?
      end

      # @return [Rational] mm of the header board, the usual one where nothing was chosen
      def board_size(key) = (chosen.is_a?(Hash) && chosen[key]) || BOARD.fetch(key)

      # @return [Hash] the plan file's "wall"
      def to_h
        {rail_line: @set.heights.rail_line, standoff:, header_board: board?, rail_start: @set.track.start,
         header: board_length && {length: board_length, height: board_size("height"),
                                  thickness: board_size("thickness")}}
      end

      # How thick the board is; 0 without one.
      def board_thickness = board? ? board_size("thickness") : 0r

      private

      def brief = @set.brief

      def chosen = brief.opening["header_board"] || nil

      def sum(key, title, formula, why:, **values) = brief.work.sum("wall.#{key}", title, formula, why:, **values)

      def board
        @board_length = sum("header.length", "Header board", "up(rail, step)", why: "As long as the rail, in tens.",
          rail: @set.track.length, step: STEP)
      end

      def pack
        sum("standoff", "Packing behind the rail", "most(deepest + clear − stand off − board, 0)",
          why: "The panel's back clears the deepest thing on the wall.",
          deepest: brief.survey["wall.projection"] || 0r,
          clear: CLEAR.to_r, stand_off: brief.kit.fetch("standoff"), board: board_thickness)
      end

      # Read over the head that is there.
      def above
        sum("above", "Free wall above the opening", "cover − head packing + rise + over",
          why: "For the rail and its brackets.",
          cover: @set.heights.cover, head_packing: @set.sizing.head_packing, rise: brief.kit.fetch("rise"),
          over: brief.kit["over"] || OVER)
      end
    end
  end
end
