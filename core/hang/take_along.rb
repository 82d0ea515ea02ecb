# frozen_string_literal: true

module YellowTrack
  # What a set's parts are, counted, for the van (handbook 8): what the kit's bag
  # has to hold, and what is bought beside it.
  module TakeAlong
    module_function

    # @param plan [Plan]
    # @return [Hash{String => Integer}] what it is called, and how many
    def parts(plan)
      set = plan.set
      {**panels(set), **rails(set), **set.hardware, **set.fittings, **boards(set)}.select { |_, count| count.positive? }
    end

    # @return [Hash{String => Integer}] how many of what
    def panels(set) = {"panels" => set.panels.length}

    # @return [Hash{String => Integer}] how many of what
    def rails(set)
      {"track pieces" => set.track.pieces.length * set.rails, "floor rail" => set.track.floor_rail ? 1 : 0}
    end

    # @return [Hash{String => Integer}] how many of what
    def boards(set)
      {"header board" => (set.covers? && set.wall.board_length) ? 1 : 0,
       "pelmet pieces" => set.pelmet ? set.pelmet.lengths.length : 0}
    end
  end
end
