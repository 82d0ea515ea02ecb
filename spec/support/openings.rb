# frozen_string_literal: true

# Openings for specs: one to start from, and random ones.
module Openings
  SURVEY = {
    "widths" => {"top" => 1808, "middle" => 1809, "bottom" => 1812},
    "heights" => {"left" => 2243, "middle" => 2240, "right" => 2244},
    "diagonals" => {"rising" => 2886, "falling" => 2879},
    "leans" => {"left" => 2, "right" => -2},
    "floor" => [[0, 0], [900, 3], [1812, 4]],
    "depth" => 124,
    "covering" => {"thickness" => 0, "laid" => true}
  }.freeze

  SET = {"family" => "bypass", "kit" => "twin-42", "panels" => 2, "pattern" => [2, 1], "thickness" => 30,
         "makeup" => [{"material" => "hollow core"}]}.freeze

  # An opening file with some of its keys changed.
  #
  # @param changes [Hash{String => Object}] by dotted key, as in "set.lap"
  def document(units: "mm", **changes)
    start = {"format" => "yellow-track/opening", "version" => 1, "name" => "Bunk room", "units" => units,
             "survey" => SURVEY, "set" => SET}
    changes.reduce(YellowTrack::Store::Document.new(start)) { |made, (key, value)| made.with(key, value) }.to_h
  end

  def opening(**changes) = YellowTrack::Files::Shelf.opening(document(**changes))

  def plan(**changes) = YellowTrack::Plan.of(opening(**changes))

  # Codes of a plan's checks, each with its level.
  def codes(plan) = plan.checks.to_h { |check| [check.code, check.level] }

  # A plausible opening: true corners, and readings taken off them.
  #
  # @param random [Random]
  # @param noise [Float] largest error of each reading, mm
  def random_document(random, noise: 0.0)
    corners = random_corners(random)
    {"format" => "yellow-track/opening", "version" => 1, "units" => "mm", "survey" => readings(corners, random, noise),
     "set" => SET.merge(random_choices(random))}
  end

  private

  def random_corners(random)
    width, height = random.rand(900.0..3000.0), random.rand(1900.0..2400.0)
    off = -> { random.rand(-4.0..4.0) }
    {br: [width, off.call], tl: [off.call, height], tr: [width + off.call, height + off.call]}
  end

  def readings(corners, random, noise)
    read = ->(value) { (value + random.rand(-noise..noise)).round(1) }
    (xb, yb), (xl, yl), (xr, yr) = corners.values_at(:br, :tl, :tr)
    {
      "widths" => {"top" => read.call(Math.hypot(xr - xl, yr - yl)), "middle" => read.call((xb + xr - xl) / 2),
                   "bottom" => read.call(Math.hypot(xb, yb))},
      "heights" => {"left" => read.call(Math.hypot(xl, yl)), "middle" => read.call((yl + yr - yb) / 2),
                    "right" => read.call(Math.hypot(xr - xb, yr - yb))},
      "diagonals" => {"rising" => read.call(Math.hypot(xr, yr)), "falling" => read.call(Math.hypot(xb - xl, yb - yl))},
      "leans" => {"left" => read.call(xl), "right" => read.call(xr - xb)},
      "floor" => [[0, 0], [xb.round(1), read.call(yb)]]
    }
  end

  def random_choices(random)
    {"lap" => random.rand(22..60), "gap" => random.rand(6..14), "bumper" => random.rand(0..8),
     "thickness" => random.rand(18..36),
     "fit" => %w[follow plumb].sample(random:),
     "packing" => {"left" => random.rand(0..20), "right" => random.rand(0..20)}}
  end
end
