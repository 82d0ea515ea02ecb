# frozen_string_literal: true

module YellowTrack
  module Web
    module Prepare
      # Prepare: what the opening needs first, made up from stock; what waits for
      # another trade; the check measurement under the track.
      class Screen < OpeningScreen
        # Choices that stand on it: those of a set's manner, and the rest by what
        # they concern.
        OWN = {"bifold" => %w[set.half_jamb.thickness], "bottom-rolling" => %w[set.base_strip]}.freeze
        PACKING = %w[set.packing.left set.packing.right].freeze
        HEAD = %w[set.packing.head].freeze
        MORE = {
          "casing" => %w[set.casing.width set.casing.thickness set.reveal],
          "head" => %w[set.head.material set.head.breadth set.head.depth set.head.plies],
          "framed" => %w[set.frame.stile set.frame.rails set.frame.groove set.frame.tenon set.frame.solid
            set.frame.wood]
        }.freeze

        # How panels come and are finished, of sets that slide and of those that fold.
        PANELS = {false => %w[set.order set.finished set.pulls], true => %w[set.order set.finished set.hinged]}.freeze
        OLD = %w[set.slab.old.treat].freeze

        # Which fields stand at which place, and which of the rest.
        FIELDS = {head: HEAD + MORE["head"], jambs: PACKING, edges: OWN["bifold"] + MORE["casing"],
                  panels: %w[set.height_cut] + PANELS.values.flatten.uniq + OLD + MORE["framed"],
                  floor: OWN["bottom-rolling"]}.freeze
        MORE_AT = {head: "head", edges: "casing", panels: "framed"}.freeze

        # Pieces that are drawn anew after a save, by their templates.
        def renewed = ["prepare/all_places", "prepare/waits"]

        # Its places, each with what is to be done there.
        #
        # @return [Array<Place>]
        def places = @places ||= Place.all(self)

        # What there is to prepare at each place.
        def at_places = @at_places ||= Needs.new(self, tally).at

        # The set's numbers.
        def tally = @tally ||= Desk::Tally.of(opening)

        # The set's drawings.
        def drawings = @drawings ||= Size::Drawings.new(opening)

        # What stands in an empty field, by its key; nil for nothing.
        def placeholder_of(key) = tally.placeholder_of(key)

        # Fields of a place that concern this set: what it takes, and what was set already.
        #
        # @param place [Symbol]
        # @return [Array<FieldRow>]
        def fields(place) = (FIELDS.fetch(place) & offered).map { |key| field(key) }

        # The rest of them, behind one word.
        def more_fields(place) = (MORE.fetch(MORE_AT[place], []) - chosen - untaken).map { |key| field(key) }

        # The check measurement of a set that hangs from a track.
        def check_fields
          (manner.carried == :wall) ? [] : Desk::Fields::CHECKS.map { |check| field(check) }
        end

        # Whether a covering still to come is laid up to the rail.
        def laid_up_to? = plan.figures.standing < plan.figures.covering

        # What is built in one press, for panels that are not cut: the field, and what
        # stands in it then.
        #
        # @return [Hash{FieldRow => String}]
        def presses
          build = set.heights.build
          return {} unless build&.verdict == "build"

          {"set.packing.head" => build.head, "set.base_strip" => build.strip}.select { |_, mm| mm.positive? }
            .to_h { |key, mm| [field(key), typed_mm(mm + (opening.opening[key.delete_prefix("set.")] || 0))] }
        end

        # What has to wait, in words.
        #
        # @return [Array<String>]
        def waits
          covering = plan.figures.covering
          [(if covering.positive? && laid_up_to?
              "The covering of #{long(covering)} is still to be laid: up to the rail, later. The rail stands on " \
                "today's floor."
            end),
            (if covering.positive? && !laid_up_to?
               "The covering of #{long(covering)} is still to be laid: brackets and guides wait for it, or stand on " \
               "blocks."
             end),
            ("Boards go on only after the door has run." if manner.pockets?),
            ("Heights are cut on site: #{set.panels.map(&:name).join(", ")} wait for the check measurement." if plan
              .waits_for_check?)].compact
        end

        # What a check measurement changed.
        #
        # @return [String, nil]
        def changed_by_check
          return unless opening.survey.check

          before = Desk::Reckoned.of(opening.document.with("survey.check", nil).to_h).plan&.set&.height or return
          now = set.height
          return "The check measurement leaves the height at #{opening.cut_printer.with_unit(now)}." if now == before

          "The check measurement makes the panels #{opening.cut_printer.with_unit(now)} high; from the survey they " \
            "were #{opening.cut_printer.with_unit(before)}."
        end

        # What there is to prepare, by the plan.
        def needs = plan.prepare.at_hand

        # Layers of each packed jamb.
        #
        # @return [Hash{Symbol => Drawing::Layers}]
        def layers
          (needs[:packing] || {}).to_h do |side, build_up|
            [side, Drawing::Layers.new(build_up, opening.printer, side:)]
          end
        end

        # How far each jamb is packed at the top and at the bottom; nil for none.
        def packed_jambs
          at = set.jamb_packing&.at or return
          Drawing::PackedJambs.new(at, opening.printer) if at.values.flat_map(&:values).any?(&:positive?)
        end

        # Shims along the base strip; nil for none.
        def shims = needs[:base_strip] && Drawing::Shims.new(needs[:base_strip], opening.printer)

        # The slab and the panel cut from it; nil without one.
        def altered
          set.slab.slab? ? Drawing::Altered
            .new(set.slab, width: set.width, height: set.height, printer: opening.cut_printer) : nil
        end

        # The frame that a panel is made with; nil for none.
        def framed
          set.framed && Drawing::Framed.new(set.framed, width: set.width, height: set.height,
            printer: opening.cut_printer)
        end

        # Floor and head along the opening.
        def profile = @profile ||= Drawing::Profile.new(plan, opening.printer)

        private

        # A length as it can be typed, with its unit.
        def typed_mm(mm)
          "#{Length::Printer.derived(opening.opening.units).typed(mm)} #{opening.opening.units}"
        end

        def manner = opening.kit.manner

        def hangs_from_head? = manner.carried == :head

        def packing = (manner.carried == :wall) ? HEAD : PACKING + HEAD

        # Fields that this set takes.
        def offered
          @offered ||= packing + (OWN[manner.key] || []) + chosen + %w[set.height_cut] + PANELS.fetch(manner.folds?) +
            (set.slab.slab? ? OLD : [])
        end

        def untaken = hangs_from_head? ? [] : MORE["head"]

        # Of the rest, groups that something was typed in.
        def chosen
          MORE.values.select { |keys| keys.any? { |key| !opening.document[key].nil? || drafts.key?(key) } }.flatten
        end
      end
    end
  end
end
