# frozen_string_literal: true

module YellowTrack
  module Mending
    # How a door that hangs badly stands with its mend: what the checks look at. mm and
    # kg; nil or false for what is not known or not so.
    #
    # carried    by what: :head, :floor or :wall; kit, the sheet, where one is known
    # falls      whether it can fall; propped and down, what holds it
    # asked      whether the asking has ended; diagnosis, what it came to
    # taken_down whether it came down; marked, whether its marks were made
    # hung       whether it hangs again; to_hang, whether its mend is done; behind, rows of what stands behind that;
    #            undone, what was to be done while it was off
    # hands, holder   that it takes, and that are there
    # reroller, material  of new rollers; made_of, rated, one_only, damp, wheels
    # air        left on the room's and the closet's side, mm by side
    # step, hole, probe, pale_dust, lip, fixing, oiled, bare, waits
    # replacing  figures of mend and replace
    # pull_found, pull_left   N; weight kg; closed, left_read
    # again      a sentence where a symptom or a cause came again
    State = Struct.new(:carried, :kit, :falls, :propped, :down, :diagnosis, :taken_down, :marked, :hung, :to_hang,
      :behind, :undone, :hands, :holder, :readings, :reroller, :material, :made_of, :rated, :one_only, :other_hand,
      :damp, :thickness, :body, :bar, :step, :hole, :probe, :pale_dust, :lip, :fixing, :oiled, :bare, :waits, :air,
      :replacing, :pull_found,
      :pull_left, :weight, :closed, :left_read, :again, keyword_init: true) do
      # Whether the asking has ended.
      def ended? = !diagnosis.nil? && diagnosis.next.nil?

      # @return [Share, nil] the cause ahead of the others; nil while nothing is told
      def first = diagnosis&.first

      # Between what both adjusters can be shifted for every limit to be kept after the
      # gain: floor gap and engagement at the kit's least, head room at 2, lift room at 0.
      #
      # @return [Array(Numeric, Numeric), nil] nil where nothing was measured
      def room
        return unless reroller&.gain && kit

        low = [-kit.fetch("adjust.down"), least(reroller.below, kit["gap.least"]),
          (least(reroller.above, kit["rail.engagement.least"]) if carried == :floor)].compact.max
        head = reroller.above if carried == :head
        high = [kit.fetch("adjust.up"), (head - State::HEAD_LEAST if head), reroller.lift].compact.min
        [low, high]
      end

      private

      def least(now, least) = (least - now if now && least)
    end

    State::HEAD_LEAST = 2
  end
end
