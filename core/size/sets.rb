# frozen_string_literal: true

module YellowTrack
  # The classes of each manner's sets, by its key.
  module Sets
    # set     [Class] of the set
    # layouts [Module] how many panels it can have, in which lanes, to which side
    # wanted  [Class] of the opening that its ready doors want
    # support [Class, nil] inside a bypass: what carries its panels
    Kind = Struct.new(:set, :layouts, :wanted, :support)

    module_function

    # @param kit [Kit]
    # @return [Kind]
    def of(kit) = all.fetch(kit.manner.key)

    # @return [Hash{String => Kind}]
    def all
      @all ||= {
        "top-hung" => bypass(Bypass::TopHung, Bypass::Wanted::TopHung),
        "bottom-rolling" => bypass(Bypass::BottomRolling, Bypass::Wanted::BottomRolling),
        "wall-hung" => bypass(Bypass::WallHung, Bypass::Wanted::WallHung),
        "bifold" => Kind.new(Bifold, Bifold::Layouts, Bifold::Wanted),
        "pocket" => Kind.new(Pocket, Pocket::Layouts, Pocket::Wanted)
      }.freeze
    end

    # @return [Kind] sliding panels, by what carries them
    def bypass(support, wanted) = Kind.new(Bypass, Bypass::Layouts, wanted, support)
  end
end
