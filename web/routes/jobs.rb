# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # One job and its openings.
      module Jobs
        # What a new opening is set to until its fitter chooses.
        USUAL_SET = {"family" => "bypass", "kit" => "twin-42", "pattern" => [2, 1], "thickness" => "35 mm"}.freeze

        def self.registered(app)
          app.helpers(Loading)

          app.get(%r{/jobs/(\d{1,9})}) do |id|
            load_job(id)
            keep_records_of(@works.map(&:row))
            erb :job
          end

          app.post(%r{/jobs/(\d{1,9})/openings}) do |id|
            load_job(id)
            name = Store::Jobs.named(params["name"])
            rules = book.house_rules.all
            document = Store::Document.blank(name:, units: @job.units, grain: Data::HouseRules.grain(rules, @job.units),
              set: USUAL_SET.merge(Data::HouseRules.for_set(rules, USUAL_SET["family"])))
            row = book.openings.add(job_id: @job.id, document:, who:)
            redirect to("/openings/#{row.id}/measure"), 303
          rescue Fault => e
            status 422
            @fault = e
            @typed = params
            erb :job
          end
        end

        # What the routes of a job share.
        module Loading
          def load_job(id)
            @job = book.jobs.find(Integer(id, 10)) or halt 404
            @title = @job.name
            @works = book.openings.of(@job.id).map { |row| Work.new(row) }
            @binned = book.openings.binned(@job.id)
          end
        end
      end
    end
  end
end
