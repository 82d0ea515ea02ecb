# frozen_string_literal: true

module YellowTrack
  module Web
    module HandOver
      # The sheet for the customer: one A4 page, in the job's own unit.
      class Sheet < Screen
        # The template that it is drawn with.
        def template = "hand_over/sheet"

        # The frame that it is drawn in: a page of the work, or a paper.
        def layout = "page/paper"

        # What the paper is made of.
        #
        # @return [Drawing::Paper::HandOverSheet::Content]
        def on_paper(address, date)
          Drawing::Paper::HandOverSheet::Content.new(
            title: "#{opening.letter} · #{opening.name}", place: for_whom, date:, address:, head: handing.head,
            fitted: handing.fitted, gaps: gap_rows, care: handing.care, open: open_lines,
            cautions: handing.cautions, look_back: told(look_back_day),
            names: last ? last.after["names"] : {}, lines: last ? last.after["signatures"] : {}, pictures:, drawing:
          )
        end

        # The job, and whom it is for.
        def for_whom = [job.name, book.customers.of(job.id).name].reject(&:empty?).join(", for ")

        # What stands at the head of it; nil for nothing.
        def letterhead = Desk::HouseWords.letterhead(book)

        # A day as the house's customers read it.
        def told(day) = Desk::CustomerWords.new(book.house_rules.all).day(day)

        # When it was handed over, so.
        def handed_on = told(handing.day)

        # The day that the sheet names for looking back.
        def look_back_day = last ? due : Date.today + Desk::HandingOver::WEEKS

        # What is still open, a line each, with why it was left.
        def open_lines
          handing.open_points.map { |check, reason|
            "#{check.says}#{" Left so: #{reason}" if reason}"
          }
        end

        # Pictures of the log that go with it.
        def picture_entries = handing.pictures

        private

        def gap_rows
          handing.gaps.map { |panel, gaps|
            [panel, gaps.map { |place, mm|
              "#{place} #{handing.printer.with_unit(mm)}"
            }]
          }
        end

        def drawing
          return if plan.nil? || opening.others?

          Drawing::Whole.new(plan, set.moves, plan.opening.printer, cut_printer: plan.opening.cut_printer)
        end

        def pictures
          picture_entries.filter_map do |entry|
            picture = book.pictures.find(entry.after["picture"])
            picture && [Web::Log::PictureFile.as_jpeg(picture), entry.after["caption"].to_s]
          end
        end
      end
    end
  end
end
