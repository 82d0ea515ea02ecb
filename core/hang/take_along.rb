# frozen_string_literal: true

module YellowTrack
  # What a set's parts are, counted, for the van (handbook 8): what the kit's bag
  # has to hold, and what is bought beside it.
  module TakeAlong
    module_function

    # @param plan [Plan]
    # @param steps [Array<String>] keys of the steps that it is hung by
    # @return [Hash{String => Integer}] what it is called, and how many
    def parts(plan, steps: [])
      set = plan.set
      {**panels(set), **rails(set), **set.hardware, **set.fittings, **boards(set), **asked(set, steps)}
        .select { |_, count| count.positive? }
    end

    ONCE = ["bottles of glue", "tins of sealer"].freeze # one serves a whole job
    BARS = %w[half-jambs casing strip slab-lip].freeze # steps whose parts are cut from bars, and bought as such

    # What steps ask for and no bar gives.
    #
    # @param steps [Array<String>] keys
    # @return [Hash{String => Integer}] how many of what
    def bought(plan, steps) = asked(plan.set, steps - BARS).select { |_, count| count.positive? }

    # Whether one of it serves a whole job.
    def once?(name) = ONCE.include?(name)

    # What single steps ask for besides.
    #
    # @return [Hash{String => Integer}] how many of what
    def asked(set, steps)
      {"half-jambs" => ["half jamb pieces", 3], "casing" => ["casing pieces", 3],
       "blocks" => ["blocks for brackets", set.panels.length / 2], "strip" => ["base strips", 1],
       "track-joint" => ["track joiners", set.track.pieces.length - 1], "slab-lip" => ["lippings", set.panels.length],
       "frame-glue" => ["bottles of glue", 1], "slab-dry" => ["bottles of glue", 1], "seal" => ["tins of sealer", 1]}
        .slice(*steps).values.to_h
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
