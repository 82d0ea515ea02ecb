# frozen_string_literal: true

module YellowTrack
  # What a change of one number would cure: worked first on whole plans, so that what a check tells
  # a fitter to do clears it and raises nothing else (handbook 1, "Checks"). Of each check the least
  # change of lap, cover, gap, side gap, setback or packing that does.
  class Cures
    # A cure, ready to be taken.
    #
    # code    [String] of the check that it clears
    # changes [Hash{String => Rational}] choices as they would stand, mm, by their keys
    # says    [String] a sentence without its full stop: "Plan a lap of 28 mm; 22 to 28 mm will do"
    Cure = Struct.new(:code, :changes, :says, keyword_init: true)

    # Which numbers can clear a check, by its code.
    LEVERS = {
      "bypass.lap.short" => %w[lap], "bypass.lap.long" => %w[lap], "bypass.guide" => %w[lap cover.side],
      "bypass.cover" => %w[cover.side cover.head gap], "bypass.above" => %w[cover.head], "bypass.depth" => %w[setback],
      "bypass.gap.least" => %w[gap], "bypass.gap.most" => %w[gap], "bypass.fin" => %w[gap],
      "bifold.gap.least" => %w[gap], "bifold.gap.most" => %w[gap], "bifold.depth" => %w[setback],
      "bifold.pinch" => %w[side_gap], "bifold.lead" => %w[side_gap packing], "bifold.strike" => %w[side_gap packing],
      "bifold.wide" => %w[packing side_gap], "bifold.hidden" => %w[side_gap],
      "pocket.gap.least" => %w[gap], "pocket.gap.most" => %w[gap], "pocket.stay" => %w[packing],
      "alter.narrow" => %w[lap cover.side side_gap packing], "alter.stile" => %w[lap cover.side side_gap],
      "alter.lipping" => %w[gap cover.head], "alter.block" => %w[gap cover.head]
    }.freeze

    # @param plan [Plan]
    # @param printer [Length::Printer] that writes the lengths in what is said
    def initialize(plan, printer: plan.opening.printer)
      @plan, @printer = plan, printer
      @found, @tried = {}, {}
      @codes = levels(plan)
    end

    # @param code [String] of a check
    # @return [Cure, nil] nil where no such change clears it alone
    def [](code)
      return @found[code] if @found.key?(code)

      levers = (@plan.whole? && @codes.key?(code)) ? LEVERS.fetch(code, []) : []
      @found[code] = packed(code) || levers.filter_map { |key| Lever.of(key, @plan) }
        .filter_map { |lever| worked(lever, code) }.min_by(&:first)&.last
    end

    # A check with its cure before what it says to do.
    #
    # @param check [Check]
    # @return [Check]
    def told(check)
      cure = self[check.code] or return check
      other = other_way(check.do)
      says = ["#{cure.says}.", other && "Or: #{other[0].downcase}#{other[1..]}"].compact.join(" ")
      check.dup.tap { |one| one.do = says }.freeze
    end

    # The plan file with what its checks say to do worked first.
    #
    # @return [Hash]
    def to_h
      @plan.to_h.merge("checks" => Numbers.rounded(@plan.checks.map { |check| told(check).to_h }))
    end

    private

    # What a check says to do beside changing that number.
    def other_way(says) = says.match?(NUMBERED) ? says[/, or (.+)\z/, 1] : says

    NUMBERED = /\A(?:Plan|Pack|Leave|A longer lap|More cover|Less cover)\b/
    private_constant :NUMBERED

    # Ready-made panels that lap too little: packed to the kit's own lap (handbook 15, "Packing, as a
    # range").
    def packed(code)
      range = (@plan.set.jamb_packing&.range if code == "bypass.lap.short" && @plan.whole?) or return
      lever = Packing.of(@plan)
      value = Length.down(range[:design], Packing::LAYER)
      return unless clean?(lever, value, code)

      Cure.new(code:, changes: lever.changes(value),
        says: lever.says(@printer, value, range[:most], least: range[:least]))
    end

    # The least change of a lever, either way.
    #
    # @return [Array(Rational, Cure), nil] how much it changes, and the cure
    def worked(lever, code)
      reached = [-1, 1].filter_map { |way| reach(lever, way, code) }
      first, last = reached.min_by { |least, _| lever.change(least) }
      return unless first

      [lever.change(first), Cure.new(code:, changes: lever.changes(first), says: lever.says(@printer, first, last))]
    end

    # From the least change that clears to the farthest that still does: doubled until it clears, then
    # halved to the step.
    def reach(lever, way, code)
      values = lever.values(way)
      first = nearest(values.length) { |place| clears?(lever, values[place], code) } or return
      near = first..[first + NEAR, values.length - 1].min
      first = near.find { |place| clean?(lever, values[place], code) } or return
      beyond = nearest(values.length - first) { |place| !clean?(lever, values[first + place], code) }
      [values[first], values[beyond ? first + beyond - 1 : -1]]
    end

    NEAR = 4 # steps past the first that clears, where that raises something else
    private_constant :NEAR

    # The first place at which something holds, where it holds from there on.
    def nearest(count)
      place = [0, *Array.new(12) { |power| 2**power }].find { |one| one < count && yield(one) }
      place ||= (count - 1 if count > 1 && yield(count - 1))
      return place if place.nil? || place < 2

      least = place / 2 + 1
      (least..place).bsearch { |one| yield(one) }
    end

    def clears?(lever, value, code) = tried(lever, value)&.key?(code) == false

    # Whether it clears the check, and none is there that was not, nor a worse one.
    def clean?(lever, value, code)
      found = tried(lever, value)
      !found.nil? && !found.key?(code) && found.all? { |one, level| @codes.key?(one) && level >= @codes[one] }
    end

    # @return [Hash{String => Integer}, nil] levels of the checks with a lever so; nil for no set
    def tried(lever, value)
      @tried.fetch([lever.key, value]) do |asked|
        @tried[asked] = begin
          made = Plan.of(lever.opening(value), closure: @plan.closure)
          made.whole? ? levels(made) : nil
        rescue Fault
          nil
        end
      end
    end

    def levels(plan)
      plan.checks.reject { |check| check.level == :note }.group_by(&:code)
        .transform_values { |list| list.map(&:weight).min }
    end
  end
end
