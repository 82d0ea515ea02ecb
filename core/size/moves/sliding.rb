# frozen_string_literal: true

module YellowTrack
  class Moves
    # Panels that slide, each by its left edge.
    class Sliding < Moves
      # @return [Array<Move>]
      def all
        @set.panels.zip(lefts).map do |panel, left|
          from, to = panel.travel.map(&:to_f).minmax
          Move.new(name: panel.name, label: "Slide panel #{panel.name}", from:, to:, value: left.to_f)
        end
      end

      # Left edge of each panel as it stands, mm.
      def lefts = @lefts ||= @set.held(@set.panels.map { |panel| wanted(panel.name, *panel.travel) || panel.x })

      # Whether everything stands closed.
      def closed? = lefts == @set.panels.map(&:x)

      # Along the floor, what each panel takes, from and to.
      #
      # @return [Array<Array(Numeric, Numeric)>]
      def spans = lefts.map { |left| [left, left + @set.width] }
    end
  end
end
