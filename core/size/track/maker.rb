# frozen_string_literal: true

module YellowTrack
  class Track
    # Makes the track of a set that is sized (handbook 4): how long it is, how it
    # is pieced, where it is mounted. All in mm.
    class Maker
      # @param brief [Brief]
      # @param sizing [Sizing]
      def initialize(brief, sizing)
        @brief, @sizing = brief, sizing
        freeze
      end

      # A track at the head, between the jambs.
      #
      # @param lowered [Rational] by which it is let down below the head
      # @param floor_rail [Rational, nil] length of a rail below it
      # @yieldparam start [Rational] x of its left end
      # @yieldparam length [Rational]
      # @yieldreturn [Array<Rational>] its pieces
      # @return [Track]
      # @raise [NothingLeft]
      def between_jambs(lowered: 0r, floor_rail: nil)
        length = between("track.length", "Track", "head", width: @brief.survey["widths.top"],
          why: "Cut one end only: the other keeps its factory holes.")
        start = @brief.work.sum("track.start", "Track's left end", "start + end clearance", start: @sizing.start,
          end_clearance:, why: "From the left jamb's foot: where the set is sized from, with what packs the jamb.")
        at_head(start:, pieces: yield(start, length), lowered:, floor_rail:)
      end

      # A track at the head of a length worked out already, at the head's low
      # point or let down below it.
      #
      # @return [Track]
      def at_head(start:, pieces:, lowered: 0r, floor_rail: nil)
        figures, down = @brief.figures, lowered + @sizing.head_packing
        mount_height = @brief.work.sum("track.mount_height", "Track's mounting height", "low head − lowered",
          lowered: down,
          low_head: figures.head_low, why: "Above the datum; pack down to it wherever the head is higher.")
        packing = @brief.work.sum("track.packing", "Most packing over the track", "high head − low head + lowered",
          lowered: down,
          high_head: figures.head_high, low_head: figures.head_low, why: "At the head's high point.")
        Track.new(@brief, start:, pieces:, mount_height:, packing:, floor_rail:)
      end

      # A rail along the floor from jamb to jamb.
      #
      # @return [Rational]
      # @raise [NothingLeft]
      def floor_rail
        between("track.floor_rail", "Floor rail", "floor", width: @brief.survey["widths.bottom"],
          why: "Cut one end only, like the channel above it.")
      end

      # Pieces of a track, none longer than the stock, joined clear of the
      # places where rollers rest.
      #
      # @param rollers [Array<Numeric>] from the track's left end
      # @return [Array<Rational>]
      def pieces(length, rollers)
        stock = @brief.kit.fetch("track.stock").max
        (length <= stock) ? [length] : Joints.new(length, stock:, rollers:, grain: @brief.grain).pieces
      end

      private

      def end_clearance = @brief.kit["track.end_clearance"] || 0r

      # From jamb to jamb, less packing and clearances, rounded down.
      def between(key, title, where, width:, why:)
        length = @brief.work.sum(key, title,
          "down(most(width at the #{where} − left packing − right packing − 2 × end clearance, 0), grain)",
          "width_at_the_#{where}": width, left_packing: @sizing.packing("left"),
          right_packing: @sizing.packing("right"), end_clearance:,
          grain: @brief.grain, why:)
        @brief.leave(@sizing, key)
        length
      end
    end
  end
end
