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
          @hung = desk.one_by_one { false }.first(Desk::Record::MOST)
          @record = Desk::Record.new(@hung)
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

        # What the firm's tapes are like, in words.
        #
        # @return [Array<String>] empty while nothing was read twice
        def tape
          slips = Desk::TapeSlips.new(book, @hung)
          return [] if slips.differences.empty?

          count = Count.told(slips.differences.length, "reading")
          ["#{count} taken twice, at the most #{fine.with_unit(slips.most)} apart",
            ("spread #{fine.with_unit(slips.spread)}" if slips.spread), second_reads(slips.lesson)].compact
        end

        private

        # By how much a second reading is more or less than the first; nil while that is noise.
        def second_reads(lesson)
          return unless lesson

          way = lesson.value.positive? ? "more" : "less"
          "the second is #{fine.with_unit(lesson.value.abs)} #{way}, #{often(lesson)}"
        end

        def fine = @desk.fine_printer
      end
    end
  end
end
