# frozen_string_literal: true

module YellowTrack
  module Web
    module Kits
      # The kit sheets: those that ship and the fitter's own, by their manner.
      class List < Web::Screen
        # What stands in the window's own line.
        def title = "Kits"

        # @return [Hash{String => Array<Kit>}] the fitter's own first
        def groups
          shipped = Files::Shelf.kits.values.group_by { |kit| kit.manner.key }
          own.empty? ? shipped : {"your own" => own}.merge(shipped)
        end

        # What a kit takes, in few words.
        def takes(kit)
          "panels #{kit["thickness"].map(&:to_i).join("–")} mm · to #{kit["weight.most"].to_i} kg a " \
            "#{kit["weight.counts"]}"
        end

        private

        def own = @own ||= book.own_kits.all.values.map { |sheet| Files::Shelf.kit(sheet) }
      end
    end
  end
end
