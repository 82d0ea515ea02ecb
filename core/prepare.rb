# frozen_string_literal: true

module YellowTrack
  # What an opening needs before its set goes in (handbook 7), as far as the
  # opening file says it: packing of the jambs, shims of a base strip, half
  # jambs and casing, a head to build down.
  class Prepare
    # @param set [Family] sized
    def initialize(set)
      @set = set
      @parts = {packing:, base_strip:, built_down:, half_jamb:, casing:}.compact.freeze
    end

    # The plan file's "prepare".
    def to_h = @parts

    private

    attr_reader :set

    def opening = set.opening

    # Layers of each jamb's packing; nil without any.
    def packing
      sides = %w[left right].select { |side| set.sizing.packing(side).positive? }
      return if sides.empty?

      sides.to_h { |side| [side.to_sym, build_up(side).to_h] }
    end

    def build_up(side)
      thickness = set.sizing.packing(side)
      set.work.given("prepare.packing.#{side}", "Packing, #{side}", thickness, from: :fitter, source: "set.packing.#{side}",
        why: "Made up from stock, never over it.")
      BuildUp.new(thickness)
    end

    # Shims under a floor rail's base strip; nil without one.
    def base_strip
      strip = opening["base_strip"]
      return unless strip&.positive? && set.kit.support == "bottom-rolling"

      BaseStrip.new(set.brief, *set.sizing.jambs).stations.map(&:to_h)
    end

    # What has to be built down for the kit's tallest panel; nil where it need
    # not be.
    def built_down
      too_tall = set.height - set.kit.fetch("tallest")
      return unless too_tall.positive?

      {height: set.work.sum("prepare.built_down.height", "Head to build down", "height − tallest", height: set.height,
        tallest: set.kit.fetch("tallest"), why: "So that the kit's tallest panel fits.")}
    end

    def half_jamb
      return unless set.is_a?(Bifold) && set.half_jamb

      HalfJamb.new(set).to_h
    end

    def casing
      width = opening["casing.width"]
      width && Casing.new(set, width).to_h
    end
  end
end
