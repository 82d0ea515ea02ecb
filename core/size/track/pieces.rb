# frozen_string_literal: true

module YellowTrack
  class Track
    # The pieces of a track, from left to right, with their fixing holes (handbook 4, "Rollers, guide, track"). All in
    # mm, places from the track's left end.
    class Pieces
      CLEAR_OF_CUT = 20 # no hole nearer to the cut end
      LAST_WITHIN = 150 # the last hole no farther from it, or one more
      EXTRA_AT = 40 # where that one goes, from the cut end

      # @return [Array<Rational>]
      attr_reader :lengths

      # @param kit [Kit]
      # @param lengths [Array<Rational>]
      def initialize(kit, lengths)
        @kit, @lengths = kit, lengths
        freeze
      end

      # Writes down how it is pieced and drilled.
      #
      # @param brief [Brief]
      def told(brief)
        brief.from_kit("track.first", "First hole")
        brief.from_kit("track.pitch", "Hole to hole")
        return if lengths.length < 2

        lengths.each_with_index do |piece, place|
          brief.work.given("track.pieces.#{place + 1}", "Piece #{place + 1}", piece, from: :handbook,
            why: "Joints as even as can be, on the grain, clear of the ends and of every roller.")
        end
        lengths[..-2].zip([0r, *joints]).each_with_index do |(piece, before), place|
          brief.work.sum("track.joints.#{place + 1}", "Joint #{place + 1}", "before + piece", before:, piece:,
            why: "From the track's left end.")
        end
      end

      # @return [Array<Rational>] where they are joined
      def joints
        lengths[..-2].each_with_object([]) { |piece, joints| joints << (joints.last || 0r) + piece }
      end

      # Fixing holes of every piece.
      def holes = [0r, *joints].zip(lengths).flat_map { |from, piece| holes_of(piece).map { |place| from + place } }

      # The shortest stock length that a piece can be cut from, nil if none.
      def stock(piece) = @kit.fetch("track.stock").select { |stock| stock >= piece }.min

      private

      # From the factory end; none near the cut end, one more where the last is
      # far from it.
      def holes_of(piece)
        first, pitch = @kit.fetch("track.first"), @kit.fetch("track.pitch")
        return extra([], piece) if first > piece - CLEAR_OF_CUT

        extra((0..(piece - CLEAR_OF_CUT - first).div(pitch)).map { |k| first + k * pitch }, piece)
      end

      def extra(holes, piece)
        (piece - (holes.last || 0) > LAST_WITHIN) ? holes + [piece - EXTRA_AT] : holes
      end
    end
  end
end
