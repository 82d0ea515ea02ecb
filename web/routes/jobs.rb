# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # One job: named, binned, its openings hung and kept in order.
      module Jobs
        # What a press does to a whole job: in which way, and whether it goes or comes back.
        PUT = {"bin" => [:bin, true], "bring-back" => [:bin, false], "over" => [:finish, true],
               "again" => [:finish, false]}.freeze

        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(JobKeeping)
          app.reads(%r{/jobs/#{Asking::NUMBER}}o) { |id| show job_screen(find_job(id)) }
          app.takes(%r{/jobs/#{Asking::NUMBER}/name}o, by: :office) { |id| rename_job(find_job(id)) }
          app.takes(%r{/jobs/#{Asking::NUMBER}/openings}o, by: :office) { |id| hang_opening(find_job(id)) }
          app.takes(%r{/jobs/#{Asking::NUMBER}/doors}o, by: :office) { |id| hang_doors(find_job(id)) }
          app.takes(%r{/jobs/#{Asking::NUMBER}/file}o, by: :office) { |id| read_opening(find_job(id)) }
          app.reads("/jobs/over") { show Over::Screen.new(book, **asked) }
          app.takes(%r{/jobs/#{Asking::NUMBER}/(bin|bring-back|over|again)}o, by: :office) do |id, way|
            put_job(find_job(id), *PUT.fetch(way))
          end
        end

        # What a job's own forms do.
        module JobKeeping
          # Bins a job, takes it off the first page, or brings it back.
          def put_job(job, how, away)
            (how == :bin) ? book.jobs.bin(job.id, binned: away) : book.jobs.finish(job.id, over: away)
            to_page away ? Paths.wall : Paths.job(job.id)
          end

          # The page of a job.
          def job_screen(job, **rest) = Job::Screen.new(job, **asked, **rest)

          # Does something to a job; what is refused is said on its page.
          def on_job(job, form, &) = refusing(->(fault) { job_screen(job, fault:, form:) }, &)

          # Names a job, and its place.
          def rename_job(job)
            on_job(job, "job") do
              row, typed = job.row, params.slice("name", "place").transform_values(&:to_s)
              now = {"name" => row.name, "place" => row.place.to_s}
              form = replacing(now, typed)
              told = now.merge(form.changes)
              book.jobs.rename(job.id, name: told["name"], place: told["place"], who:)
              form.tell! { |key| "The #{key}" }
              to_page Paths.job(job.id)
            end
          end

          # Hangs a new opening.
          def hang_opening(job)
            on_job(job, "opening") { to_page Paths.opening(job.hang(params["name"], who:).id, "measure") }
          end

          # An opening that is still to be built, from its doors.
          def hang_doors(job)
            on_job(job, "doors") do
              typed = Job::Screen::DOORS.to_h { |name| [name, params[name].is_a?(String) ? params[name] : ""] }
              opening = job.hang_doors(typed, unit: unit_of_form(job.units), who:)
              to_page Paths.opening(opening.id, "measure")
            end
          end

          # An opening file that was chosen on the page.
          def read_opening(job)
            on_job(job, "file") do
              document = read_json(upload("file"), "an opening file")
              to_page Paths.opening(job.read_in(document, name: File.basename(upload("file")[:filename].to_s, ".*"),
                who:, fitter: fitter?).id)
            end
          end
        end
      end
    end
  end
end
