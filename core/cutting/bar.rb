# frozen_string_literal: true

module YellowTrack
  class Cutting
    # A bar that pieces are cut from.
    #
    # length [Rational] mm
    # price  [Rational] 0 or more; an offcut from the rack costs nothing
    # count  [Integer, nil] how many there are; nil for any number
    # name   [String, nil] what an offcut is called
    Bar = Struct.new(:length, :price, :count, :name, keyword_init: true)

    # A piece to be cut. name; length, mm.
    Piece = Struct.new(:name, :length, keyword_init: true)

    # A bar with what is cut from it.
    #
    # bar    [Bar]
    # pieces [Array<Piece>] the longest first
    # offcut [Rational] mm left between the trims; 0 for a sliver no wider
    #   than the kerf
    Cut = Struct.new(:bar, :pieces, :offcut, keyword_init: true) do
      def to_h = {length: bar.length, price: bar.price, name: bar.name, pieces: pieces.map(&:name), offcut:}
    end
  end
end
