# frozen_string_literal: true

module YellowTrack
  # A length of track, in one piece or several, with its fixing holes
  # (handbook 4, "Rollers, guide, track"). All in mm, places from the track's
  # left end.
  class Track
    CLEAR_OF_CUT = 20 # no hole nearer to the cut end
    LAST_WITHIN = 150 # the last hole no farther from it, or one more
    EXTRA_AT = 40 # where that one goes, from the cut end
    TOLD = 0.05r # of packing, at least

    # @return [Rational] x of its left end, from the left jamb's foot
    attr_reader :start
    # @return [Array<Rational>] from left to right, and where they are joined
    attr_reader :pieces, :joints
    # @return [Rational] its height above the datum, and the most packing over it
    attr_reader :mount_height, :packing
    # @return [Rational, nil] length of a rail on the floor below it
    attr_reader :floor_rail
    attr_reader :length

    # @param brief [Brief]
    # @param start [Rational]
    # @param pieces [Array<Rational>] that together are its length
    def initialize(brief, start:, length:, pieces:, mount_height:, packing:, floor_rail: nil)
      @kit = brief.kit
      @start, @length, @pieces, @mount_height, @packing, @floor_rail = start, length, pieces, mount_height, packing,
        floor_rail
      @joints = explain(brief)
      freeze
    end

    # @return [Rational] mm from the left jamb
    def finish = start + length

    # Whether anything that can be told goes over it: a head out of level by less is level.
    def packed? = packing >= TOLD

    # Fixing holes of every piece.
    def holes = [0r, *joints].zip(pieces).flat_map { |from, piece| piece_holes(piece).map { |place| from + place } }

    # The shortest stock length that a piece can be cut from, nil if none.
    def stock(piece) = @kit.fetch("track.stock").select { |stock| stock >= piece }.min

    # @return [Hash] mm, as it stands in the plan's file
    def to_h
      {length:, pieces:, joints:, holes:, mount_height:, packing:, floor_rail: @floor_rail}
    end

    private

    # Writes down how it is pieced and drilled.
    #
    # @return [Array<Rational>] the joints
    def explain(brief)
      brief.from_kit("track.first", "First hole")
      brief.from_kit("track.pitch", "Hole to hole")
      return [] if pieces.length < 2

      pieces.each_with_index do |piece, place|
        brief.work.given("track.pieces.#{place + 1}", "Piece #{place + 1}", piece, from: :handbook,
          why: "Joints as even as can be, on the grain, clear of the ends and of every roller.")
      end
      pieces[..-2].each_with_index.with_object([]) do |(piece, place), joints|
        joints << joint(brief.work, place, joints.last || 0r, piece:)
      end
    end

    def joint(work, place, before, piece:)
      work.sum("track.joints.#{place + 1}", "Joint #{place + 1}", "before + piece", before:, piece:,
        why: "From the track's left end.")
    end

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
