# frozen_string_literal: true

module YellowTrack
  class SoftClose
    # The soft close of a whole set: on every panel that closes to a jamb or a meet
    # of its own (handbook 4, "Soft close"). All in mm.
    class Fitted
      UNKNOWN = "soft_close.dampers" # code of the check

      # Where it goes on one panel.
      Place = Struct.new(:panel, :closing, :opening, :strikers, :one, keyword_init: true)

      # @return [Array<Place>]
      attr_reader :places
      # @return [Rational] length of a damper's body, and of the track's spacer
      attr_reader :body, :spacer

      class << self
        # @param set [Family] with its panels and track
        # @return [Fitted, nil] nil where none is fitted, or its dampers are not known
        # @raise [Fault] for a set that takes none
        def of(set)
          return unless wanted?(set)

          refuse(set)
          sheet = sheet_of(set)
          new(set, sheet) if sheet["body"]
        end

        # What a set wants of one whose dampers nobody knows.
        #
        # @return [Array<Check>]
        def checks(set)
          return [] unless wanted?(set) && sheet_of(set)["body"].nil?

          [Check.new(code: UNKNOWN, level: :watch,
            says: "A soft close is asked for, and how long its dampers are is not known: the kit sheet " \
              "#{set.kit.name} says nothing of them. It is left out of the drilling and the steps until then.",
            do: "Measure the damper's body, or read its leaflet, and give its length.").freeze]
        end

        private

        def wanted?(set)
          chosen = set.opening["soft_close"]
          chosen.nil? ? !set.kit["soft_close"].nil? : chosen != false
        end

        # Body and spacer: the fitter's own before the kit's.
        def sheet_of(set) = set.opening["soft_close"].then { |own| own.is_a?(Hash) ? own : set.kit["soft_close"] || {} }

        def refuse(set)
          return unless set.manner.folds? || set.carried_by != "top"

          raise Fault.new("a soft close is asked for; these panels do not hang from sliding rollers. It goes on " \
            "top-hung, wall-hung and pocket sets.", key: "set.soft_close")
        end
      end

      # @param sheet [Hash] body and spacer
      def initialize(set, sheet)
        @set = set
        @body, @spacer = sheet["body"], sheet["spacer"] || 0r
        @places = set.needed_readings.map { |reading| place(reading.panel) }.freeze
        freeze
      end

      # How many dampers, and how many strikers.
      def dampers = 2 * places.length

      # @return [Integer] on all panels together
      def strikers = places.sum { |place| place.strikers.length }

      # That of one panel.
      #
      # @return [Place, nil]
      def on(panel) = places.find { |place| place.panel == panel.name }

      # The plan file's "soft_close".
      def to_h = places.map { |place| place.to_h.except(:one) }

      private

      def place(panel)
        made = SoftClose.new(width: panel.width, slide: Slide.new(panel.x, opened(panel)),
          room: Room.new([@set.track.start, @set.track.finish], body, spacer))
        Place.new(panel: panel.name, closing: note(panel, "closing", "Closing damper's catch", value: made.closing),
          opening: note(panel, "opening", "Opening damper's catch", value: made.opening),
          strikers: made.strikers.each_with_index.map { |at, count| striker(panel, at, count + 1) },
          one: made.one_striker?).freeze
      end

      # The end of its travel that is farthest from where it stands closed.
      def opened(panel) = panel.travel.max_by { |left| (left - panel.x).abs }

      def note(panel, key, title, value:)
        @set.work.given("soft_close.#{panel.name}.#{key}", "#{title}, #{panel.name}", value, from: :handbook,
          why: "At the panel's centre there, from the left jamb's foot.")
      end

      def striker(panel, at, count)
        @set.work.given("soft_close.#{panel.name}.striker.#{count}", "Striker #{count} on #{panel.name}", at,
          from: :handbook, why: "From the panel's left edge.")
      end
    end
  end
end
