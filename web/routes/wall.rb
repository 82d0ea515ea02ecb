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
            keep_records_of(openings.values.flatten)
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

          app.post(%r{/jobs/(\d{1,9})/name}) do |id|
            load_job(id)
            book.jobs.rename(@job.id, name: params["name"], place: params["place"])
            redirect to("/jobs/#{@job.id}"), 303
          rescue Fault => e
            halt 422, e.words
          end

          {"bin" => true, "bring-back" => false}.each do |way, binned|
            app.post(%r{/jobs/(\d{1,9})/#{way}}) do |id|
              load_job(id)
              book.jobs.bin(@job.id, binned:)
              redirect to(binned ? "/" : "/jobs/#{@job.id}"), 303
            end
          end
        end
      end
    end
  end
end
