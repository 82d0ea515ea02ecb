# frozen_string_literal: true

module YellowTrack
  module Web
    module Measure
      # An opening that is built for its doors: what was asked to be built, and how
      # what stands differs from it.
      class Planned
        # @param screen [Screen]
        # @return [Planned, nil] nil where the doors' sizes are not both given
        def self.of(screen)
          opening = screen.opening.opening
          new(screen, YellowTrack::Wanted.new_for(opening, Working.new)) if YellowTrack::Wanted.given?(opening)
        rescue Fault
          nil
        end

        # @param wanted [Wanted] the opening that its doors want
        def initialize(screen, wanted)
          @screen, @wanted = screen, wanted
        end

        # Whether nothing of it was read yet.
        def still? = @screen.survey.planned?

        # The width that was asked for, and what was read.
        def width = told(@wanted.width)

        # The same of the height.
        def height = told(@wanted.height)

        # The rough opening before linings; nil for a set with a frame of its own.
        def rough = @wanted.rough && %i[width height].map { |side| printer.short(@wanted.rough[side]) }.join(" × ")

        # How what stands differs from what was asked.
        #
        # @return [Array<String>]
        def differs
          return [] if still? || @screen.plan.nil?

          figures = @screen.plan.figures
          [off(%w[wider narrower], figures.tightest_width, @wanted.width),
            off(%w[higher lower], figures.level_height, @wanted.height)].compact
        end

        private

        def printer = @screen.opening.printer

        def told(range)
          exact = range[:least] == range[:most]
          [printer.text(range[:design]), exact ? "exactly" : "#{printer.range(range[:least], range[:most])} will do"]
        end

        def off(words, stands, range)
          by = stands - range[:design]
          return if by.abs < 1

          within = stands.between?(range[:least], range[:most]) ? "which will do" : "and that will not do"
          "#{printer.with_unit(by.abs)} #{by.positive? ? words.first : words.last} than asked, #{within}"
        end
      end
    end
  end
end
