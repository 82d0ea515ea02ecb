# frozen_string_literal: true

module YellowTrack
  module Drawing
    class Responses
      # Of a panel that slides: two hangers.
      # Two hangers raised alike lift the panel, and raised unlike they lean it. Every state is therefore a place in
      # two lists: of the left hanger's counts, and of the difference between right and left.
      class Sliding < Responses
        # Weights of the counts in the number that the leaning list is read by: right less left.
        DIFFERENCE = {"left" => -1, "right" => 1}.freeze

        private

        # The picture moves in two layers, each by its own list of transforms.
        def layers
          [layer("rise", {"left" => 1}, all["left"].counts) { |count| @bench.rise(mm("left", count)) },
            layer("lean", DIFFERENCE, differences("left", "right")) { |count| @bench.lean(mm("left", count)) }]
        end

        # Gaps depend on the difference alone, but the stops on both counts.
        def readings
          counts = differences("left", "right")
          gaps = counts.map { |count| @answer.gaps_after(0r, mm("left", count)) }
          @controls.reading.gap_names.map { |gap|
            output("then-#{gap}", DIFFERENCE, counts.first,
              values: gaps.map { |one| figure(one[gap]) })
          } << limits
        end

        # For each pair of counts, one row after another.
        def limits
          first, second = all.values_at("left", "right")
          wide = second.most - second.least + 1
          values = first.counts.flat_map do |left|
            second.counts.map { |right| @controls.stops("left" => left, "right" => right) }
          end
          output("stops", {"left" => wide, "right" => 1}, first.least * wide + second.least, values:)
        end
      end
    end
  end
end
