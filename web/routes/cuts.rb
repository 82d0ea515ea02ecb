# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # Cut lists, and bars that were cut.
      module Cuts
        HEADS = %w[code part material length_mm bar bar_mm offcut_mm as_cut_mm].freeze

        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(Cutting)
          app.reads(%r{/jobs/#{Asking::NUMBER}/cut}o) { |id| show Job::Cut.new(find_job(id), **asked) }
          app.reads(%r{/jobs/#{Asking::NUMBER}/cut\.csv}o) do |id|
            find_job(id).then { |job| give_cuts(job.cut_list, job.name) }
          end
          app.reads(%r{/openings/#{Asking::NUMBER}/cut\.csv}o) do |id|
            opening = find_opening(id)
            give_cuts(Desk::CutList.new(book, [opening]), job_of(opening).name, opening.letter)
          end
          app.takes(%r{/jobs/#{Asking::NUMBER}/cut}o) { |id| cut(find_job(id)) }
        end

        # What the routes of the saw's lists share.
        module Cutting
          # A bar was cut: on the list of the job, or of one of its openings.
          def cut(job)
            opening = params["from"].to_s.match?(/\A\d{1,9}\z/) ? find_opening(params["from"]) : nil
            halt 404 unless opening.nil? || opening.row.job_id == job.id
            list = opening ? Desk::CutList.new(book, [opening]) : job.cut_list
            refusing(->(fault) {
              opening ? stage_screen("cut", opening, fault:) :
                          Job::Cut.new(job, **asked, fault:)
            }) do
              kept, off = list.cut!(lengths_as_cut(job.units),
                offcut: params["offcut"].to_s[/\Aoffcut (\d{1,9})\z/, 1]&.to_i, who:)
              told = {cut: 1, kept: (1 if kept), off: off_words(job, off)}
              to_page opening ? Paths.opening(opening.id, "cut", **told) : Paths.job(job.id, "cut", **told)
            end
          end

          # @return [Hash{String => Rational}] mm, by each piece's code
          def lengths_as_cut(own)
            as_cut = params["as_cut"]
            raise Fault.new("No piece was named. Load the page again.", key: "as_cut") unless as_cut.is_a?(Hash) &&
              as_cut.any?

            as_cut.to_h do |code, typed|
              [code, typed_length(typed, own)]
            rescue Fault => e
              raise Fault.new("#{code}: #{e.words}", key: code)
            end
          end

          # Pieces out by more than the tolerance, in words.
          def off_words(job, off)
            off.any? ? off.map { |part, by| "#{part.code} by #{job.fine_printer.with_unit(by)}" }.join(", ") : nil
          end

          # Gives a cut list as a table.
          def give_cuts(list, *names)
            give("#{file_name(*names)}.cut.csv", "text/csv",
              Cells.csv(HEADS, to_cut(list) + cut_already(list) + sheets(list)))
          end

          # Rows of what is still to cut.
          def to_cut(list)
            list.lots.flat_map do |lot|
              lot.cutting.cuts.each_with_index.flat_map do |cut, bar|
                cut.pieces.map do |piece|
                  [piece.name, list.find(piece.name).last.name, lot.material, mm(piece.length),
                    cut.bar.name || "bar #{bar + 1}", mm(cut.bar.length), mm(cut.offcut), nil]
                end
              end
            end
          end

          # Rows of what was cut.
          def cut_already(list)
            list.done.map do |part, cut|
              [part.code, part.name, part.material, mm(part.length), nil, nil, nil, mm(cut.as_cut)]
            end
          end

          # Rows of the sheets.
          def sheets(list)
            list.sheets.map do |sheet|
              [sheet.code, sheet.name, sheet.material, "#{mm(sheet.width)} x #{mm(sheet.height)}", nil, nil, nil, nil]
            end
          end

          # A length as a table has it: mm, a plain decimal.
          def mm(length) = Numbers.plain(length)
        end
      end
    end
  end
end
