# frozen_string_literal: true

require "forwardable"

module YellowTrack
  # What comes off a slab, or is put on it, to make the panel of the plan
  # (handbook 7, "Altering a panel"). All in mm; without a slab there is
  # nothing to say.
  class Alter
    PLANED_BACK = 3 # a lipping is left this much too long
    FOOT = 28 # solid block at the foot of a hollow core panel
    FOOT_KEPT = 10
    STILE_KEPT = 45
    HOLLOW_STILE_KEPT = 30
    LIPPING_MOST = 60

    # What a panel is inside: hollow; known, whether anything is said of it: if not, the severer of two rules is taken;
    # groove, depth of one in its foot, mm or nil.
    Inside = Struct.new(:hollow, :known, :groove)

    # What comes off, and is glued on, mm; nil where nothing is sawn.
    Off = Struct.new(:width, :height, :lipping)

    extend Forwardable

    def_delegators :@off, :height, :width, :lipping

    # @param brief [Brief]
    # @param inside [Inside]
    # @param width [Rational] of the panel
    # @param height [Rational] of the panel
    def initialize(brief, inside, width:, height:)
      @brief, @inside = brief, inside
      @panel = {width:, height:}
      @off = slab? ? off : Off.new
      freeze
    end

    # Whether panels are sawn from something larger: a height alone is none.
    def slab? = !slab("width").nil? && (fixed? || !slab("height").nil?)

    # Whether the panels come in a height that is not cut (handbook 15).
    def fixed? = !@brief.opening["height"].nil?

    # Whether there is a frame inside that must be left.
    def hollow? = @inside.hollow

    # Whether a solid block at its foot is to be minded.
    def block? = hollow? || !@inside.known

    # A measure of the slab: "width", "height", "foot", "stile".
    def slab(key) = @brief.opening["slab.#{key}"]

    # What is left of the solid block at the foot; nil where there is none to
    # mind.
    def foot_left = block? ? (slab("foot") || FOOT) - height : nil

    # Depth of a groove that goes through what is left of the solid block; nil where none does.
    #
    # @return [Rational, nil]
    def groove_through = @inside.groove&.then { |groove| groove if foot_left && groove >= foot_left }

    # What is left of each stile, nil where its width is not known.
    def stile_left = slab("stile") && slab("stile") - width / 2

    # @return [Rational] mm that are left of a stile (handbook 14)
    def stile_least = hollow? ? HOLLOW_STILE_KEPT : STILE_KEPT

    # How much narrower than the panel the slab is, 0 if it is not.
    def short = [@panel[:width] - slab("width"), 0r].max

    # Whether the door goes in as it came.
    def as_it_is? = height.zero? && width.zero? && lipping.zero? && short.zero?

    # @return [Array<Hash>] what is sawn, planed or lipped, in the order of the work
    def parts = if slab?
                  {alter: fixed? ? {width:} : {height:, width:, lipping:}}
                else
                  {}
                end

    # @return [Array<Check>] none where the doors come as they hang
    def checks = slab? ? Checks.new(self, @brief.printer).found : []

    private

    def off
      width = sum("width", "Off the width", "most(slab − panel, 0)", side: :width, why: "The same from both edges.")
      return Off.new(width, 0r, 0r) if fixed?

      height = sum("height", "Off the foot", "most(slab − panel, 0)", side: :height,
        why: "From the bottom, unless the rail there would be under its least.")
      Off.new(width, height, lip)
    end

    def lip
      unless slab("height") < @panel[:height]
        return @brief.work.given("alter.lipping", "Lipping", 0r, from: :handbook, why: "The slab is long enough.")
      end

      @brief.work.sum("alter.lipping", "Lipping", "panel − slab + planed back", panel: @panel[:height],
        slab: slab("height"),
        planed_back: PLANED_BACK.to_r, why: "Planed back after the glue is dry.")
    end

    def sum(key, name, formula, side:, why:)
      @brief.work.sum("alter.#{key}", name, formula, slab: slab(side.to_s), panel: @panel[side], why:)
    end
  end
end
