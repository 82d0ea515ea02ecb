# frozen_string_literal: true

require "date"

module YellowTrack
  module Web
    module Routes
      # The steps of a set: ticked, taken back, dated; the trial hang done over.
      module Hanging
        KEY = /\A[a-z-]{2,20}(\.\d{1,2}){0,2}\z/

        def self.registered(app)
          app.helpers(Ticking)

          app.post(%r{/openings/(\d{1,9})/steps}) do |id|
            load_step(id)
            note_step("step", params["undo"] ? nil : true)
            stage = Work.later(@row.stage, hanging_anew.done? ? "adjust" : "hang")
            book.openings.come_to(@row.id, stage) unless stage == @row.stage
            redirect to("/openings/#{@row.id}/hang##{step_id(@step)}"), 303
          end

          app.post(%r{/openings/(\d{1,9})/waits}) do |id|
            load_step(id)
            note_step("wait", read_day(params["day"]))
            redirect to("/openings/#{@row.id}/hang##{step_id(@step)}"), 303
          rescue Fault => e
            status 422
            @fault, @typed, @stage = e, params["day"].to_s, "hang"
            erb :"hang/page"
          end

          app.post(%r{/openings/(\d{1,9})/rounds}) do |id|
            load_opening(id)
            halt 404 unless @work.plan
            book.log.add(opening_id: @row.id, version: @row.version, kind: "round", key: "trial", before: hanging.rounds, after: hanging.rounds + 1, who:, at: Store::Clock.now) if hanging.again?
            redirect to("/openings/#{@row.id}/hang"), 303
          end
        end

        # What the routes of the steps share.
        module Ticking
          def load_step(id)
            load_opening(id)
            halt 404 unless @work.plan
            @step = KEY.match?(params["step"].to_s) && hanging.find(params["step"]) or
              halt 422, "There is no such step for this set any more. Load the page again."
          end

          def note_step(kind, after)
            before = (kind == "step") ? hanging.tick(@step)&.after : hanging.promised(@step)&.iso8601
            return if before == after

            book.log.add(opening_id: @row.id, version: @row.version, kind:, key: @step.key, before:, after:, who:, at: Store::Clock.now)
          end

          def hanging_anew = HangingSteps.new(@work, book.log.told([@row.id]).fetch(@row.id))

          def step_id(step) = "step-#{step.key.tr(".", "-")}"

          # @return [String, nil] the day as the log holds it; nil for none
          def read_day(typed)
            typed = typed.to_s.strip
            typed.empty? ? nil : Date.iso8601(typed).iso8601
          rescue Date::Error
            raise Fault.new("\"#{typed[0, 40]}\" is no day. Write it as #{Date.today.iso8601}.", key: "day")
          end
        end
      end
    end
  end
end
