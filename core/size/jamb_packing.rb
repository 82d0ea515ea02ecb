# frozen_string_literal: true

module YellowTrack
  # How far the jambs of a set inside an opening are to be packed (handbook 15,
  # "Packing, as a range"): the range that ready-made panels leave, and how each
  # jamb's packing tapers where the set is sized plumb. All in mm.
  class JambPacking
    # @return [Hash{Symbol => Rational}, nil] least, design and most in all; nil
    #   where nothing asks for it
    attr_reader :range
    # @return [Hash{Symbol => Hash{Symbol => Rational}}, nil] left and right, at the
    #   bottom and at the top
    attr_reader :at

    # @param set [Family] sized
    # @param range [Hash{Symbol => Rational}, nil]
    def initialize(set, range = nil)
      @set, @range = set, range
      @at = tapered if set.sizing.between_plumb_lines?
      freeze
    end

    # The plan file's "packing"; nothing where there is none.
    def parts
      found = {**(range || {}), **(at ? {at:} : {})}
      found.empty? ? {} : {packing: found}
    end

    private

    def tapered
      left, right = @set.brief.figures.lean(:left), @set.brief.figures.lean(:right)
      start, finish = @set.sizing.jambs
      foot = @set.brief.survey["widths.bottom"]
      {left: {bottom: sum("left.bottom", "left jamb, bottom", "start", start:),
              top: sum("left.top", "left jamb, top", "start − lean", start:, lean: left)},
       right: {bottom: sum("right.bottom", "right jamb, bottom", "foot − run end", foot:, run_end: finish),
               top: sum("right.top", "right jamb, top", "foot + lean − run end", foot:, lean: right, run_end: finish)}}
    end

    def sum(key, where, formula, **values)
      @set.work.sum("packing.at.#{key}", "Packing at the #{where}", formula, **values,
        why: "From the jamb to where the set hangs plumb.")
    end
  end
end
