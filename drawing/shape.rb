# frozen_string_literal: true

module YellowTrack
  module Drawing
    # The opening as its readings make it: true proportion, faults larger than
    # life, the tape lines in it. The readings themselves are typed over the
    # picture; #places says where.
    # An opening 9 mm out of square looks square to scale. Corners are therefore drawn as far off as shows, each the
    # way that it is off.
    class Shape < Picture
      WIDTH = 740
      HEIGHT = 520
      BOX = [190, 40, 360, 430].freeze
      UNREAD = [1500r, 2100r].freeze # drawn while nothing is read, mm
      SQUARISH = 0.55..1.1 # width to height as drawn; beyond it the picture is no longer in proportion
      FAULT = 16.0 # screen units for the largest fault
      FACTORS = [50, 40, 30, 20, 15, 12, 10, 8, 6, 5, 4, 3, 2, 1].freeze

      # A tape line from corner to corner. Ends and label place in parts of the
      # opening: 0, 0 its left foot; 1, 1 its right head. shift: screen units
      # to the side.
      Tape = Struct.new(:key, :from, :to, :label, :shift)

      TAPES = [
        Tape.new("widths.top", [0, 0.95], [1, 0.95], [0.5, 0.95], 60),
        Tape.new("widths.middle", [0, 0.5], [1, 0.5], [0.5, 0.5], 96),
        Tape.new("widths.bottom", [0, 0.05], [1, 0.05], [0.5, 0.05], 60),
        Tape.new("heights.left", [0.03, 0], [0.03, 1], [0, 0.5], -98),
        Tape.new("heights.middle", [0.5, 0], [0.5, 1], [0.5, 0.64], -70),
        Tape.new("heights.right", [0.97, 0], [0.97, 1], [1, 0.5], 98),
        Tape.new("diagonals.rising", [0, 0], [1, 1], [0.5, 0.71], 92),
        Tape.new("diagonals.falling", [0, 1], [1, 0], [0.5, 0.26], 92),
        Tape.new("leans.left", [0, 0], [0, 1], [0, 0.88], -98),
        Tape.new("leans.right", [1, 0], [1, 1], [1, 0.88], 98)
      ].freeze

      # Whose number a reading goes into, by its kind: keys of the ledger.
      COMES_TO = {"widths" => "survey.tightest_width survey.bow", "heights" => "survey.level_height survey.sag",
                  "diagonals" => "survey.out_of_square", "leans" => "survey.out_of_square survey.bow"}.freeze

      # @param survey [Survey]
      # @param closure [Survey::Closure, nil] nil while readings are missing
      # @param printer [Length::Printer]
      def initialize(survey, closure, printer)
        @survey = survey
        @closure = closure
        super(printer)
      end

      # Where each reading is typed: its key to per cent of the picture's width
      # and height.
      #
      # @return [Hash{String => Array(Integer, Integer)}]
      def places
        @places ||= TAPES.to_h do |tape|
          x, y = level(*tape.label)
          [tape.key, [((x + tape.shift) / WIDTH * 100).round, (y / self.class::HEIGHT * 100).round]]
        end
      end

      # Where the jambs stand on the floor: per cent of the picture's width.
      #
      # @return [Array(Float, Float)]
      def feet = [0, 1].map { |u| level(u, 0).first / WIDTH * 100.0 }

      # What stands in the window's own line.
      def title = "The opening from the room"

      # What it is called in the page; one of each stands there.
      def id = "shape"

      # Draws it with its pen.
      def paint
        pen.polygon(square, "level-shape")
        pen.polygon(corners.values_at(:bl, :br, :tr, :tl), "true-shape")
        TAPES.each do |tape|
          pen.line(point(*tape.from), point(*tape.to), tape_class(tape), "data-reading": tape.key,
            "data-place": COMES_TO.fetch(tape.key[/\A\w+/]))
        end
      end

      # What the picture says of its own scale.
      def caption
        parts = ["From the room"]
        parts << ((factor > 1) ? "faults × #{factor}" : "true shape") if faults.any?
        parts << "width and height not in proportion" unless in_proportion?
        parts.join(" · ")
      end

      # How many times larger than life the faults are drawn.
      def factor
        @factor ||= begin
          worst = faults.values.flatten.map(&:abs).max.to_f
          (FACTORS.find { |factor| worst * factor * frame.scale <= FAULT } unless worst.zero?) || 1
        end
      end

      private

      def drawn_from = [TAPES.map { |tape| @survey[tape.key] }, @closure&.corners, suspects]

      # Width and height that were read, whatever was.
      def measured
        widths, heights = @survey.widths, @survey.heights
        [widths.max || UNREAD[0], heights.max || UNREAD[1]].map { |mm| mm.zero? ? 1r : mm }
      end

      # A very wide or very high one is drawn as if it were not, or nothing could be written into it.
      def in_proportion? = SQUARISH.cover?(measured[0].fdiv(measured[1]))

      # Sides of the level rectangle as drawn, mm.
      def sides
        @sides ||= begin
          width, height = measured
          [(height * width.fdiv(height).clamp(SQUARISH.min, SQUARISH.max)).to_f, height.to_f]
        end
      end

      def frame = @frame ||= Frame.new(*sides, self.class::BOX)

      # What it would be, level and plumb: dashed behind it.
      def square = [[0, 0], [1, 0], [1, 1], [0, 1]].map { |u, v| level(u, v) }

      # A place in the level rectangle.
      def level(u, v) = frame.at(sides[0] * u, sides[1] * v)

      # How far each corner stands from the level rectangle, mm; none while the
      # shape is not known.
      def faults
        @faults ||= (@closure&.corners || {}).to_h do |corner, (x, y)|
          u, v = CORNERS.fetch(corner)
          [corner, [x - @survey["widths.bottom"] * u, y - @survey["heights.left"] * v]]
        end
      end

      CORNERS = {bl: [0, 0], br: [1, 0], tl: [0, 1], tr: [1, 1]}.freeze
      private_constant :CORNERS

      # As the closure has them, drawn larger than life: what is out of square is millimetres in metres.
      def corners = @corners ||= CORNERS.keys.to_h { |corner| [corner, drawn(corner)] }

      # A corner as the closure has it, or where it would be, while that is not solved.
      def drawn(corner)
        x, y = level(*CORNERS.fetch(corner))
        off = faults[corner] || [0, 0]
        [x + shown(off[0]), y - shown(off[1])]
      end

      # A slip can be larger than the picture: it stays within it.
      def shown(fault) = (fault * factor * frame.scale).clamp(-FAULT * 2, FAULT * 2)

      # A place in the opening's true shape.
      def point(u, v)
        bl, br, tl, tr = corners.values_at(:bl, :br, :tl, :tr)
        [0, 1].map { |axis| (1 - v) * ((1 - u) * bl[axis] + u * br[axis]) + v * ((1 - u) * tl[axis] + u * tr[axis]) }
      end

      # A tape is read, still to be read, or suspect: each looks so.
      def tape_class(tape)
        return "tape suspect" if suspects.include?(tape.key)

        @survey[tape.key].nil? ? "tape unread" : "tape"
      end

      # Readings that do not agree with the others, by their keys.
      def suspects = @suspects ||= @closure ? @closure.suspects : []

      def description
        read = TAPES.filter_map do |tape|
          (mm = @survey[tape.key]) && "#{Survey::Words.name(tape.key)} #{printer.text(mm)}"
        end
        wrong = suspects.map { |key| Survey::Words.name(key) }
        "Readings: #{read.empty? ? "none yet" : read.join(", ")}.#{" Suspect: #{wrong.join(", ")}." if wrong.any?}"
      end
    end
  end
end
