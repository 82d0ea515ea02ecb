# frozen_string_literal: true

module YellowTrack
  module Drawing
    # What the bench shows for every turning of a panel's adjusters, worked out
    # beforehand: a script only looks it up. Each output depends on the
    # adjusters through one whole number, a sum of counts each with its weight.
    class Responses
      MOST = 40 # quarter turns, each way
      SLID = 20 # steps of a slide, each way
      STOPS = {"adjust.range" => "the adjuster's end", "adjust.floor" => "too near the floor", "adjust.head" => "too near the head"}.freeze
      DIFFERENCE = {"left" => -1, "right" => 1}.freeze
      SLIDES = {"top" => 1, "bottom" => -1}.freeze

      # Where one control can go, in its steps from where it stands.
      Control = Struct.new(:name, :least, :most, :step, :at, keyword_init: true) do
        def counts = (least..most)
      end

      # @param hung [Adjust::Hung]
      # @param answer [Adjust::Slider, Adjust::Fold]
      # @param printer [Length::Printer] for mm
      # @param per_turn [Numeric, nil] where it was learnt
      def initialize(hung, answer, printer, kit:, per_turn: nil)
        @hung = hung
        @answer = answer
        @printer = printer
        @kit = kit
        @bench = Bench.of(hung, answer)
        @controls = hung.controls.to_h { |name| [name, control(name, per_turn)] }
      end

      # @return [Hash{String => Control}]
      attr_reader :controls

      # mm that a control was turned by a count of its steps.
      def mm(name, count) = @controls.fetch(name).step * count

      # What a control was turned by, in words: "1¾ turns clockwise".
      def words(name, count)
        return Adjust::Words.turned(@kit, Rational(count.abs, Adjust::QUARTER), count) if @hung.turned?(name)
        return "not moved" if count.zero?

        "#{@printer.with_unit(mm(name, count).abs)} #{direction(name, count)}"
      end

      # Gaps after any turning. @return [Hash{String => Numeric}]
      def gaps(counts)
        by = @controls.keys.map { |name| mm(name, counts.fetch(name)) }
        return @answer.gaps_after(*by) if @hung.kind == :slider

        {"top" => "gt", "bottom" => "gb", "pivot" => "hp", "lead" => "hl"}.transform_values { |key| @answer.gaps_after(*by).fetch(key) }
      end

      # Limits that a turning breaks, in words; nothing for none.
      def stops(counts) = @answer.stops(*@controls.keys.map { |name| mm(name, counts.fetch(name)) }).map { |code| STOPS.fetch(code) }.join(", ")

      # Whether a control rises by turning clockwise (1) or the other way (-1).
      def way(name) = (@hung.turned?(name) && @kit["adjust.raise"] == "anticlockwise") ? -1 : 1

      # A needle goes round with its screw. @return [String] SVG transform
      def needle(name, count) = "rotate(#{count * 90 * way(name)})"

      # @return [Hash] ready for JSON
      def to_h = {controls: controls.transform_values { |one| {least: one.least, most: one.most, way: way(one.name)} }, outputs: own + layers + ((@hung.kind == :slider) ? sliding : folding)}

      # Where a control goes by a count of its steps.
      def direction(name, count)
        return count.positive? ? "up" : "down" unless @hung.kind == :fold && name != "jack"

        count.positive? ? "away from the jamb" : "towards the jamb"
      end

      private

      # How far a control can go; a slide has no end on the kit sheet.
      def control(name, per_turn)
        step, at = @hung.step(name, per_turn), @hung.at(name)
        slides = @hung.kind == :fold && name != "jack"
        least = slides ? -SLID : [((-@kit.fetch("adjust.down") - at) / step).ceil, -MOST].max
        most = slides ? SLID : [((@kit.fetch("adjust.up") - at) / step).floor, MOST].min
        Control.new(name:, least: [least, 0].min, most: [most, 0].max, step:, at:)
      end

      def output(target, of, from, values, as: "text") = {target:, as:, of:, from:, values:}

      # Each dial and what stands beside it.
      def own
        controls.flat_map do |name, one|
          [output("turned-#{name}", {name => 1}, one.least, one.counts.map { |count| words(name, count) }),
            output("at-#{name}", {name => 1}, one.least, one.counts.map { |count| at_words(name, count) }),
            output("needle-#{name}", {name => 1}, one.least, one.counts.map { |count| needle(name, count) }, as: "transform")]
        end
      end

      def at_words(name, count) = Adjust::Words.signed(@controls.fetch(name).at + mm(name, count), @printer)

      def layers
        (@hung.kind == :slider) ? slider_layers : fold_layers
      end

      def slider_layers
        [layer("rise", {"left" => 1}, controls["left"].counts) { |count| @bench.rise(mm("left", count)) },
          layer("lean", DIFFERENCE, differences("left", "right")) { |count| @bench.lean(mm("left", count)) }]
      end

      def fold_layers
        [layer("slide", {"bottom" => 1}, controls["bottom"].counts) { |count| @bench.slide(mm("bottom", count)) },
          layer("rise", {"jack" => 1}, controls["jack"].counts) { |count| @bench.rise(mm("jack", count)) },
          layer("lean", SLIDES, differences("bottom", "top")) { |count| @bench.lean(mm("top", count)) }]
      end

      def layer(name, of, counts, &transform) = output(name, of, counts.first, counts.map(&transform), as: "layer")

      def differences(less, more) = ((controls[more].least - controls[less].most)..(controls[more].most - controls[less].least))

      def sliding
        counts = differences("left", "right")
        gaps = counts.map { |count| @answer.gaps_after(0r, mm("left", count)) }
        @hung.gap_names.map { |gap| output("then-#{gap}", DIFFERENCE, counts.first, gaps.map { |one| figure(one[gap]) }) } << grid("left", "right") { |left, right| stops("left" => left, "right" => right) }
      end

      # For each pair of counts, one row after another.
      def grid(one, other, &shown)
        first, second = controls.values_at(one, other)
        wide = second.most - second.least + 1
        output("stops", {one => wide, other => 1}, first.least * wide + second.least, first.counts.flat_map { |count| second.counts.map { |more| shown.call(count, more) } })
      end

      def folding
        single("top", "gt") { |mm| [mm, 0r, 0r] } + single("bottom", "gb") { |mm| [0r, mm, 0r] } + single("jack", "hp", "pivot") { |mm| [0r, 0r, mm] } + [lead, folding_stops]
      end

      def single(name, key, target = name, &by)
        one = controls.fetch(name)
        [output("then-#{target}", {name => 1}, one.least, one.counts.map { |count| figure(@answer.gaps_after(*by.call(mm(name, count))).fetch(key)) })]
      end

      # Under the head at the lead stile: by the jack, and by how far the slides
      # differ.
      def lead = jacked("then-lead") { |jack, slides| figure(@answer.gaps_after(slides, 0r, jack).fetch("hl")) }

      def folding_stops = jacked("stops") { |jack, slides| @answer.stops(slides, 0r, jack).map { |code| STOPS.fetch(code) }.join(", ") }

      def jacked(target)
        jacks, slides = controls["jack"].counts, differences("bottom", "top")
        wide = slides.last - slides.first + 1
        values = jacks.flat_map { |jack| slides.map { |count| yield(mm("jack", jack), mm("top", count)) } }
        output(target, {"jack" => wide, **SLIDES}, jacks.first * wide + slides.first, values)
      end

      def figure(mm) = Adjust::Words.signed(mm, @printer).delete_prefix("+")
    end
  end
end
