# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # A job that a device takes along; what was written on it away from the server; what
      # quarrels then.
      module Along
        UID = /\A[0-9a-f-]{36}\z/
        VALUES = %r{\A/openings/(\d{1,9})/values\z}
        STEPS = %r{\A/openings/(\d{1,9})/(?:service/)?steps\z}
        REMARKS = %r{\A/openings/(\d{1,9})/remarks\z}

        def self.registered(app)
          app.helpers(TakingIn)
          app.get("/along") { show Web::Along::Screen.new(book, **asked) }
          app.get(%r{/jobs/#{Asking::NUMBER}/along\.json}o) do |id|
            content_type :json
            JSON.generate(Web::Along::Pages.new(find_job(id)).to_h.merge(account: account.id))
          end
          app.post("/along") { take_in }
          app.post("/along/decide") { decide }
        end

        # What its routes do.
        module TakingIn
          # One thing that was written away: taken in under its own time, once.
          def take_in
            halt 422, "That is none that this page sent." unless UID.match?(params["uid"].to_s)

            path, form = params["path"].to_s, read_form
            outcome = book.sent.once(params["uid"], account.id) do
              at = Desk::TakenAlong.time(params["at"])
              how, says = Store::Clock.during(at) { take_written(path, form, at) }
              {how:, says:}
            end
            content_type :json
            JSON.generate(outcome)
          end

          def decide
            opening = find_opening(params["opening"].to_s[/\A\d{1,9}\z/] || halt(404))
            along.decide(opening, params["key"].to_s, params["keep"] == "mine")
            to_page Paths.along
          end

          private

          def along = Desk::TakenAlong.new(book, who:, owner:)

          def read_form
            Legible.clean(Rack::Utils.parse_nested_query(params["form"].to_s))
          rescue Rack::BadRequest, RangeError, ArgumentError, EncodingError
            {}
          end

          def take_written(path, form, at)
            may = Rights.may?(account.role, "POST", path, key: form["key"])
            return [:refused, Rights.says(account.role)] unless may

            row = book.openings.find(path[/\d{1,9}/].to_i)
            return [:refused, "The opening is not in this book any more."] unless row

            params.replace(form)
            put_in(path, find_opening(row.id.to_s), form, at)
          end

          def put_in(path, opening, form, at)
            case path
            when VALUES then value_taken(opening, form, at)
            when STEPS
              key = form["step"].to_s
              along.tick(opening, Desk::TakenAlong.steps(opening, key), key, form["undo"].nil?, at)
            when REMARKS then remark_taken(opening)
            else [:refused, "\"#{path[0, 60]}\" takes nothing that was written away from the server."]
            end
          end

          def value_taken(opening, form, at)
            field = Desk::Fields[form["key"].to_s] or return [:refused, "There is no such value to change any more."]
            params["seen"] = along.seen(opening, field.key, seen, at).to_s
            result = written(opening, field)
            [{conflict: :quarrel, unread: :unread}.fetch(result.outcome, :kept), result.note]
          end

          def remark_taken(opening)
            note(opening, "remark", "remark")
            [:kept, nil]
          rescue Fault => e
            [:refused, e.words]
          end
        end
      end
    end
  end
end
