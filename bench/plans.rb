# frozen_string_literal: true

module YellowTrack
  module Bench
    # How long a plan of each family takes, with its working, and with every sum
    # written out for a file.
    class Plans
      COUNT = 300
      SETS = {
        "bypass" => {"kit" => "twin-42", "panels" => 2, "pattern" => [2, 1], "thickness" => "35"},
        "bifold" => {"kit" => "fold-34", "panels" => 4, "thickness" => "35", "half_jamb" => {"thickness" => "20"}},
        "pocket" => {"kit" => "pocket-90", "thickness" => "35"}
      }.freeze

      # @return [Hash{String => Opening}] one of each family
      def self.openings
        demo = Store::Document.parse(File.read("#{ROOT}/demo/osier-weir/b-bunk-room-2.json"))
        SETS.to_h { |family, set| [family, Files::Shelf.opening(demo.with("set", set.merge("family" => family)).to_h)] }
      end

      # @return [Array<String>] a line of figures each
      def call
        openings = Plans.openings
        openings.flat_map { |family, opening| plan(family, opening) } + [closure(openings["bypass"])]
      end

      private

      def plan(family, opening)
        made = Timing.times(COUNT) { Plan.of(opening) }
        [Timing.line("#{family} plan with its working", made),
          "#{" " * 35}#{(1000 / Timing.median(made)).round} plans a second",
          Timing.line("the same as a plan file", Timing.times(COUNT) { Plan.of(opening).to_h })]
      end

      def closure(opening) = Timing.line("closure", Timing.times(COUNT) { Survey::Closure.new(opening.survey) })
    end
  end
end
