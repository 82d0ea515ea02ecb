# frozen_string_literal: true

module YellowTrack
  # A manner of hanging: a family, and for a bypass how its panels are carried
  # (handbook 4–6). One row a manner names its classes in every room; a family
  # or a support that is added has its row here and its own folders.
  #
  # key     as the steps are kept by: the kit's support, else its family
  # set     the class of its sets
  # support the class inside it that carries the panels, nil for none
  # drawn   its class of elevation and sections
  # carried by what: :head, :floor or :wall
  # motion  how its panels go: the class of its plan from above, of its moves,
  #         and of its numbers
  # caption of its plan from above
  Manner = Struct.new(:key, :set, :support, :drawn, :carried, :motion, :caption, keyword_init: true) do
    # @param kit [Kit]
    # @return [Manner]
    def self.of(kit) = Manner::ROWS.fetch(kit.support || kit.family)

    # Whether its panels fold, and are not slid.
    def folds? = motion == "Folding"

    # Whether they go into a wall, whose boards wait for them.
    def pockets? = motion == "Pocketed"

    # The class of its sets.
    def set_class = YellowTrack.const_get(set)

    # The class that carries its panels.
    def support_class = set_class.const_get(support)

    # The class of the opening that its ready doors want.
    def wanted_class = support ? set_class.const_get(:Wanted).const_get(support) : set_class.const_get(:Wanted)
  end

  Manner::ROWS = [
    {key: "top-hung", set: "Bypass", support: "TopHung", drawn: "TopHung", carried: :head, motion: "Sliding",
     caption: "Lanes, from above"},
    {key: "bottom-rolling", set: "Bypass", support: "BottomRolling", drawn: "BottomRolling", carried: :floor,
     motion: "Sliding", caption: "Lanes, from above"},
    {key: "wall-hung", set: "Bypass", support: "WallHung", drawn: "WallHung", carried: :wall, motion: "Sliding",
     caption: "Lanes, from above"},
    {key: "bifold", set: "Bifold", drawn: "Folding", carried: :head, motion: "Folding",
     caption: "From above"},
    {key: "pocket", set: "Pocket", drawn: "InTheWall", carried: :head, motion: "Pocketed",
     caption: "From above"}
  ].to_h { |row| [row[:key], Manner.new(**row).freeze] }.freeze
end
