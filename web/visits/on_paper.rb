# frozen_string_literal: true

require "date"

module YellowTrack
  module Web
    module Visits
      # The board that is kept, for the wall of the shop: one sheet of A4.
      class OnPaper
        # @param screen [Board]
        # @param told [Hash] firm, date, address: what stands at the sheet's head
        def initialize(screen, **told)
          @screen, @told = screen, told
        end

        # @return [String] PDF
        def render
          days = Board::AHEAD.fetch(@screen.ahead)
          drawing = @screen.drawing(below: false) if days <= Drawing::Paper::BoardSheet::DRAWN
          Drawing::Paper::BoardSheet.new(drawing:, rows:, **@told).render
        end

        private

        # A day a row, a crew a column; the first row their names.
        def rows
          crews = @screen.shown.crew_keys
          seen = @screen.shown.visits.select { |one| (first.iso8601..last.iso8601).cover?(one.date) }
          days = seen.group_by(&:date).sort
          [["", *crews.map { |key| name(key) }],
            *days.map { |day, list|
              [Date.iso8601(day).strftime("%a %-d %b"),
                *crews.map { |key| list.select { |one| one.visit["crew"] == key }.map { |one| told(one) }.join("\n") }]
            }]
        end

        def name(key) = [@screen.shown.crew(key), *(@screen.shown.people(key).join(", ") if
          @screen.shown.people(key).any?)].join(": ")

        def told(one) = "#{one.times} #{one.job}#{", told" if @screen.told(one)}: #{one.words.join(", ")}"

        def first = @screen.first

        def last = first + Board::AHEAD.fetch(@screen.ahead) - 1
      end
    end
  end
end
