# frozen_string_literal: true

module YellowTrack
  module Desk
    # The record of an opening, a house or a kit: what was taken beside what was planned,
    # and what it teaches (handbook 10).
    class Record
      MOST = 40 # openings that are looked at
      CUTS = 200 # pieces that are looked at, the latest

      # @param openings [Array<Opening>]
      def initialize(openings)
        @openings = openings
      end

      # Of the same house, without the one in hand.
      #
      # @param opening [Opening]
      def self.of_house(opening)
        rows = opening.book.openings.of(opening.row.job_id, most: MOST).reject { |row| row.id == opening.id }
        new(rows.map { |row| KeptOpening.new(opening.book, row, rules: opening.rules) })
      end

      # Of openings with a kit.
      #
      # @param book [Store::Book]
      # @param kit [String] its id
      def self.of_kit(book, kit) = new(book.openings.with_kit(kit, most: MOST).map { |row| KeptOpening.new(book, row) })

      # What was taken, by opening; those of which nothing was are left out.
      #
      # @return [Array<Array(Opening, Array<AsBuilt::Item>)>]
      def items = @items ||= @openings.map { |one| [one, taken(one)] }.reject { |_, list| list.empty? }

      # Jambs of the house lean one way.
      #
      # @return [Lessons::Lesson, nil]
      def lean = Lessons.lean(@openings.filter_map { |one| lean_of(one) })

      # What the floor gaps say of a kit's drop.
      #
      # @return [Lessons::Lesson, nil]
      def drop
        Lessons.drop(items.filter_map { |_, list|
          floor = list.select { |item| item.kind == "floor" }
          floor.sum(&:by) / floor.length if floor.any?
        })
      end

      # What moves say of a kit's screws.
      #
      # @return [Lessons::Lesson, nil]
      def per_turn(kit)
        sheet = kit["adjust.per_turn"] or return
        Lessons.per_turn(@openings.filter_map { |one| one.plan && one.turning.learnt.median }, sheet)
      end

      # What the saw says of a material.
      #
      # @param book [Store::Book]
      # @return [Lessons::Lesson, nil]
      def self.cuts(book, material) = Lessons.cuts(book.saw.out_by(material, most: CUTS))

      private

      def taken(one)
        cuts = AsBuilt.cuts(one.cuts.values.map { |cut| [cut.code, cut.planned, cut.as_cut] })
        return cuts unless one.plan && !one.others?

        cuts + AsBuilt.hung(one.plan.set) + AsBuilt.readings(one.survey, one.closure)
      end

      # How far an opening's jambs lean to the right, mm, in the middle of both.
      def lean_of(one)
        leans = %i[left right].filter_map do |side|
          next one.survey["leans.#{side}"] if one.survey["leans.#{side}"]

          Rational(one.closure.lean(side).round(2).to_s) if one.closure&.checked?
        end
        leans.sum / leans.length if leans.any?
      end
    end
  end
end
