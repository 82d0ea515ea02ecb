# frozen_string_literal: true

module YellowTrack
  module Drawing
    # What a number's place is called where no dimension says it: a leader and the figure in a frame, shown
    # while the number is in hand.
    # A dimension would cross the picture for a number that is asked for once; a leader is there while it is in hand
    # and gone after it.
    class Leads
      HIGH = 26 # screen units of a frame
      WIDE = 8.6 # screen units that a letter takes, at the most
      AWAY = 46 # from the place to the frame
      LOW = 0.62 # how far down the panels a lap is told
      HELD = 0.62 # how far along a tape its reading is told

      # @param plan [Plan]
      # @param lefts [Array<Rational>] mm, where its panels stand
      # @param printer [Length::Printer] of what is derived
      # @param cut_printer [Length::Printer] of what is cut
      # @param front [Elevation] that the leaders point into
      # @param spread [Spread]
      def initialize(plan, lefts, printer, cut_printer:, front:, spread:)
        @plan, @set, @survey = plan, plan.set, plan.opening.survey
        @lefts, @printer, @cut_printer = lefts, printer, cut_printer
        @front, @spread = front, spread
      end

      # Draws them with its pen.
      def draw_on(pen)
        @pen = pen
        lap
        track
        rollers
        guides
        stops
        tapes
        stations
      end

      private

      attr_reader :pen

      # Each place where panels cover each other as they stand now; slid apart, there is none to point at.
      def lap
        return unless @set.lap

        edges = @set.panels.zip(@lefts).each_cons(2).map { |(one, left), (_, right)| [right, left + one.width] }
          .select { |from, to| to > from }
        return if edges.empty?

        pen.place("laps.lap", "set.lap", css: "its-place lead") do
          edges.each { |from, to| pen.rect([x(from), top], [x(to) - x(from), @front.foot_of_panels - top], "marked") }
          tell([x(edges.first.last), top + (@front.foot_of_panels - top) * LOW], "lap #{say(@set.lap)}")
        end
      end

      # From the track's own end, where the tape is hooked.
      def track
        told(%w[track.length], [x(@set.track.start), top], "track #{@cut_printer.text(@set.track.length)}")
      end

      # Of the first panel: all panels have theirs in the same places.
      def rollers
        return unless @set.rollers

        told(%w[panels.rollers panels.spacing], [x(@lefts.first + @set.rollers.places.first), top],
          list(@set.rollers.places))
      end

      # Nothing is said of guides that run in a groove: no place along the opening is theirs.
      def guides
        places = @set.guides&.places
        return if places.nil? || places.empty?

        told(@set.laps.map { |lap| "laps.#{lap.between.join}.guide_at" }, [x(places.first), @front.floor - 40],
          list(places))
      end

      # All of them have one frame, at the first of them.
      def stops
        return if @set.stops.nil? || @set.stops.empty?

        told(@set.stops.each_index.map { |place| "track.stops.#{place + 1}" }, [x(@set.stops.first), top],
          list(@set.stops))
      end

      # Each reading that was taken, where the tape was held.
      def tapes
        Shape::TAPES.each do |tape|
          read = @survey[tape.key] or next
          from, to = [tape.from, tape.to].map { |u, v| [x(@plan.sizing.jambs.last * u), up(v)] }
          at = [from, to].transpose.map { |one, other| one + (other - one) * HELD }
          read_at("survey.#{tape.key}", at, say(read)) { pen.line(from, to, "marked") }
        end
      end

      # Each station of the floor, as far along as it was read.
      def stations
        (@survey["floor"] || []).each_with_index do |(along, rise), place|
          read_at("survey.floor.#{place}", [x(along), @front.floor - 40], say(rise)) do
            pen.line([x(along), @front.floor - 40], [x(along), @front.floor], "marked")
          end
        end
      end

      # What belongs to a reading shows with that reading alone.
      def read_at(key, at, words)
        pen.place(key, css: "lead") do
          yield
          tell(at, words)
        end
      end

      # Part of the way from the floor to the head.
      def up(part) = @front.floor + (top - @front.floor) * part

      # A place that several numbers of the ledger share.
      def told(keys, at, words) = pen.place(*keys, css: "its-place lead") { tell(at, words) }

      # A leader from a place to its frame, which stands to the right and under it.
      def tell((x, y), words)
        wide = words.length * WIDE + 16
        left, middle = x + AWAY, y + AWAY / 2
        pen.line([x, y], [left, middle], "seen")
        pen.rect([left, middle - HIGH / 2], [wide, HIGH], "framed")
        pen.text([left + wide / 2, middle + 5], words, "figure")
      end

      # Where the panels hang from, so that leads to the track end there.
      def top = @front.hung_from

      def x(mm) = @spread.x(mm)

      # Places along the track in one frame, in their order.
      def list(places) = places.map { |place| say(place) }.join(" · ")

      def say(mm) = @printer.text(mm)
    end
  end
end
