# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # A whole job out as one file, and in again; its log as a table.
      module WholeJobs
        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(Packing)
          app.reads(%r{/jobs/#{Asking::NUMBER}\.zip}o) { |id| give_job(find_job(id)) }
          app.reads(%r{/jobs/#{Asking::NUMBER}/log\.csv}o) { |id| give_job_log(find_job(id)) }
          app.takes("/jobs/archive", by: :office) { read_job }
        end

        # What its routes do.
        module Packing
          # A whole job as one file.
          def give_job(job) = give("#{file_name(job.name)}.job.zip", "application/zip", Desk::JobFile.pack(job))

          # Reads such a file in.
          def read_job
            refusing(->(fault) { Web::Wall::Screen.new(book, **asked, fault:, form: "archive") }) do
              file = upload("file") or
                raise Fault.new("No file was chosen. Choose a job as Yellow Track saves it.", key: "file")
              to_page Paths.job(Desk::JobFile.read_in(book, file[:tempfile].path, again: !params["again"].nil?,
                fitter: fitter?))
            end
          end

          # Every opening's entries, in their order.
          def give_job_log(job)
            rows = job.openings.flat_map { |opening|
              Web::Log::Table.new(Web::Log::Words.new(opening)).rows(book.log.of(opening.id))
                .map { |row| [opening.letter, *row] }
            }
            give("#{file_name(job.name)}.log.csv", "text/csv", Cells.csv(["opening", *Web::Log::Table::HEADS], rows))
          end
        end
      end
    end
  end
end
