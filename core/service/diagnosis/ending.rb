# frozen_string_literal: true

module YellowTrack
  class Diagnosis
    # Whether asking has come to its end, and to what (handbook 13, "Stop").
    class Ending
      NAMED = 0.9 # share from which a cause is named
      PROVED = 0.95 # and from which a door comes down for it
      DANGER = 0.05 # share of another that can hurt somebody, from which asking goes on
      NONE = 0.75 # share from which it is none of these
      NOT_KNOWN = 4 # answers that nobody knew
      LONG = 12 # findings put
      HOLD = 0.8 # share that a few causes hold together
      FEW = 3

      # @param standings [Array<Standing>] the likeliest first, none last
      # @param put [Integer] findings that were put; unknown, those of them that nobody knew
      def initialize(standings, put:, unknown:)
        @none, @causes = standings.partition { |one| one.cause.none? }.then { |none, others| [none.first, others] }
        @put, @unknown = put, unknown
      end

      # Whether one cause has enough for it to be named.
      def named? = !@causes.empty? && @causes.first.share >= NAMED

      # Why nothing more is asked, whatever there is to ask.
      #
      # @return ["named", "none", "not_known", "long", nil]
      def ended
        return "named" if named? && !to_prove?
        return "none" if @none.share >= NONE
        return "not_known" if @unknown >= NOT_KNOWN

        "long" if @put >= LONG
      end

      # What asking has come to, once nothing more is asked.
      #
      # @return ["named", "few", "none"]
      def come_to
        return "named" if named?

        few.empty? ? "none" : "few"
      end

      # The fewest first causes that hold four fifths together, in the order of the mends: by share ÷ minutes
      # of the mend; empty where none of the file's fits.
      #
      # @return [Array<Standing>]
      def few
        return [] if @causes.empty? || @none.share >= [NONE, @causes.first.share].min

        count = (1..FEW).find { |several| @causes.first(several).sum(&:share) >= HOLD } or return []
        @causes.first(count).sort_by.with_index { |one, place| [-one.share / one.cause.minutes, place] }
      end

      private

      # Whether the first is to be proved: nothing was found yet that could speak against it, as where a symptom has
      # one cause in the file; the door would come down for it; or another could hurt somebody.
      def to_prove?
        @put == @unknown || (@causes.first.share < PROVED && @causes.first.cause.door_off) ||
          @causes.drop(1).any? { |other| other.cause.danger && other.share >= DANGER }
      end
    end
  end
end
