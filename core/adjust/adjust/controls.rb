# frozen_string_literal: true

module YellowTrack
  module Adjust
    # What can be turned or slid of a hung panel, in whole steps: how far each
    # control goes, what is suggested, and what any turning comes to (handbook 8,
    # "The bench").
    class Controls
      MOST = 40 # quarter turns, each way
      SLID = 20 # steps of a slide that has no end, each way at least
      STOPS = {"adjust.range" => "the adjuster's end", "adjust.floor" => "too near the floor",
               "adjust.head" => "too near the head"}.freeze
      NAMES = {"top" => "top pivot", "bottom" => "bottom pivot", "jack" => "jack"}.freeze

      # Where one control can go, in its steps from where it stands.
      Control = Struct.new(:name, :least, :most, :step, :at, keyword_init: true) do
        # @return [Range] whole turns or steps that it can be given from where it stands
        def counts = (least..most)
      end

      # @return [Hash{Symbol => Class}] by how the panels go
      def self.kinds = {slide: Sliding, fold: Folding}

      # Those of a panel that slides, or of a pair that folds.
      #
      # @param reading [Reading]
      # @param answer [Slider, Fold]
      # @param printer [Length::Printer] for mm
      # @param per_turn [Numeric, nil] where it was learnt
      def self.of(reading, answer, printer, per_turn: nil)
        kinds.fetch(reading.motion).new(reading, answer, printer, per_turn:)
      end

      # @return [Reading]
      attr_reader :reading
      # @return [Slider, Fold]
      attr_reader :answer
      # @return [Length::Printer]
      attr_reader :printer
      # @return [Hash{String => Control}]
      attr_reader :all

      # @param per_turn [Rational, nil] mm that a turn does here, where it was learnt
      def initialize(reading, answer, printer, per_turn: nil)
        @reading, @answer, @printer = reading, answer, printer
        steps = reading.controls.to_h { |name| [name, reading.step(name, per_turn)] }
        @asked = answer.counts(steps)
        @all = steps.to_h { |name, step| [name, control(name, step)] }.freeze
        freeze
      end

      # What is suggested, as counts of each control's steps, as far as it goes.
      #
      # @return [Hash{String => Integer}]
      def suggested = all.to_h { |name, one| [name, @asked.fetch(name).clamp(one.least, one.most)] }

      # Counts as far as the controls go.
      #
      # @param counts [Hash{String => Integer, nil}]
      def within(counts) = all.to_h { |name, one| [name, (counts[name] || 0).clamp(one.least, one.most)] }

      # mm that a control was turned by a count of its steps.
      def mm(name, count) = all.fetch(name).step * count

      # mm that each was turned by.
      #
      # @return [Hash{String => Numeric}]
      def turned(counts) = all.keys.to_h { |name| [name, mm(name, counts.fetch(name))] }

      # Where a control stands then, mm from mid.
      def at(name, count) = all.fetch(name).at + mm(name, count)

      # What a control was turned by, in words: "1¾ turns clockwise".
      def words(name, count)
        return Words.turned(reading.kit, Rational(count.abs, QUARTER), count) if reading.turned?(name)

        count.zero? ? "not moved" : "#{printer.with_unit(mm(name, count).abs)} #{direction(name, count)}"
      end

      # What a control of a kit is called.
      def self.name_of(kit, name) = NAMES[name] || "#{name} #{Adjust.carrier(kit)}"

      # Where a control goes by a count of its steps.
      def direction(_name, count) = count.positive? ? "up" : "down"

      # Whether a control rises by turning clockwise (1) or the other way (-1).
      def way(name) = (reading.turned?(name) && reading.kit["adjust.raise"] == "anticlockwise") ? -1 : 1

      # Limits that a turning breaks, in words; nothing for none.
      def stops(counts) = answer.stops(*turned(counts).values).map { |code| STOPS.fetch(code) }.join(", ")

      private

      # As far as its range goes; what has no end goes as far as is asked.
      def control(name, step)
        at, range, asked = reading.at(name), reading.range(name), @asked.fetch(name)
        least, most = range ? steps_within(range, at, step) : [[-SLID, asked].min, [SLID, asked].max]
        Control.new(name:, least: [least, 0].min, most: [most, 0].max, step:, at:).freeze
      end

      def steps_within((down, up), at, step)
        [[((down - at) / step).ceil, -MOST].max, [((up - at) / step).floor, MOST].min]
      end
    end
  end
end
