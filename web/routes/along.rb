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
        PICTURES = %r{\A/openings/(\d{1,9})/pictures\z}
        MOVES = %r{\A/openings/(\d{1,9})/moves(/back)?\z}
        HAND_OVER = %r{\A/openings/(\d{1,9})/hand-over\z}

        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(TakingIn)
          app.reads("/along") { show Web::Along::Screen.new(book, says: session.delete("along_says"), **asked) }
          app.reads(%r{/jobs/#{Asking::NUMBER}/along\.json}o) do |id|
            content_type :json
            JSON.generate(Web::Along::Pages.new(find_job(id)).to_h.merge(account: account.id))
          end
          app.takes("/along", by: :office) { take_in }
          app.takes("/along/pictures", by: :office) { take_in }
          app.takes("/along/times", by: :office) { say_when }
          app.takes("/along/decide", by: :office) { decide }
        end

        # What its routes do.
        module TakingIn
          # One thing that was written away: taken in under its own time, once.
          def take_in
            halt 422, "That is none that this page sent." unless UID.match?(params["uid"].to_s)

            path, form = params["path"].to_s, read_form
            picture = upload("picture")&.fetch(:tempfile)&.read
            outcome = book.sent.once(params["uid"], account.id) do
              how, says = doubtful?(path) ? ask_when(path, picture) : take_at(path, form, picture, at: params["at"])
              {how:, says:}
            end
            content_type :json
            JSON.generate(outcome)
          end

          # Keeps one of two that quarrel.
          def decide
            opening = find_opening(params["opening"].to_s[/\A\d{1,9}\z/] || halt(404))
            along.decide(opening, params["key"].to_s, params["keep"] == "mine")
            to_page Paths.along
          end

          # When it was, of what was asked about: as the device said, or when it came; or that it is
          # given up. What is refused then stays, and is told.
          def say_when
            id = number("id") # what cannot be read is told before the database is asked
            book.transaction do
              asked = book.asked_times.find(id, account.id)
              how, session["along_says"] = put_where_it_belongs(asked, params["when"]) if asked
              book.asked_times.forget(asked.id) unless asked.nil? || how == :refused
            end
            to_page Paths.along
          end

          private

          def put_where_it_belongs(asked, said)
            at = {"told" => asked.told_at, "came" => asked.came_at}[said] or return [:given_up, nil]
            take_at(asked.path, read_form(asked.form), asked.picture, at:)
          end

          # Whether its time cannot be.
          def doubtful?(path)
            row = book.openings.find(path[/\d{1,9}/].to_i) or return false
            Desk::TakenAlong.doubtful?(Desk::TakenAlong.told(params["at"]), made: Time.iso8601(row.created_at),
              clock: Desk::TakenAlong.told(params["now"]))
          end

          def ask_when(path, picture)
            book.asked_times.keep(account.id, path:, form: params["form"].to_s, picture:,
              told_at: Desk::TakenAlong.told(params["at"]), came_at: Time.now)
            [:asked, "The device's clock and the server's differ: say under Taken along when it was."]
          end

          def take_at(path, form, picture, at:)
            time = Desk::TakenAlong.time(at)
            Store::Clock.during(time) { take_written(path, form, picture, at: time) }
          end

          def along = Desk::TakenAlong.new(book, who:, owner:)

          def read_form(text = params["form"].to_s)
            Legible.clean(Rack::Utils.parse_nested_query(text))
          rescue Rack::BadRequest, RangeError, ArgumentError, EncodingError
            {}
          end

          def take_written(path, form, picture, at:)
            may = Rights.may?(account.role, "POST", path, key: form["key"])
            return [:refused, Rights.says(account.role)] unless may

            row = book.openings.find(path[/\d{1,9}/].to_i)
            return [:refused, "The opening is not in this book any more."] unless row

            params.replace(form)
            put_in(path, find_opening(row.id.to_s), form, picture:, at:)
          rescue Fault, Faults => e
            [:refused, e.list.map(&:words).join(" ")]
          end

          def put_in(path, opening, form, picture:, at:)
            case path
            when VALUES then value_taken(opening, form, at)
            when STEPS
              key = form["step"].to_s
              along.tick(opening, Desk::TakenAlong.steps(opening, key), key, done: form["undo"].nil?, at:)
            when REMARKS then remark_taken(opening)
            when PICTURES then picture_taken(opening, picture)
            when MOVES then move_taken(opening, path.end_with?("/back"))
            when HAND_OVER then hand_over_taken(opening)
            else [:refused, "\"#{path[0, 60]}\" takes nothing that was written away from the server."]
            end
          end

          def value_taken(opening, form, at)
            field = Desk::Fields[form["key"].to_s] or return [:refused, "There is no such value to change any more."]
            params["seen"] = along.seen(opening, field.key, seen, at:).to_s
            result = written(opening, field)
            [{conflict: :quarrel, unread: :unread}.fetch(result.outcome, :kept), result.note]
          end

          def remark_taken(opening)
            note(opening, "remark", "remark")
            [:kept, nil]
          end

          def picture_taken(opening, bytes)
            caption = caption_of
            read = Tempfile.create("picture", binmode: true) do |file|
              file.write(bytes.to_s)
              file.rewind
              Web::Log::PictureFile.read(bytes && {filename: "picture", tempfile: file})
            end
            book.pictures.add(opening.row, read, caption:, who:)
            [:kept, nil]
          end

          # A turn that was made is made: gaps that he read himself before it were seen by him.
          def move_taken(opening, back)
            own_seen(opening)
            turning = opening.turning
            seen_moves(turning)
            back ? turning.take_back!(seen:, who:) : turn(turning)
            [:kept, nil]
          end

          def hand_over_taken(opening)
            own_seen(opening)
            sign(opening.id)
            [:kept, nil]
          end

          def own_seen(opening) = along.his_own?(opening, seen) && params["seen"] = opening.version.to_s
        end
      end
    end
  end
end
