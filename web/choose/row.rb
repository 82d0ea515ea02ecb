# frozen_string_literal: true

require "forwardable"

module YellowTrack
  module Web
    module Choose
      # One way to hang the set here, as a row shows it.
      class Row
        extend Forwardable

        STATES = {"fits" => [:done, "fits"], "if" => [:watch, "fits if"], "not" => [:stop, "stop"]}.freeze
        NAMES = {"top-hung" => "Top-hung", "bottom-rolling" => "Bottom-rolling",
                 "wall-hung lapping" => "Wall-hung, lapping",
                 "wall-hung one panel" => "Wall-hung, one panel", "wall-hung pair" => "Wall-hung pair",
                 "bifold one pair" => "Bifold, one pair", "bifold two pairs" => "Bifold, two pairs",
                 "pocket one leaf" => "Pocket, one leaf", "pocket two leaves" => "Pocket, two leaves"}.freeze
        PANELS = {1 => "one panel", 2 => "two", 3 => "three", 4 => "four", 5 => "five", 6 => "six"}.freeze

        # @return [YellowTrack::Choose::Candidate]
        attr_reader :card

        def_delegators :card, :state, :in_mind?, :set, :kit, :stops, :takes, :unread

        # @param screen [Screen]
        # @param card [YellowTrack::Choose::Candidate]
        # @param place [Integer] its rank, from 0
        # @param behind [Array<YellowTrack::Choose::Candidate>] other ways of its manner
        def initialize(screen, card, place, behind: [])
          @screen, @card, @place, @behind = screen, card, place, behind
        end

        # Its place in the list, from 1.
        def rank = @place + 1

        # What it is called in the page; one of each stands there.
        def id = "way-#{@place}"

        # What the way is known by when it is taken.
        def key = Desk::SetChoice.key_of(card)

        # The manner of hanging, in words.
        def name = NAMES.fetch(card.manner)

        # Kit and layout, in words.
        def line = [kit.name, layout, ("yours" if own_kit?)].compact.join(", ")

        # Its other ways.
        #
        # @return [Array<Row>]
        def behind = @behind.each_with_index.map { |other, place| Row.new(@screen, other, place) }

        # What stands behind it in the list, in a few words; empty for nothing.
        def behind_words = @behind.any? ? " · #{@behind.length} more" : ""

        # Its panels in the opening, small.
        def drawing
          Drawing::Thumbnail.new(Desk::Outline.of(@screen.opening.survey, set && card.plan), id:, title: name)
        end

        # Its mark by its state: :done, :watch or :stop.
        def mark = STATES.fetch(state).first

        # Its state in words.
        def state_word = STATES.fetch(state).last

        # What is not so yet, or stops it: a sentence each.
        def says
          return unread.map { |fact| "#{Desk::Facts.needs(fact, printer)}, not read yet" } if state == "if"

          stops.map(&:says)
        end

        # What stops it first, in its first sentence.
        #
        # @return [String, nil] nil where nothing does
        def in_short = stops.first&.sentences&.first

        # What else is to be said of what stops it.
        #
        # @return [Array<String>]
        def said_behind = [*stops.first&.sentences&.drop(1), *stops.drop(1).map(&:says)]

        # What else it needs that is not read, a few words each.
        #
        # @param fact [String] the key of what is said already
        def needs_beside(fact) = unread.reject { |one| one.key == fact }.map { |one| Desk::Facts.needs(one, printer) }

        # What it would take, in words, of stops that a figure tells.
        def cures = takes.filter_map { |take| cure(take) }

        # The widest that is clear, with its share; "nothing" where it makes no set.
        def clear = set ? "#{printer.short(card.clear)} · #{(card.share * 100).round} %" : "nothing"

        # Bays that are reached in one go, in words.
        def bays
          return "none" if card.bays.zero?

          card.every_bay? ? "all #{card.bays}" : "#{card.bays_reachable} of #{card.bays}"
        end

        # What it takes of the room.
        def room
          return "" unless set

          taken = {"of floor" => set.floor_in_front, beside => set.wall_beside, "of depth" => set.depth_taken}
            .select { |_, mm| mm.positive? }
          taken.empty? ? "nothing" : taken.map { |where, mm| "#{printer.short(mm.round)} #{where}" }.join(", ")
        end

        # A panel's weight and the hands to lift it; that it is to be weighed where nobody said.
        def heaviest = card.heaviest ? "#{card.heaviest.to_f.round(1)} kg · #{card.hands}" : Makeup::WEIGH_IT

        # What stands on the floor; empty where it makes no set.
        def floor = set ? set.floor_parts : ""

        # What its materials come to, where all prices are known.
        def materials = @screen.materials(card)&.then { |sum| sum.to_f.round.to_s }

        # Thickness of a panel, with its unit.
        def thickness = printer.with_unit(card.thickness)

        # Cuts, holes and adjusters, counted.
        def work = card.work

        # Why one hangs doors so, and why not.
        def reasons = Files::Candidates.reasons(card.manner)

        private

        def printer = @screen.opening.printer

        def own_kit? = !Files::Shelf.kits[kit.id].equal?(kit)

        def beside = (card.parking_sides.length > 1) ? "each side" : "beside"

        def layout
          lanes, opens = card.layout.values_at("pattern", "opens")
          side = card.layout["hand"] ? "pivots at the #{card.layout["hand"]}" : opens && "opens to the #{opens}"
          [(PANELS[lanes.length] if lanes && lanes.length > 1), side].compact.join(", ").then do |text|
            text.empty? ? nil : text
          end
        end

        def cure(take)
          return if take.figure.nil?

          case take.unit
          when :areal
            "#{kit.name} carries panels of #{take.figure.to_f.round(2)} kg/m² at most#{lighter(take.figure)}"
          when :count then "#{(take.figure == 4) ? "two pairs" : "one pair"} would do"
          else length_cure(take)
          end
        end

        # Make-ups that are light enough.
        def lighter(areal)
          light = Makeup::AREAL.keys.reject { |name| Makeup::FRAGILE.include?(name) }
            .select { |name| Makeup::AREAL.fetch(name).call(card.thickness) <= areal }
          light.empty? ? "" : ": #{light.join(", ")} at #{thickness}"
        end

        def length_cure(take)
          there = take.there && ", #{printer.with_unit(take.there)} there"
          "#{WANTS.fetch(take.code) { WANTS.find { |code, _| code.is_a?(Regexp) && code.match?(take.code) }&.last }} " \
            "#{printer.with_unit(take.figure)}#{there}"
        end

        # What a figure is of, by the stop that it cures.
        WANTS = {
          "bypass.parking" => "free wall beside:", "pocket.beside" => "free wall beside:",
          "bypass.depth" => "depth in the opening:", "bifold.depth" => "depth in the opening:",
          "bifold.room" => "free floor in front:", "bypass.above" => "free wall above:",
          "pocket.wall" => "wall, thick:",
          "height.tall" => "panels too tall by", "bypass.cover" => "more cover, or a head lower by",
          "bypass.engage" => "head or rail built by", "bypass.lap.short" => "packing at the jambs, in all:",
          /\.height\z/ => "out of the kit's heights by", /\.thickness\z/ => "panels of"
        }.freeze
        private_constant :WANTS
      end
    end
  end
end
