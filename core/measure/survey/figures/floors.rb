# frozen_string_literal: true

module YellowTrack
  class Survey
    class Figures
      # The floor along the opening, and the covering that is still to come (handbook 2), mm.
      class Floors
        # @return [Rational] today's high point, how far it falls, and the finished floor's high point
        attr_reader :high, :fall, :finished

        # @param survey [Survey] complete
        # @param work [Working] the ledger to write in
        def initialize(survey, work)
          @survey, @floor = survey, survey.floor
          rises = floor.rises(0r, width)
          cover(work)
          @high = rises.max
          @fall = fall_of(rises, work)
          @finished = work.sum("survey.floor_high", "Finished floor's high point, Fh", "most(rises) + covering",
            rises:, covering:, from: :survey, why: "A panel must pass it.")
        end

        # @return [Rational] covering to come
        def covering = @survey.covering

        # @return [Rational] length of it: the width at the bottom
        def width = @survey["widths.bottom"]

        # Rise at a place above the datum.
        def at(x) = floor.at(x)

        # Rises at every place where it can be highest or lowest from one to another.
        def rises(from, to) = floor.rises(from, to)

        # Whether anybody laid a level along it.
        def read? = floor.read?

        private

        attr_reader :floor

        def cover(work)
          work.given("survey.covering", "Covering to come, C", covering, from: :survey,
            why: "Its thickness while it is not laid, else nothing.", source: "survey.covering.thickness")
        end

        # What was not read is no sum.
        def fall_of(rises, work)
          unless floor.read?
            return work.given("survey.floor_fall", "Floor fall", 0r, from: :handbook,
              why: "Not read: it counts as none.")
          end

          work.sum("survey.floor_fall", "Floor fall", "most(rises) − least(rises)", rises:, from: :survey,
            why: "Highest spot less lowest between the jambs.")
        end
      end
    end
  end
end
