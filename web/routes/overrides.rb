# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # Stops that a fitter overrides, with his reason in the log (handbook 1).
      module Overrides
        def self.registered(app)
          app.helpers(Reading)

          app.get(%r{/openings/(\d{1,9})/override/([a-z.]{3,40})}) do |id, code|
            load_check(id, code)
            erb :override
          end

          app.post(%r{/openings/(\d{1,9})/override/([a-z.]{3,40})}) do |id, code|
            load_check(id, code)
            book.log.override(@row, code:, says: @check.says, reason: params["reason"], who:)
            redirect to("/openings/#{id}/size##{code.tr(".", "-")}"), 303
          rescue Fault => e
            status 422
            @fault = e
            erb :override
          end
        end

        # What the routes of overrides share.
        module Reading
          def load_check(id, code)
            load_opening(id)
            @check = @work.checks(code).find(&:stop?) or halt 404
          end

          # Reasons of this opening's overridden stops, by code.
          def overrides = @overrides ||= book.log.overrides(@row.id)
        end
      end
    end
  end
end
