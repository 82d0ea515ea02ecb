# frozen_string_literal: true

module YellowTrack
  module Web
    module Practice
      # Bars of a rack as they are drawn: with what a sharing cuts from them, or uncut.
      module RackDrawing
        module_function

        # @param rack [YellowTrack::Practice::Rack]
        # @param sharing [Array<Integer>, nil] nil for uncut ones
        # @param names [Array<String>] of its bars
        # @return [Drawing::Bars]
        def of(rack, sharing, names, printer:, name:)
          cuts = rack.bars.each_index.map { |bar| cut(rack, sharing || [], bar, name: names[bar]) }
          Drawing::Bars.new(cuts.reject { |one| sharing && one.pieces.empty? }, printer, name:)
        end

        # A bar with the pieces that are cut from it.
        def cut(rack, sharing, bar, name:)
          pieces = sharing.each_index.select { |place| sharing[place] == bar }.map { |place| rack.pieces[place] }
          named = rack.bars[bar].dup.tap { |one| one.name = name }
          YellowTrack::Cutting::Cut.new(bar: named, pieces:, trim: 0r, kerf: rack.kerf,
            offcut: rack.offcut(sharing, bar))
        end
      end
    end
  end
end
