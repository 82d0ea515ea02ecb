# frozen_string_literal: true

module YellowTrack
  # Too little is left to size a set to: the plan ends at its sizing
  # (handbook 2, "size.none"). Raised where the length comes out, with the check
  # that says what takes the room.
  class NothingLeft < Fault
    LEAST = 100 # mm
    CODE = "size.none"
    CURE = "Take less of it, or another set."

    # What can take the room, by its key among the choices, and what it is
    # called.
    TAKERS = {
      "packing.left" => "packing at the left", "packing.right" => "packing at the right",
      "packing.head" => "packing at the head", "bumper" => "bumpers", "nib" => "the nib",
      "half_jamb.thickness" => "half jambs", "width" => "a ready-made panel", "side_gap" => "the side gap",
      "base_strip" => "the base strip",
      "gap" => "the floor gap"
    }.freeze

    # @return [Sizing]
    attr_reader :sizing
    # @return [Check]
    attr_reader :check

    # @param brief [Brief]
    # @param sizing [Sizing]
    # @param entries [Array<Working::Entry>] that come out under LEAST, mm
    def initialize(brief, sizing, entries)
      @sizing = sizing
      @check = NothingLeft.check(brief, entries)
      super("#{check.says} #{check.do}")
    end

    # @param entries [Array<Working::Entry>]
    # @return [Check]
    def self.check(brief, entries)
      sizes = entries.map { |entry| "#{entry.name} comes to #{brief.printer.with_unit(entry.value)}" }
      Check.new(code: CODE, level: :stop,
        says: "#{sizes.join(", ")}: #{takers(brief) || "these readings leave no room for a set"}.",
        do: takers(brief) ? CURE : "Measure again, or take another set.").freeze
    end

    # What was chosen that takes room, with its size.
    #
    # @return [String, nil]
    def self.takers(brief)
      taken = TAKERS.filter_map do |key, name|
        (size = brief.opening[key])&.positive? && "#{name} (#{brief.printer.short(size)})"
      end
      if taken.empty?
        nil
      else
        "#{taken.join(", ")} #{(taken.length == 1) ? "takes" : "take"} the room"
      end
    end
  end
end
