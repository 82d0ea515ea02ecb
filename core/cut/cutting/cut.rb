# frozen_string_literal: true

module YellowTrack
  class Cutting
    # A bar with what is cut from it.
    #
    # bar    [Bar]
    # pieces [Array<Piece>] the longest first
    # offcut [Rational] mm left between the trims; 0 for a sliver no wider
    #   than the kerf
    # kerf   [Rational] mm that each cut takes
    # trim   [Rational] mm that comes off its ends
    Cut = Struct.new(:bar, :pieces, :offcut, :kerf, :trim, keyword_init: true) do
      # @return [Hash] a bar with what is sawn from it, lengths in mm
      def to_h = {length: bar.length, price: bar.price, name: bar.name, pieces: pieces.map(&:name), offcut:}

      # Where each piece begins, from the bar's end, mm.
      #
      # @return [Array<Rational>]
      def places
        pieces.each_with_object([bar.fresh ? 0r : trim]) { |piece, places| places << places.last + piece.length + kerf }
          .first(pieces.length)
      end
    end
  end
end
