# frozen_string_literal: true

module YellowTrack
  module Web
    module Prepare
      # A place of an opening: what is to be done there, its fields and its drawings.
      class Place
        NAMES = {head: "Head", jambs: "Jambs", edges: "Half jamb, casing", panels: "Panels", floor: "Floor"}.freeze
        MORE = {head: "A head that carries the track", edges: "Casing", panels: "Own frames"}.freeze
        # Steps of hanging that are done at each place.
        STEPS = {head: %w[build-head nog pack-head board standoff], jambs: %w[frame pack-jambs],
                 edges: %w[half-jambs casing],
                 panels: %w[slab-rip slab-lip slab-dry slab-plane slab-trim slab-treat fill frame-grooves frame-dry
                   frame-glue groove hinges slab-prime],
                 floor: %w[covering-first strip]}.freeze
        private_constant :NAMES, :MORE, :STEPS

        # @return [Array<Place>] of a screen, in the order that they are looked at
        def self.all(screen) = screen.plan ? screen.at_places.map { |key, rows| new(key, rows, screen) } : []

        # @return [Symbol] of Needs#at
        attr_reader :key
        # @return [Array<Desk::Tally::Row>]
        attr_reader :rows

        # @param key [Symbol]
        # @param rows [Array<Desk::Tally::Row>]
        # @param screen [Screen] that it stands on
        def initialize(key, rows, screen)
          @key, @rows, @screen = key, rows, screen
        end

        # What it is called.
        def name = NAMES.fetch(key)

        # Whether there is nothing to do.
        def quiet? = rows.empty?

        # What stands there where nothing is to be done: keys of the ledger, and the line.
        #
        # @return [Array(Array<String>, String)]
        def line
          case key
          when :head then head
          when :jambs then jambs
          when :edges then [[], "no half jamb, no casing"]
          when :panels then [[], "cut to size as they are: nothing to lip, nothing to frame"]
          else floor
          end
        end

        # Fields of it that concern this set.
        def fields = screen.fields(key)

        # The rest of them.
        def more = screen.more_fields(key)

        # What the rest is called.
        def more_called = MORE[key]

        # What is built in one press: the field, and what stands in it then.
        def presses = screen.presses.select { |row, _| fields.any? { |one| one.key == row.key } }

        # Whether its drawing runs along the opening.
        def wide? = key == :floor && !quiet? && !screen.shims.nil?

        # Steps of hanging that are done there, in their order.
        #
        # @return [Array<Steps::Step>]
        def steps = screen.opening.progress.steps.select { |step| STEPS.fetch(key).include?(step.base) }

        # Keys of what is to be done there: its drawings are their place.
        def keys = rows.flat_map(&:keys)

        # Its drawings, each with what it is called.
        #
        # @return [Array<Array(String, Drawing::Picture)>]
        def pictures
          return [] if quiet?

          case key
          when :head then [["Head, cut across", drawings.head]]
          when :jambs then packed
          when :edges then drawings.half_jamb? ? [["Half jamb at the pivot, from above", drawings.half_jamb]] : []
          when :panels then panels
          else shims
          end
        end

        private

        attr_reader :screen

        def figures = screen.plan.figures

        def drawings = screen.drawings

        def head
          sag = figures.sag
          words = if sag.zero?
            "level"
          else
            "#{screen.long(sag.abs)} #{sag.positive? ? "lower" : "higher"} in the middle"
          end
          [["survey.sag"], "#{words}: nothing to pack or build down"]
        end

        def jambs
          [["survey.bow"], "#{figures.bow.zero? ? "straight" : "bow #{screen.long(figures.bow.abs)}"}: nothing to pack"]
        end

        def floor
          return [[], "not read"] unless screen.opening.survey.floor.read?

          [["survey.floor_fall"], "falls #{screen.long(figures.floor_fall)}, the set takes it: nothing to do"]
        end

        def packed
          [*screen.layers.map { |side, layers| ["#{side.capitalize} jamb, cut across. #{layers.words}", layers] },
            named("Both jambs, from the room, packing larger than life", screen.packed_jambs)].compact
        end

        def panels
          [named("Slab, and the panel cut from it", screen.altered), named("Framed panel", screen.framed)].compact
        end

        def shims
          [named("Base strip and its shims along the floor, larger than life", screen.shims),
            ["Foot, cut across · gap × 2", drawings.foot]].compact
        end

        def named(says, picture) = picture && [says, picture]
      end
    end
  end
end
