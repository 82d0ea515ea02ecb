# frozen_string_literal: true

module YellowTrack
  module Drawing
    class Responses
      # Of a pair that folds: two slides and a jack.
      # Two slides move the pair's foot and head along the jamb, and a jack lifts it at the pivot. Slid alike it moves
      # aside, slid unlike it leans; under the lead stile the jack and the leaning add up.
      class Folding < Responses
        # Weights of the counts in the number that the leaning list is read by: top less bottom.
        SLIDES = {"top" => 1, "bottom" => -1}.freeze

        private

        # The picture moves in three layers: aside, up, and leaning.
        def layers
          [layer("slide", {"bottom" => 1}, all["bottom"].counts) { |count| @bench.slide(mm("bottom", count)) },
            layer("rise", {"jack" => 1}, all["jack"].counts) { |count| @bench.rise(mm("jack", count)) },
            layer("lean", SLIDES, differences("bottom", "top")) { |count| @bench.lean(mm("top", count)) }]
        end

        # What an adjuster moves alone has a list by its own count; lead and stops have one by jack and slides
        # together.
        def readings
          single("top", "gt") { |mm| [mm, 0r, 0r] } + single("bottom", "gb") { |mm| [0r, mm, 0r] } +
            single("jack", "hp", "pivot") { |mm| [0r, 0r, mm] } + [lead, limits]
        end

        # A gap that answers to one adjuster: a list as long as that has counts.
        def single(name, key, target = name, &by)
          one = all.fetch(name)
          [output("then-#{target}", {name => 1}, one.least,
            values: one.counts.map { |count| figure(@answer.gaps_after(*by.call(mm(name, count))).fetch(key)) })]
        end

        # Under the head at the lead stile: by the jack, and by how far the slides
        # differ.
        def lead = jacked("then-lead") { |jack, slides| figure(@answer.gaps_after(slides, 0r, jack).fetch("hl")) }

        # In words, as the page says them: which adjuster is at its end.
        def limits
          jacked("stops") do |jack, slides|
            @answer.stops(slides, 0r, jack).map { |code| Adjust::Controls::STOPS.fetch(code) }.join(", ")
          end
        end

        # A list by two numbers, one row after another: the jack's counts, each with every difference of the slides.
        def jacked(target)
          jacks, slides = all["jack"].counts, differences("bottom", "top")
          wide = slides.last - slides.first + 1
          values = jacks.flat_map { |jack| slides.map { |count| yield(mm("jack", jack), mm("top", count)) } }
          output(target, {"jack" => wide, **SLIDES}, jacks.first * wide + slides.first, values:)
        end
      end
    end
  end
end
