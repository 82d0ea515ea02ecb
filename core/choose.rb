# frozen_string_literal: true

module YellowTrack
  # The families side by side for one surveyed opening (handbook 3), each
  # solved with its default kit, ranked with reasons. The fitter may overrule.
  class Choose
    # One family as it would be here. plan is nil, and refusal says why, where
    # it makes no set at all.
    Candidate = Struct.new(:name, :plan, :refusal, :reasons, keyword_init: true) do
      # @return [Symbol, nil] the worst check's level
      def worst = plan ? plan.worst : :stop

      # @return [String, nil] the first stop's sentence
      def first_stop = plan ? plan.checks.find(&:stop?)&.says : refusal

      def set = plan&.set

      # @return [Rational] widest clear opening, mm
      def clear = set ? set.widest : 0r

      # @return [Rational] of the width
      def share = set&.sizing&.width&.positive? ? clear.quo(set.sizing.width) : 0r

      def every_bay? = !set.nil? && set.bays.all?(&:reachable)

      # @return [Numeric] floor taken in front, mm
      def floor_in_front = set&.floor_in_front

      # @return [Numeric] wall taken beside, mm
      def wall_beside = set&.wall_beside

      # @return [Numeric] depth taken in the opening, mm
      def depth_taken = set&.depth_taken

      # @return [Numeric] kg
      def heaviest = set&.weight

      def hands = set&.hands

      # @return [String] "none", "guide", "bracket" or "full rail"
      def floor_parts = set&.floor_parts

      # @return [Hash{Symbol => Integer}] cuts, holes and adjusters
      def labour = set&.labour

      # As `bin/plan --choose` writes it.
      def to_h
        {name:, worst:, stop: first_stop, clear:, share:, every_bay: every_bay?, front: floor_in_front,
         beside: wall_beside,
         depth: depth_taken, weight: heaviest, hands:, floor: floor_parts, work: labour, reasons:}
      end

      # What candidates are ranked by, the better first.
      def rank = [(worst == :stop) ? 1 : 0, every_bay? ? 0 : 1, -clear, heaviest || Float::INFINITY]
    end

    # What each place in a rank says when it decides.
    DECIDES = [
      ->(first, second, _) { "#{first.name} has no stop; #{second.name} has." },
      ->(first, second, _) {
        "Every bay comes clear behind #{first.name.downcase}; not behind " \
        "#{second.name.downcase}."
      },
      lambda do |first, second, printer|
        "#{first.name} opens #{printer.with_unit(first.clear)}; #{second.name.downcase} " \
          "#{printer.with_unit(second.clear)}."
      end,
      ->(first, second, _) { "#{first.name}'s panels are the lighter: #{first.heaviest.to_f.round(1)} kg." }
    ].freeze

    # @return [Array<Candidate>] the best first
    attr_reader :ranked

    # @param openings [Array<Array(String, Opening, Array<String>)>] name, the
    #   opening with that family's default set, and its plain reasons
    # @param printer [Length::Printer]
    def initialize(openings, printer)
      @printer = printer
      @ranked = openings.map { |name, opening, reasons| candidate(name, opening, reasons) }
        .sort_by.with_index { |found, place| [*found.rank, place] }.freeze
    end

    # @return [Hash] ready for JSON
    def to_h
      Numbers.rounded({"format" => "yellow-track/choice", "version" => 1, "why_first" => why_first,
        "families" => ranked.map(&:to_h)})
    end

    # Why the first is first, in a sentence.
    #
    # @return [String, nil] nil where nothing sets it apart
    def why_first
      first, second = ranked
      place = second && first.rank.zip(second.rank).index { |one, other| one != other }
      place && DECIDES[place].call(first, second, @printer)
    end

    private

    def candidate(name, opening, reasons)
      Candidate.new(name:, plan: Plan.of(opening), reasons:)
    rescue Fault => e
      Candidate.new(name:, refusal: e.message, reasons:)
    end
  end
end
