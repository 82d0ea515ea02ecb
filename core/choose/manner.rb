# frozen_string_literal: true

module YellowTrack
  # A manner of hanging: a family, and for a bypass how its panels are carried
  # (handbook 4–6). It says how a set moves and what carries it, and names no
  # class: each room has a table of its own by key or by motion, as Sets has the
  # sets and Drawing::Elevation the elevations. A family or a support that is
  # added has its row here, its own folders, and its line in those tables
  # (spec/rooms_spec.rb holds them to it).
  #
  # key     as the steps are kept by: the kit's support, else its family
  # carried by what: :head, :floor or :wall
  # motion  how its panels go: :slide, :fold or :pocket
  # caption of its plan from above
  Manner = Struct.new(:key, :carried, :motion, :caption, keyword_init: true) do
    # @param kit [Kit]
    # @return [Manner]
    def self.of(kit) = Manner::ROWS.fetch(kit.support || kit.family)

    # Whether its panels fold, and are not slid.
    def folds? = motion == :fold

    # Whether they go into a wall, whose boards wait for them.
    def pockets? = motion == :pocket
  end

  Manner::ROWS = [
    {key: "top-hung", carried: :head, motion: :slide, caption: "Lanes, from above"},
    {key: "bottom-rolling", carried: :floor, motion: :slide, caption: "Lanes, from above"},
    {key: "wall-hung", carried: :wall, motion: :slide, caption: "Lanes, from above"},
    {key: "bifold", carried: :head, motion: :fold, caption: "From above"},
    {key: "pocket", carried: :head, motion: :pocket, caption: "From above"}
  ].to_h { |row| [row[:key], Manner.new(**row).freeze] }.freeze
end
