# frozen_string_literal: true

module YellowTrack
  class Cutting
    # A piece to be cut. name; length, mm.
    Piece = Struct.new(:name, :length, keyword_init: true)
  end
end
