# frozen_string_literal: true

require "forwardable"

module YellowTrack
  module Web
    module Size
      # Size: the set drawn, its numbers and their sums, what can be changed beside
      # each.
      class Screen < OpeningScreen
        extend Forwardable

        # @return [Desk::Tally] the set in numbers, part by part
        def tally = @tally ||= Desk::Tally.of(opening)

        def_delegators :tally, :parts, :groups, :worst, :choices, :placeholder_of

        # @return [Drawings] of a plan
        def drawings = @drawings ||= Drawings.new(opening, params["at"].is_a?(Hash) ? params["at"] : {})

        # Pieces that are drawn anew after a save, by their templates.
        def renewed = ["size/drawings", "size/all_numbers", ("size/half_jamb" if opening.kit.manner.folds?)].compact

        # @return [Array<Desk::Tally::Row>] of a part
        def rows(part) = tally.rows(part)

        # What a field offers: kits of the opening's own family, patterns that its
        # kit has lanes for.
        def options_of(field)
          case field.key
          when "set.kit" then kits_of
          when "set.guide" then field.options
            .reject { |kind, _| kind == "tongue" && opening.kit.manner.key != "top-hung" }
          when "set.pattern" then field.options
            .select { |lanes, _| lanes.split(",").map(&:to_i).max <= opening.kit["lanes"].to_i }
          else super
          end
        end

        GROUPS = {cut: "Cut", mark: "Mark", gaps: "Gaps", opens: "Opens"}.freeze

        # What a group of numbers is called.
        def group_name(group) = GROUPS.fetch(group)

        # Keys of the drawing.
        def keys = plan ? {"← →, on a panel" => "#{moves} it"} : {}

        # How its panels are moved on the drawing.
        def caption = "Hold a panel to #{moves} it"

        # What its pieces stand on, beside the opening: the fitter's own kits.
        def stands_on = [*super, own_kits]

        # Whether its kit is one of those that ship.
        def shipped_kit? = Files::Shelf.kits.key?(opening.kit.id)

        private

        # What its panels do.
        def moves = set.manner.folds? ? "fold" : "slide"

        # The fitter's own kits of the family beside those that ship, and the one
        # that the opening holds.
        def kits_of
          kit = opening.kit
          Files::Shelf.names_of(kit.family).merge(shipped_kit? ? own_kits : {kit.id => kit.name}.merge(own_kits))
        end

        # Names of the fitter's own kits of the family, by their ids.
        def own_kits
          @own_kits ||= book.own_kits.all.select { |_, sheet| sheet["family"] == opening.kit.family }
            .transform_values do |sheet|
            sheet["name"]
          end
        end
      end
    end
  end
end
