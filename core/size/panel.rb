# frozen_string_literal: true

module YellowTrack
  # One panel as it stands in a plan, closed. Lengths in mm, weight in kg.
  #
  # x       its left edge from the left jamb's foot
  # rollers roller centres from its left edge
  # gap     Gap under it where it stands closed; travel_gap over its travel
  # travel  [least, most] its left edge can go to
  Panel = Struct.new(:name, :lane, :x, :width, :height, :thickness, :weight, :hands, :rollers, :gap, :travel_gap,
    :travel, :holes,
    keyword_init: true) do
    # @return [Rational] mm from the left jamb to its right edge, when all is shut
    def right = x + width

    # What stands in the plan file.
    def to_h = super.except(:travel).compact
  end
end
