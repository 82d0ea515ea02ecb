# frozen_string_literal: true

# Every family and support, as random sets for random openings, for the suite
# that all of them run through.
module Kinds
  HALF_JAMB = {"half_jamb" => {"thickness" => 22}}.freeze

  ALL = {
    "top-hung pair" => {"kit" => "twin-42", "panels" => 2},
    "top-hung, bi-parting" => {"kit" => "quad-42", "panels" => 4},
    "top-hung on three lanes" => {"kit" => "tri-38", "panels" => 3},
    "bottom-rolling pair" => {"kit" => "roll-36", "panels" => 2, "base_strip" => 12},
    "wall-hung, one panel" => {"kit" => "bar-1", "panels" => 1},
    "wall-hung, a pair that parts" => {"kit" => "bar-1", "panels" => 2},
    "wall-hung, lapping" => {"kit" => "bar-3", "panels" => 3},
    "bifold, one pair" => {"kit" => "fold-34", "panels" => 2},
    "bifold behind half jambs" => {"kit" => "fold-20", "panels" => 2, **HALF_JAMB},
    "bifold, two pairs" => {"kit" => "fold-34", "panels" => 4, **HALF_JAMB, "casing" => {"width" => 60}},
    "pocket, single" => {"kit" => "pocket-90", "leaves" => 1},
    "pocket, double" => {"kit" => "pocket-90", "leaves" => 2, "nib" => 15}
  }.freeze

  # An opening file of a kind for a random opening.
  def document_of(kind, random, noise: 1.0)
    given = random_document(random, noise:)
    set = ALL.fetch(kind)
    kit = YellowTrack::Files::Shelf.kits.fetch(set["kit"])
    thin, thick = kit["thickness"].map(&:to_i)
    free = given["set"].slice("packing", "bumper", "fit")
      .merge("gap" => random.rand(8..12), "thickness" => random.rand(thin..thick),
        "makeup" => [{"material" => "hollow core"}], "opens" => %w[left right].sample(random:),
        "hand" => %w[left right].sample(random:),
        "slab" => {"width" => 900, "height" => 2200, "stile" => 90})
    given.merge("set" => free.merge(set, "family" => kit.family))
  end

  # The same opening seen in a mirror, its set with it. Readings along the
  # floor are from the other jamb's foot.
  def mirrored(document)
    survey, set = document["survey"], document["set"]
    foot = survey["widths"]["bottom"]
    document.merge(
      "survey" => survey.merge("heights" => swapped(survey["heights"]),
        "leans" => swapped(survey["leans"]).transform_values { |lean| -lean },
        "diagonals" => survey["diagonals"].values_at("falling", "rising")
          .then { |rising, falling| {"rising" => rising, "falling" => falling} },
        "floor" => survey["floor"].map { |x, rise| [(foot - x).round(1), rise] }.reverse,
        "bays" => (survey["bays"] || []).map { |from, to| [(foot - to).round(1), (foot - from).round(1)] }),
      "set" => set.merge("packing" => swapped(set["packing"]), "opens" => other(set["opens"]),
        "hand" => other(set["hand"]),
        "pattern" => set["pattern"]&.reverse)
    )
  end

  def swapped(pair) = pair.merge("left" => pair["right"], "right" => pair["left"])

  def other(side) = (side == "left") ? "right" : "left"

  def plan_of(document) = YellowTrack::Plan.of(YellowTrack::Files::Shelf.opening(document))
end
