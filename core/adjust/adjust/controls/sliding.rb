# frozen_string_literal: true

module YellowTrack
  module Adjust
    class Controls
      # Of a panel that slides: two hangers.
      class Sliding < Controls
        # Gaps after any turning. @return [Hash{String => Numeric}]
        def gaps(counts) = answer.gaps_after(*turned(counts).values)

        # A bracket in a slot goes the other way than the panel's side.
        def words(name, count)
          return super if reading.turned?(name) || count.zero?

          by, raised = printer.with_unit(mm(name, count).abs), count.positive?
          "#{raised ? "raise" : "lower"} this side #{by}: loosen, " \
            "#{raised ? "let the bracket down" : "lift the bracket"} " \
            "#{by} in its slot, tighten"
        end

        # The answer's sums, and what a turning leaves of the taper.
        #
        # @return [Array<Working::Entry>]
        def sums(counts)
          by = turned(counts)
          after = Working.new
          answer.left_over(after, by.fetch("right") - by.fetch("left")) if answer.advice
          answer.work.entries + after.entries
        end

        # Corners and neighbours' tops that were read move with the panel.
        #
        # @return [Hash{String => Hash{String => Numeric}}]
        def moved(counts)
          by = turned(counts).values
          {"floor" => answer.floor_after((reading.read["floor"] || {}).compact, *by), "tops" => answer.tops_after(*by)}
            .reject do |_, read|
            read.empty?
          end
        end

        # What such a move can teach of the screws, once its gaps are read.
        #
        # @return [Hash{String => Numeric}] see Learnt::Made
        def lesson(counts)
          return {} unless reading.turned?("left")

          {"turns" => Rational(counts["right"] - counts["left"], QUARTER), "taper" => answer.taper_at_right,
           "spacing" => answer.spacing,
           "height" => reading.panel.height}
        end
      end
    end
  end
end
