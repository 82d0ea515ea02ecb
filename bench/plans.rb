# frozen_string_literal: true

module YellowTrack
  module Bench
    # How long a plan takes, with its working, and with every sum written out.
    class Plans
      COUNT = 500

      # @return [Array<String>] a line of figures each
      def call
        opening = Data::Shelf.opening(Store::Document.parse(File.read("#{ROOT}/demo/osier-weir/b-bunk-room-2.json")).to_h)
        plan = Timing.times(COUNT) { Plan.of(opening) }
        written = Timing.times(COUNT) { Plan.of(opening).to_h }
        closure = Timing.times(COUNT) { Survey::Closure.new(opening.survey) }
        [Timing.line("bypass plan with its working", plan), "#{" " * 35}#{(1000 / Timing.median(plan)).round} plans a second",
          Timing.line("the same as a plan file", written), Timing.line("closure", closure)]
      end
    end
  end
end
