# frozen_string_literal: true

module YellowTrack
  module Desk
    class Tally
      # The choices that bite at a set's numbers: where they stand, and what stands in a field that is
      # empty.
      module Choices
        # Choices whose empty field shows the kit's value, by its key there.
        FROM_KIT = {
          "set.lap" => "lap.design", "set.gap" => "gap.design", "set.inset" => "inset.design",
          "set.cover.side" => "cover.side",
          "set.cover.head" => "cover.head", "set.side_gap" => "side_gap", "set.setback" => "setback"
        }.freeze

        # What others are usually.
        USUAL = {
          "set.makeup.0" => "not said", "set.width" => "cut to fit", "set.slab.foot" => "28 mm",
          "set.packing.left" => "0",
          "set.packing.right" => "0", "set.bumper" => "0", "set.proud" => "0", "set.fit" => "as usual",
          "set.nib" => "0", "set.lining" => "20 mm",
          "set.height" => "cut to fit", "set.packing.head" => "0", "set.weighed" => "by the sum",
          "set.handle_height" => "980 mm", "set.header_board" => "where needed", "set.header_board.height" => "140 mm",
          "set.header_board.thickness" => "20 mm", "set.fin.width" => "kit's or 5", "set.fin.height" => "kit's or 28",
          "set.fin.length" => "kit's or 18", "set.tongue.width" => "6 mm", "set.tongue.reach" => "8 mm",
          "set.half_jamb.depth" => "20 mm", "set.soft_close" => "as the kit", "set.pelmet.height" => "no pelmet",
          "set.pelmet.thickness" => "no pelmet", "set.rail_thickness" => "as the panel",
          "set.stile_thickness" => "as the panel", "set.base_strip" => "none", "set.half_jamb.thickness" => "none",
          "set.pattern" => "as usual"
        }.freeze

        PANEL_CHOICES = %w[set.kit set.thickness set.width set.height set.makeup.0 set.makeup.1 set.weighed set.fit
          set.handle_height].freeze
        SOFT_CLOSE = %w[set.soft_close set.soft_close.body set.soft_close.spacer].freeze

        SLAB_CHOICES = [nil, ["Slab: what the panels are cut from",
          %w[set.slab.width set.slab.height set.slab.foot set.slab.stile]]].freeze

        # The choice that stands beside a part's numbers, and those behind a fold
        # under it with what that is called.
        #
        # @return [Array(String, Array), Array(nil, nil)]
        def choices(part) = self.class::CHOICES.fetch(part, [nil, nil])

        # What stands beside an empty field of a choice.
        def placeholder_of(key) = @opening.piece(:placeholders, @opening.shown) { from_kit }.fetch(key) { USUAL[key] }

        private

        # What the kit has for a choice, in words.
        def from_kit
          FROM_KIT.to_h { |key, own| [key, @opening.kit[own]] }.compact.transform_values do |value|
            "kit #{short(value)}"
          end
        end
      end
    end
  end
end
