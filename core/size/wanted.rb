# frozen_string_literal: true

module YellowTrack
  # The opening that ready doors want (handbook 15, "Doors first"): the finished
  # opening's width and height above the finished floor, each least, design and
  # most, and the rough one before its linings. Design figures are the fitter's
  # where he gave any; packing stands in it and is added. All in mm.
  class Wanted
    RANGE = %i[least design most].freeze
    LINING = 20r # thickness, where nothing is said
    ROUND_LINING = 10r # room beside a lining, to set it plumb
    NEEDED = {"set.width" => "width", "set.height" => "height"}.freeze # of the panels

    # The opening that a set of given panels wants.
    #
    # @param set [Family]
    # @return [Wanted, nil] nil where the panels' sizes are not both given
    def self.of(set) = given?(set.opening) ? new_for(set.opening, set.work) : nil

    # @param opening [Opening] with both sizes of its panels
    # @param work [Working]
    def self.new_for(opening, work) = Sets.of(opening.kit).wanted.new(opening, work)

    # Whether all that is wanted has been said.
    def self.given?(opening) = NEEDED.values.all? { |key| opening[key] }

    # @return [Hash{Symbol => Rational}]
    attr_reader :width, :height
    # @return [Hash{Symbol => Rational}, nil] width and height; nil where the set
    #   has a frame of its own
    attr_reader :rough

    # @param opening [Opening] of the framer's sheet
    def initialize(opening, work)
      @opening, @work = opening, work
      @width = range("width", widths)
      @height = range("height", heights)
      @rough = before_linings
      freeze
    end

    # The plan file's "frame".
    #
    # @param depth [Rational, nil] that the set needs
    def to_h(depth) = {width:, height:, depth:, **(rough ? {rough:} : {})}

    private

    attr_reader :opening, :work

    def kit = opening.kit

    # A figure of the fitter's, else the kit's.
    def figure(choice, key) = opening[choice] || kit.fetch(key)

    def panel = opening["width"]

    def packing(place) = opening["packing.#{place}"] || 0r

    def sides_packed = {left_packing: packing("left"), right_packing: packing("right")}

    def gap_range
      {least: kit.fetch("gap.least"), design: figure("gap", "gap.design"), most: kit.fetch("gap.most")}
    end

    # Works out each of the three by a formula and its values.
    def range(side, (formula, values))
      RANGE.to_h do |name|
        [name, sum("#{side}.#{name}", "Opening's #{side}, #{name}", "most(#{formula}, 0)", **values.fetch(name))]
      end
    end

    # The panels' height, and what is above and below it.
    def heights
      formula = "panel + above + gap + head packing"
      [formula, gap_range.transform_values { |gap|
        {panel: opening["height"], above:, gap:,
         head_packing: packing("head")}
      }]
    end

    def before_linings
      lining = {lining: opening["lining"] || LINING, round: ROUND_LINING}
      {width: sum("rough.width", "Rough opening, width", "design + 2 × (lining + round)", design: width[:design],
        **lining),
       height: sum("rough.height", "Rough opening, height", "design + lining + round", design: height[:design],
         **lining)}
    end

    def sum(key, title, formula, **values)
      work.sum("frame.#{key}", title, formula, why: "What these doors want to be built.", **values)
    end
  end
end
