# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # One opening: named anew, noted, put in order, copied, binned and brought
      # back; its sheet and its sums.
      module Openings
        LONGEST_NOTES = 5_000
        WAYS = {"earlier" => -1, "later" => 1}.freeze

        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(OpeningKeeping)
          pages(app)
          app.takes(%r{/openings/#{Asking::NUMBER}/name}o, by: :office) { |id| rename_opening(find_row(id)) }
          app.takes(%r{/openings/#{Asking::NUMBER}/notes}o, by: :office) { |id| keep_notes(find_opening(id)) }
          app.takes(%r{/openings/#{Asking::NUMBER}/once-more}o, by: :office) { |id| take_once_more(find_opening(id)) }
          app.takes(%r{/openings/#{Asking::NUMBER}/(earlier|later)}o, by: :office) do |id, way|
            move_opening(find_row(id), WAYS.fetch(way))
          end
          app.takes(%r{/openings/#{Asking::NUMBER}/copy}o, by: :office) { |id| copy_opening(find_row(id)) }
          app.takes(%r{/openings/#{Asking::NUMBER}/(bin|bring-back)}o, by: :office) do |id, way|
            row = book.openings.bin(find_row(id).id, binned: way == "bin", who:)
            to_page Paths.job(row.job_id)
          end
        end

        # Pages of an opening that are no stage.
        def self.pages(app)
          app.reads(%r{/openings/#{Asking::NUMBER}/sheet}o) { |id| show screen_of(Sheets::Sheet, find_opening(id)) }
          app.reads(%r{/openings/#{Asking::NUMBER}/to-build}o) do |id|
            show screen_of(Sheets::ToBuild, find_planned(id))
          end
          app.takes(%r{/openings/#{Asking::NUMBER}/to-build}o, by: :office) do |id|
            opening = find_planned(id)
            book.framers_sheets.made(opening.id, opening.version)
            to_page Paths.opening(opening.id, "to-build")
          end
          app.reads(%r{/openings/#{Asking::NUMBER}/drilling}o) do |id|
            show screen_of(Sheets::Drilling, find_planned(id))
          end
          app.reads(%r{/openings/#{Asking::NUMBER}/decides}o) do |id|
            view.partial("measure/decided", screen: stage_screen("measure", find_opening(id)))
          end
          app.reads(%r{/openings/#{Asking::NUMBER}/once-more}o) do |id|
            view.partial(params["more"] ? "measure/one_more" : "measure/once_more",
              screen: screen_of(Measure::Again, find_opening(id)))
          end
          app.reads(%r{/openings/#{Asking::NUMBER}/first-cut}o) do |id|
            view.partial("cut/first", screen: screen_of(Measure::Again, find_opening(id)))
          end
          app.reads(%r{/openings/#{Asking::NUMBER}/spare}o) do |id|
            way = params.key?("way")
            view.partial(way ? "choose/spare" : "size/spare",
              screen: screen_of(way ? Choose::Spare : Size::Spare, find_opening(id)))
          end
          app.reads(%r{/openings/#{Asking::NUMBER}/working}o) do |id|
            screen = screen_of(Sheets::Working, find_planned(id))
            htmx? ? view.partial("parts/sums", screen:, entries: screen.entries) : show(screen)
          end
        end

        # What an opening's own forms do.
        module OpeningKeeping
          # Names an opening.
          def rename_opening(row)
            on_job(find_job(row.job_id.to_s), "name #{row.id}") do
              form = replacing({"name" => row.name}, {"name" => params["name"].to_s})
              form.changes.each_value do |name|
                book.openings.change(row.id, "name", Store::Jobs.named(name), seen: row.version, who:)
              end
              form.tell! { "The name" }
              to_page Paths.job(row.job_id)
            end
          end

          # Takes a reading for the second time.
          def take_once_more(opening)
            taken = Desk::OnceMore.new(opening, who:, owner:)
              .take(params["key"].to_s, params["value"].to_s, seen:)
            return to_page(Paths.opening(opening.id, "measure")) unless htmx?

            screen = screen_of(Measure::Again, taken.opening, taken:)
            asked = view.partial("measure/once_more", screen:)
            taken.field ? asked + view(renewed: true).partial("parts/renewed", screen:) : asked
          end

          # Keeps its notes.
          def keep_notes(opening)
            refusing(->(fault) { stage_screen("measure", opening, fault:) }) do
              notes = params["notes"].to_s.strip
              if notes.length > LONGEST_NOTES
                raise Fault.new("#{notes.length} characters is too long a note. It takes #{LONGEST_NOTES}.",
                  key: "notes")
              end

              form = replacing({"notes" => opening.row.notes.to_s}, {"notes" => notes})
              form.changes.each_value do |after|
                opening.note({kind: "note", key: "notes", before: opening.row.notes, after:}, who:,
                  columns: {notes: after})
              end
              form.tell! { "The note" }
              to_page Paths.opening(opening.id, "measure")
            end
          end

          # Moves it before or behind its neighbour.
          def move_opening(row, by)
            book.openings.move(row.id, by) unless row.binned_at
            to_page Paths.job(row.job_id)
          end

          # Makes another with the same readings and set.
          def copy_opening(row)
            copy = find_job(row.job_id.to_s).copy(row, who:)
            to_page Paths.opening(copy.id, "measure", copied: row.letter)
          end
        end
      end
    end
  end
end
