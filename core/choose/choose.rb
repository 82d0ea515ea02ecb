# frozen_string_literal: true

module YellowTrack
  # Which set for an opening (handbook 3): every kit on the shelf is tried in every
  # sensible way, each a whole plan, and ranked by whether it goes in. The set in
  # mind is tried as it stands, and hides no fact from the others.
  class Choose
    FORMAT = {"format" => "yellow-track/choice", "version" => 1}.freeze

    # @return [Array<Candidate>] all of them, the best first
    attr_reader :ranked
    # @return [Array<Candidate>] one a manner, and the set in mind at its own rank
    attr_reader :cards

    # @param opening [Opening] surveyed, with the set in mind
    # @param kits [Array<Kit>] the shelf, in its order
    # @param own [Boolean] whether the set in mind brings a kit of its own, beside the
    #   shelf
    # @param house [Hash{String => Hash}] choices that a family's set starts with here,
    #   by family
    # @param printer [Length::Printer, nil] as Plan.of takes it
    # @raise [Fault] where the set in mind makes none
    def initialize(opening, kits, own: false, house: {}, printer: nil)
      @opening, @kits = opening, own ? [*kits, opening.kit] : kits
      place = own ? kits.length : kits.index { |kit| kit.to_h == opening.kit.to_h }
      @ranked = Tried.new(opening, house:, printer:).of(@kits, place).sort_by(&:rank).freeze
      @ranked.each { |one| one.among(@ranked) }
      @cards = shown.freeze
      freeze
    end

    # How many ways were tried, and how many kits.
    def tried = ranked.length

    # @return [Integer] how many were tried
    def kits = @kits.length

    # Whether nothing on the shelf fits as it stands: the first card is the nearest.
    def nearest? = cards.first&.state == "not"

    # The set in mind.
    #
    # @return [Candidate]
    def in_mind = ranked.find(&:in_mind?)

    # The others of a card's manner, the better first.
    def behind(card) = ranked.select { |one| one.manner == card.manner && !cards.include?(one) }

    # As `bin/plan --choose` writes it (handbook 3, "The choice").
    def to_h
      Numbers.rounded({**FORMAT, "name" => @opening.name, "tried" => tried, "nearest" => nearest? ? 0 : nil,
        "ranked" => cards.map(&:to_h)})
    end

    private

    def shown
      firsts = ranked.group_by(&:manner).values.map(&:first)
      ranked.select { |one| one.in_mind? || firsts.include?(one) }
    end
  end
end
