# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # Jobs and openings by their names and places.
      module Search
        def self.registered(app)
          app.get("/search") do
            @title = "Search"
            @asked = params["q"].to_s.scrub("?").strip[0, 100]
            @jobs = @asked.empty? ? [] : book.jobs.named_like(@asked)
            @openings = @asked.empty? ? [] : book.openings.named_like(@asked)
            @job_names = book.jobs.all.to_h { |job| [job.id, job.name] }
            erb :search
          end
        end
      end
    end
  end
end
