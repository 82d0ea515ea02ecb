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
          app.takes(%r{/jobs/#{Asking::NUMBER}/cut}o) { |id| at_saw(find_job(id)) { |list, own| cut(list, own) } }
          app.takes(%r{/jobs/#{Asking::NUMBER}/cut/back}o) { |id| at_saw(find_job(id)) { |list| take_back(list) } }
        end

        # What the routes of the saw's lists share.
        module Cutting
          # Does something with a list: that of the job, or of one of its openings.
          #
          # @yieldreturn [Hash] what its page is told
          def at_saw(job)
            opening = params["from"].to_s.match?(/\A\d{1,9}\z/) ? find_opening(params["from"]) : nil
            halt 404 unless opening.nil? || opening.row.job_id == job.id
            refusing(->(fault) { cut_screen(job, opening, fault) }) do
              told = yield(opening ? Desk::CutList.new(book, [opening]) : job.cut_list, job)
              to_page opening ? Paths.opening(opening.id, "cut", **told) : Paths.job(job.id, "cut", **told)
            end
          end

          # The page that was sent from.
          def cut_screen(job, opening, fault)
            opening ? stage_screen("cut", opening, fault:) : Job::Cut.new(job, **asked, fault:)
          end

          # The piece in hand was cut.
          def cut(list, job)
            code, length = length_as_cut(job.units)
            off = list.cut!(code, length, offcut: params["offcut"].to_s[/\Aoffcut (\d{1,9})\z/, 1]&.to_i, who:)
            {cut: code, off: (job.fine_printer.with_unit(off) if off.positive?)}
          end

          # A piece was not cut after all.
          def take_back(list)
            code = params["code"].to_s[0, 20]
            list.take_back!(code, who:)
            {back: code, piece: code}
          end

          # @return [Array(String, Rational)] code and length, mm, of the piece in hand
          def length_as_cut(own)
            as_cut = params["as_cut"]
            raise Fault.new("No piece was named. Load the page again.", key: "as_cut") unless as_cut.is_a?(Hash) &&
              as_cut.length == 1

            code, typed = as_cut.first
            [code, typed_length(typed, own)]
          rescue Fault => e
            raise Fault.new([code, e.words].compact.join(": "), key: code || "as_cut")
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
