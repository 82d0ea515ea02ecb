# frozen_string_literal: true

module YellowTrack
  module Bench
    # How well the closure finds a slip among honest noise, over random
    # openings with all readings taken, and how often it cries for nothing.
    class Closures
      COUNT = 2_000
      NOISE = 1.0 # mm, standard deviation of every reading
      SLIPS = [12, 20].freeze # mm
      SEED = 20_260
      READINGS = %w[
        widths.top widths.bottom heights.left heights.right diagonals.rising diagonals.falling
        leans.left leans.right floor
      ].freeze

      # @return [Array<String>] a line of figures each
      def call
        @random = Random.new(SEED)
        [*SLIPS.map { |slip| found(slip) }, alarms("false alarms, all readings") {
          MadeUpOpening.new(@random,
            fall: 3)
        },
          alarms("false alarms, leans but no floor, on 5 mm of fall") {
            MadeUpOpening.new(@random, fall: 5,
              floor: false)
          }]
      end

      private

      # A slip in one reading, each in turn.
      def found(slip)
        hits = Array.new(COUNT) do |turn|
          reading = READINGS[turn % READINGS.length]
          closure = MadeUpOpening.new(@random, fall: 3).closure(reading, (turn.even? ? 1 : -1) * slip)
          [closure.suspects.any?, closure.suspects.include?(reading)]
        end
        format("%-52s found %5.1f %%   true one among the suspects %5.1f %%", "slip of #{slip} mm in any one reading",
          *hits.transpose.map { |list| share(list) })
      end

      def alarms(name)
        format("%-52s %5.1f %%", name, share(Array.new(COUNT) { yield.closure.suspects.any? }))
      end

      def share(list) = 100.0 * list.count(true) / list.length

      # A true shape, and readings taken off it with noise.
      class MadeUpOpening
        # @param fall [Numeric] the floor's, at the right jamb, mm at most
        # @param floor [Boolean] whether it is read
        def initialize(random, fall:, floor: true)
          @random = random
          @floor = floor
          width, height = random.rand(700.0..2600.0), random.rand(1950.0..2450.0)
          off = -> { random.rand(-4.0..4.0) }
          @br = [width, floor ? random.rand(-fall.to_f..fall) : fall.to_f]
          @tl = [off.call, height]
          @tr = [width + off.call, height + off.call]
        end

        # The closure of its readings, one of them out by a slip.
        def closure(slipped = nil, slip = 0)
          read = true_readings.to_h { |key, value| [key, noisy(value) + ((key == slipped) ? slip : 0)] }
          Survey::Closure.new(Survey.new(survey(read)))
        end

        private

        def true_readings
          {"widths.top" => apart(@tl, @tr), "widths.bottom" => Math.hypot(*@br), "heights.left" => Math.hypot(*@tl),
           "heights.right" => apart(@br, @tr), "diagonals.rising" => Math.hypot(*@tr),
           "diagonals.falling" => apart(@tl, @br),
           "leans.left" => @tl[0], "leans.right" => @tr[0] - @br[0], "floor" => @br[1]}
        end

        def survey(read)
          groups = read.except("floor").each_with_object({}) do |(key, value), made|
            group, name = key.split(".")
            (made[group] ||= {})[name] = value.round(2).rationalize
          end
          groups["widths"]["middle"] = groups["widths"]["top"]
          groups["heights"]["middle"] = groups["heights"]["left"]
          @floor ? groups.merge("floor" => [[0r, 0r],
            [groups["widths"]["bottom"], read["floor"].round(2).rationalize]]) : groups
        end

        def apart(from, to) = Math.hypot(to[0] - from[0], to[1] - from[1])

        # Normally distributed about the true value.
        def noisy(value)
          value + NOISE * Math.sqrt(-2 * Math.log(1 - @random.rand)) * Math.cos(2 * Math::PI * @random.rand)
        end
      end
    end
  end
end
