# frozen_string_literal: true

module YellowTrack
  # A length of track, in one piece or several, with its fixing holes
  # (handbook 4, "Rollers, guide, track"). All in mm, places from the track's
  # left end.
  class Track
    CLEAR_OF_CUT = 20 # no hole nearer to the cut end
    LAST_WITHIN = 150 # the last hole no farther from it, or one more
    EXTRA_AT = 40 # where that one goes, from the cut end

    attr_reader :length, :pieces, :mount_height, :packing, :floor_rail

    # @param kit [Kit]
    # @param length [Rational]
    # @param pieces [Array<Rational>] from left to right
    # @param mount_height [Rational] above the datum
    # @param packing [Rational] the most packing over the track
    # @param floor_rail [Object, nil] what the plan says of a rail on the floor
    def initialize(kit, length:, pieces:, mount_height:, packing:, floor_rail: nil)
      @kit = kit
      @length = length
      @pieces = pieces
      @mount_height = mount_height
      @packing = packing
      @floor_rail = floor_rail
      freeze
    end

    def joints = pieces[..-2].each_with_object([]) { |piece, places| places << piece + (places.last || 0) }

    # Fixing holes of every piece.
    def holes = [0r, *joints].zip(pieces).flat_map { |start, piece| piece_holes(piece).map { |place| start + place } }

    # The shortest stock length that a piece can be cut from, nil if none.
    def stock(piece) = @kit.fetch("track.stock").select { |stock| stock >= piece }.min

    def to_h
      {length:, pieces:, joints:, holes:, mount_height:, packing:, floor_rail: @floor_rail}
    end

    private

    # From the factory end; none near the cut end, one more where the last is
    # far from it.
    def piece_holes(piece)
      first, pitch = @kit.fetch("track.first"), @kit.fetch("track.pitch")
      return extra([], piece) if first > piece - CLEAR_OF_CUT

      extra((0..(piece - CLEAR_OF_CUT - first).div(pitch)).map { |k| first + k * pitch }, piece)
    end

    def extra(holes, piece)
      (piece - (holes.last || 0) > LAST_WITHIN) ? holes + [piece - EXTRA_AT] : holes
    end
  end
end
