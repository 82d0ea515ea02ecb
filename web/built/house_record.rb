# frozen_string_literal: true

module YellowTrack
  module Web
    module Built
      # A house as built beside as planned, opening by opening, and what it teaches.
      class HouseRecord < Web::Screen
        include Telling

        # @return [Store::Jobs::Job]
        attr_reader :job

        # @param desk [Desk::Job]
        def initialize(desk, **rest)
          super(desk.book, **rest)
          @desk, @job = desk, desk.row
          @record = Desk::Record.new(desk.one_by_one { false }.first(Desk::Record::MOST))
        end

        # The template that it is drawn with.
        def template = "built/house"

        # What stands in the window's own line.
        def title = "#{job.name} as built"

        # The job on the desk: its unit is shown, and the other is a press away.
        def unit_of = @desk

        # @return [Array<Array(Desk::KeptOpening, Array<AsBuilt::Item>)>]
        def openings = @record.items

        # What was taken in all openings, one after the other.
        def all = openings.flat_map(&:last)

        # What the house teaches, in words.
        def lean
          lesson = @record.lean or return
          "Jambs lean to the #{lesson.value.positive? ? "right" : "left"} by #{fine.with_unit(lesson.value.abs)}, " \
            "#{often(lesson)}."
        end

        private

        def fine = @desk.fine_printer
      end
    end
  end
end
