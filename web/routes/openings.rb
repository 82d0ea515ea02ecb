# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # One opening: its stages, its values, its sheet.
      module Openings
        BUILT = %w[measure choose size prepare cut hang adjust].freeze

        def self.registered(app)
          app.helpers(Loading)
          stages(app)
          choosing(app)
          values(app)
        end

        def self.stages(app)
          app.get(%r{/openings/(\d{1,9})}) do |id|
            reached = load_opening(id).reached
            redirect to("/openings/#{id}/#{BUILT.include?(reached) ? reached : "size"}"), 303
          end

          app.get(%r{/openings/(\d{1,9})/sheet}) do |id|
            load_opening(id)
            erb :sheet, layout: :paper
          end

          app.get(%r{/openings/(\d{1,9})/working}) do |id|
            load_opening(id)
            halt 404 unless @work.plan
            next erb(:working) unless htmx?

            partial(:"parts/sums", entries: params["keys"].to_s.split(",").filter_map { |key| @work.plan.working[key] })
          end

          app.get(%r{/openings/(\d{1,9})/slide}) do |id|
            load_opening(id)
            halt 404 unless @work.plan
            @renewed = true
            erb :"size/slid", layout: false
          end

          app.get(%r{/openings/(\d{1,9})/([a-z-]{3,12})}) do |id, stage|
            halt 404 unless Work::STAGES.key?(stage)
            load_opening(id)
            @stage = stage
            erb BUILT.include?(stage) ? :"#{stage}/page" : :to_come
          end
        end

        # Takes one of the families side by side.
        def self.choosing(app)
          app.post(%r{/openings/(\d{1,9})/set}) do |id|
            load_opening(id)
            set = Data::Candidates.set_named(@row.document.to_h, params["family"]) or
              halt 422, "There is no family of that name. Load the page again."
            set = Data::HouseRules.for_set(book.house_rules.all, set["family"]).merge(set)
            book.openings.change(@row.id, "set", set, seen: Integer(params["seen"] || "0", 10), overrule: true, who:) do |document|
              Work.columns(document, @row.stage)
            end
            redirect to("/openings/#{id}/size"), 303
          end
        end

        def self.values(app)
          app.post(%r{/openings/(\d{1,9})/values}) do |id|
            load_opening(id)
            @field = Fields[params["key"]] or halt 422, "There is no such value to change. Load the page again."
            @stage = %w[size prepare adjust].include?(params["stage"]) ? params["stage"] : "measure"
            write
            htmx? ? renewed : redirect(to("/openings/#{id}/#{@stage}##{@field.id}"), 303)
          end
        end

        # What the routes of an opening share.
        module Loading
          def load_opening(id)
            @row = book.openings.find(Integer(id, 10)) or halt 404
            @job = book.jobs.find(@row.job_id)
            @title = "#{@row.letter} #{@row.name}, #{@job.name}"
            session["other_unit"] = params["unit"] == "other" if params["unit"]
            @work = work_of(@row)
          end

          def work_of(row) = Work.new(row, other: session["other_unit"] == true)

          def write
            writing = Writing.new(book, @row, who:)
            @result = written(writing, Integer(params["seen"] || "0", 10))
            @row = @result.opening
            @work = work_of(@row)
          end

          def written(writing, seen)
            return writing.forget(@field) if params["forget"]
            return writing.put_back(@field, seen:) if params["back"]

            writing.write(@field, posted, seen:, overrule: params["overrule"] == "1")
          end

          # A kit of the fitter's own goes into the opening as its whole sheet.
          def posted = (@field.kind == :kit && book.own_kits.sheet(params["value"].to_s)) || params["value"]

          def htmx? = request.env["HTTP_HX_REQUEST"] == "true"

          # Another kit or another number of panels has other parts to tell:
          # the page is loaded anew.
          def renewed
            headers "HX-Refresh" => "true" if %i[kit lanes count].include?(@field.kind) && @result.outcome == :saved
            @renewed = true
            erb :"#{@stage}/renewed", layout: false
          end
        end
      end
    end
  end
end
