# frozen_string_literal: true

module YellowTrack
  module Drawing
    # What the bench shows for every turning of a panel's adjusters, worked out
    # beforehand: a script only looks it up. Each output depends on the
    # adjusters through one whole number, a sum of counts each with its weight.
    # A page turns a screw at once, without asking: for that each thing that changes has the list of all that it can
    # be. `values[Σ count × weight − from]` is what it is now; that is all that the script knows.
    class Responses
      # @return [Hash{Symbol => Class}] by how the panels go
      def self.kinds = @kinds ||= {slide: Sliding, fold: Folding}.freeze

      # @param controls [Adjust::Controls]
      # @return [Responses] of a panel that slides, or of a pair that folds
      def self.of(controls) = kinds.fetch(controls.reading.motion).new(controls)

      # A needle goes round with its screw. @return [String] SVG transform
      def self.needle(controls, name, count) = "rotate(#{count * 90 * controls.way(name)})"

      # @param controls [Adjust::Controls]
      def initialize(controls)
        @controls = controls
        @answer = controls.answer
        @bench = BenchView.of(controls.reading, @answer)
      end

      # @return [Hash] ready for JSON
      def to_h = {controls: ends, outputs: own + layers + readings}

      # The dials alone: what comes of turning them is not told.
      #
      # @return [Hash] ready for JSON
      def dials = {controls: ends, outputs: own}

      private

      # How far each adjuster goes, and what it is called there.
      def ends = all.transform_values { |one| {least: one.least, most: one.most, way: @controls.way(one.name)} }

      # Every adjuster of what hangs.
      def all = @controls.all

      # What so many of its steps move, mm.
      def mm(name, count) = @controls.mm(name, count)

      # One thing that changes: what on the page, by which counts, and the list.
      def output(target, of, from, values:, as: "text") = {target:, as:, of:, from:, values:}

      # Each dial and what stands beside it.
      def own
        all.flat_map do |name, one|
          [output("turned-#{name}", {name => 1}, one.least,
            values: one.counts.map { |count| @controls.words(name, count) }),
            output("at-#{name}", {name => 1}, one.least,
              values: one.counts.map { |count| Adjust::Words.signed(@controls.at(name, count), @controls.printer) }),
            output("needle-#{name}", {name => 1}, one.least,
              values: one.counts.map { |count| Responses.needle(@controls, name, count) }, as: "transform")]
        end
      end

      # A part of the picture that moves as one.
      def layer(name, of, counts, &transform) = output(name, of, counts.first, values: counts.map(&transform),
        as: "layer")

      # All that two adjusters can differ by.
      def differences(less, more) = ((all[more].least - all[less].most)..(all[more].most - all[less].least))

      # A gap as the bench writes it.
      def figure(mm) = Adjust::Words.signed(mm, @controls.printer).delete_prefix("+")
    end
  end
end
