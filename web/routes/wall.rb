# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # The first page: every job as a row of its openings.
      module Wall
        def self.registered(app)
          app.get("/") do
            @jobs = book.jobs.all
            openings = book.openings.by_job
            @works = @jobs.to_h { |job| [job.id, (openings[job.id] || []).map { |row| Work.new(row) }] }
            erb :wall
          end

          app.post("/jobs") do
            job = book.jobs.add(name: params["name"], place: params["place"].to_s, units: params["units"] || "mm")
            redirect to("/jobs/#{job.id}"), 303
          rescue Fault => e
            status 422
            @fault = e
            @typed = params
            erb :new_job
          end
        end
      end
    end
  end
end
