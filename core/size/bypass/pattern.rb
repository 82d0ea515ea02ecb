# frozen_string_literal: true

module YellowTrack
  class Bypass
    # Each panel's lane from left to right (handbook 4, "Pattern").
    class Pattern
      # The usual pattern for a number of panels on a number of lanes.
      USUAL = {
        1 => ->(_lanes) { [1] },
        2 => ->(lanes) { (lanes == 1) ? [1, 1] : [2, 1] },
        3 => ->(lanes) { (lanes > 2) ? [1, 2, 3] : [2, 1, 2] },
        4 => ->(_lanes) { [2, 1, 1, 2] }
      }.freeze

      # @return [Array<Integer>] lane of each panel, from the left
      attr_reader :lanes
      # @return [Array<Symbol>] what lies between each panel and the next: :lap or :meet
      attr_reader :joins

      class << self
        # The pattern of an opening's choices.
        #
        # @raise [Fault] for one that does not fit its panels or its kit
        def of(opening)
          given = opening["pattern"]
          most = opening.kit.fetch("lanes")
          panels = opening["panels"] || given&.length || ((most == 1) ? 1 : 2)
          pattern = new(given || usual(panels, most))
          pattern.refuse_unless_fits(panels, most)
          pattern
        end

        private

        def usual(panels, lanes)
          USUAL.fetch(panels) do
            raise Fault.new("#{panels} panels have no usual pattern. Say each panel's lane, as in [2, 1, 2, 1, 2].",
              key: "set.pattern")
          end.call(lanes)
        end
      end

      # @param lanes [Array<Integer>] the lane of each panel from the left, 1 in front
      def initialize(lanes)
        @lanes = lanes.freeze
        @joins = lanes.each_cons(2).map { |left, right| (left == right) ? :meet : :lap }.freeze
        freeze
      end

      # @return [Integer]
      def panels = lanes.length

      # @return [Integer] neighbours that cover each other
      def laps = joins.count(:lap)

      # @return [Integer] neighbours that stand edge to edge in one lane
      def meets = joins.count(:meet)

      # A meet at the middle, as many panels at each side: each side keeps to
      # its half.
      def bi_parting? = panels.even? && joins[panels / 2 - 1] == :meet

      # The places of the panels that run in one stretch of track.
      #
      # @return [Array<Range>]
      def stretches
        bi_parting? ? [0...panels / 2, panels / 2...panels] : [0...panels]
      end

      # How many panels each lane of a stretch carries.
      #
      # @return [Hash{Integer => Integer}]
      def counts(stretch) = lanes[stretch].tally

      # @raise [Fault] where panels or lanes are not those of the set
      def refuse_unless_fits(panels, most)
        refuse("#{text} names #{self.panels} panels and #{panels} are planned.") if self.panels != panels
        refuse("#{text} names lane #{lanes.max} and the kit has #{most}.") if lanes.max > most
      end

      # @raise [Fault] inside an opening, for a pattern without a lap
      def refuse_without_lap
        refuse("#{text} has no lap. Inside an opening two neighbours have to lap.") if laps.zero?
      end

      # @return [String] "[1, 2, 1]", as it is typed in a file
      def text = "[#{lanes.join(", ")}]"

      private

      def refuse(wrong) = raise(Fault.new("#{wrong} Give each panel its lane, as in [2, 1].", key: "set.pattern"))
    end
  end
end
