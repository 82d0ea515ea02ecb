# frozen_string_literal: true

module YellowTrack
  module Drawing
    # Where the values of a kit sheet are measured, lettered: a panel cut across at
    # head and foot, and its upper corner from the front. Not to scale.
    # A kit sheet asks for some twenty numbers; "drop, D" is told by where it is measured better than by its name.
    class KitPlaces < Picture
      WIDTH = 420
      HEIGHT = 300
      HEAD = 40
      FLOOR = 270
      FACES = [110, 158].freeze # left of each panel across, screen units
      THICK = 26
      TOP = 110 # of a panel across
      FRONT = [270, 130].freeze # of the corner seen from the front

      # @param manner [Manner]
      # @param marks [Hash{String => String}] letter to the name of its key
      def initialize(manner, marks)
        @manner, @marks = manner, marks
      end

      # What stands in the window's own line.
      def title = "Where it is measured"

      # What it is called in the page; one of each stands there.
      def id = "kit-places"

      # Draws it with its pen.
      def paint
        @dimension = Dimension.new(pen)
        across
        corner
        @marks.each_key { |letter| PLACES.fetch(letter).call(self) if PLACES.key?(letter) }
      end

      # A dimension across, with its letter.
      def across_at(from, to, y, letter:, feet: y) = @dimension.across(from, to, y, figure: letter, feet:)

      # A dimension up, with its letter.
      def upright_at(from, to, x, letter:) = @dimension.upright(from, to, x, figure: letter, feet: x + 6)

      # Left edges of the panels across.
      def faces = (@manner.folds? || @manner.pockets?) ? FACES.first(1) : FACES

      # Whether such a set hangs on the wall.
      def hung_on_wall? = @manner.carried == :wall

      private

      # Head, track, panels and floor: with two panels where they pass each other.
      def across
        hung_on_wall? ? wall : pen.rect([70, HEAD - 16], [150, 16], "wall")
        faces.each do |left|
          pen.rect([left, TOP], [THICK, FLOOR - TOP - 22], "face")
          pen.line([left + THICK / 2, HEAD + 10], [left + THICK / 2, TOP], "seen")
          pen.circle([left + THICK / 2, HEAD + 12], 6, "runs")
        end
        pen.rect([faces.first - 8, HEAD], [faces.last - faces.first + THICK + 16, 6], "runs")
        pen.line([60, FLOOR], [240, FLOOR], "cut")
      end

      # Behind the panels, where the set hangs on it.
      def wall = pen.rect([212, 10], [14, FLOOR - 10], "wall")

      # For what is measured along the opening: pivot, first hanger, gap at the jamb.
      def corner
        left, top = FRONT
        pen.polyline([[left, HEIGHT - 30], [left, top], [WIDTH - 10, top]], "cut")
        pen.rect([left + 46, top - 10], [44, 8], "runs")
        pen.circle([left + 68, top - 20], 7, "runs")
        pen.text([left + 70, HEIGHT - 40], "a panel's corner", "quiet")
      end

      # Each letter at its place.
      PLACES = {
        "D" => ->(d) { d.upright_at(HEAD, TOP, 84, letter: "D") },
        "R" => ->(d) { d.upright_at(HEAD + 20, TOP, 62, letter: "R") },
        "F" => ->(d) { d.upright_at(FLOOR - 22, FLOOR, 84, letter: "F") },
        "C" => ->(d) { d.upright_at(FLOOR - 22, FLOOR, 84, letter: "C") },
        "E" => ->(d) { d.upright_at(TOP - 24, TOP, 62, letter: "E") },
        "A" => ->(d) { d.across_at(70, FACES.first, 224, letter: "A") },
        "B" => ->(d) { d.across_at(FACES.last + THICK, 220, 224, letter: "B") },
        "T" => ->(d) { d.across_at(FACES.first, FACES.first + THICK, 150, letter: "T") },
        "S" => ->(d) { d.across_at(FACES.first + THICK, FACES.last, 186, letter: "S") },
        "P" => ->(d) { d.across_at(FACES.first + THICK / 2, FACES.last + THICK / 2, HEAD + 40, letter: "P") },
        "K" => ->(d) { d.across_at(FACES.first - 8, FACES.last + THICK + 8, 20, letter: "K", feet: HEAD - 18) },
        "O" => ->(d) { d.upright_at(16, HEAD + 3, 84, letter: "O") },
        "W" => ->(d) { d.across_at(FACES.last + THICK, 212, 224, letter: "W") },
        "I" => ->(d) { d.across_at(FRONT[0], FRONT[0] + 68, FRONT[1] + 44, letter: "I", feet: FRONT[1]) },
        "H" => ->(d) { d.across_at(FRONT[0] + 46, FRONT[0] + 90, FRONT[1] - 44, letter: "H", feet: FRONT[1] - 10) },
        "L" => ->(d) { d.across_at(FRONT[0] + 68, WIDTH - 10, FRONT[1] + 80, letter: "L", feet: FRONT[1]) },
        "G" => ->(d) { d.across_at(FRONT[0] - 22, FRONT[0], FRONT[1] + 110, letter: "G") }
      }.freeze
      private_constant :PLACES

      def description = "#{@marks.map { |letter, name| "#{letter}, #{name}" }.join("; ")}."
    end
  end
end
