# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # The firm's board: what is tried stands in the address, what is kept is kept under the version that was seen;
      # what customers are told.
      module Board
        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(Planning)
          app.reads("/visits") { show_board }
          app.reads("/visits/longer") { look_longer_at_board }
          app.reads("/visits/since") { since }
          app.takes("/visits", by: :office) { keep_board }
          app.takes("/visits/told", by: :office) { tell_visit }
          app.takes("/visits/told/back", by: :office) { untell_visit }
          app.reads(%r{/visits/(board|plan)\.json}) { |what| give_board(what) }
          app.reads("/visits/board.pdf") { give_board_sheet }
        end

        # What its routes do.
        module Planning
          TRIED = %w[away off open put shut by only].freeze
          ASKS = %w[move away_day day_off job_day step_day].freeze

          # The page of the board, as it is tried.
          def show_board
            changes = board_changes
            asking = ASKS.find { |name| params.key?(name) }
            return show(board_screen(changes)) unless asking

            to_tried(Paths.crew_visits(Desk::FirmBoard::Changes.new(more_tried(changes, asking))))
          rescue Fault, Faults => e
            status 422
            show board_screen(asking ? changes : Desk::FirmBoard::Changes.new, fault: e)
          end

          # What is tried, as it stands in the address.
          def board_changes = Desk::FirmBoard::Changes.new(params.slice(*TRIED))

          # A longer look at the page's plan: a better one is told, and looked at by a press.
          def look_longer_at_board
            screen = board_screen(board_changes)
            view.partial("visits/longer", screen:, better: screen.firm.look_longer)
          rescue Fault, Faults
            ""
          end

          # How it went since the board was kept; nothing where none is.
          # What is tried and cannot be read is told by the page that this stands on.
          def since
            screen = board_screen(board_changes)
            screen.kept ? view.partial("visits/since", screen:) : ""
          rescue Fault, Faults
            ""
          end

          # Keeps the board that was seen.
          def keep_board
            changes = board_changes
            return to_page(Paths.crew_visits) if firm_board(changes).keep!(seen:, who:)

            status 409
            show board_screen(changes, beaten: book.boards.last)
          rescue Fault, Faults => e
            status 422
            show board_screen(changes || Desk::FirmBoard::Changes.new, fault: e)
          end

          # Notes that a customer was told of a visit; of none, that he knows nobody comes.
          def tell_visit
            refusing(->(fault) { board_screen(Desk::FirmBoard::Changes.new, fault:) }) do
              screen, id = board_screen(Desk::FirmBoard::Changes.new), params["job"].to_s.to_i
              if seen != book.boards.version
                raise Desk::Replacing::Clash.new("Another board was kept meanwhile. Nothing was noted: look at when " \
                  "the visit is now.", key: "day")
              end
              note_told(screen, id, params["day"].to_s, instead: params["instead"].to_s)
              to_page Paths.crew_visits
            end
          end

          # Notes it: of no visit, the day that was told is told off.
          def note_told(screen, id, day, instead:)
            return book.told_visits.forget(id, instead) if day.empty? && !instead.empty?

            visit = screen.standing&.visits&.find { |one| one.job_id == id && one.date == day }
            raise Fault.new("No visit is planned there on that day. Look at the board again.", key: "day") unless visit

            book.told_visits.tell(id, day, said: screen.telling(id, visit).said, who:,
              instead: instead.empty? ? nil : instead)
          end

          # Takes back that a customer was told.
          def untell_visit
            refusing(->(fault) { board_screen(Desk::FirmBoard::Changes.new, fault:) }) do
              id, day = params["job"].to_s.to_i, params["day"].to_s
              of_what_was_seen("It was told anew meanwhile, or taken back.",
                at: book.told_visits.find(id, day)&.at.to_s)
              book.told_visits.forget(id, day)
              to_page Paths.crew_visits
            end
          end

          # The board, or its plan, as a file.
          def give_board(what)
            firm = Desk::FirmBoard.new(book)
            told = (what == "board") ? firm.file : firm.kept&.plan || firm.plan
            give("#{what}.json", "application/json", JSON.pretty_generate(told))
          rescue Faults => e
            halt 422, e.message
          end

          # The board that is kept, on one sheet of A4.
          def give_board_sheet
            screen = board_screen(Desk::FirmBoard::Changes.new)
            halt 422, "No board is kept yet. Keep one on Visits." unless screen.kept

            sheet = Web::Visits::OnPaper.new(screen, firm: Desk::HouseWords.letterhead(book), date: view.today,
              address: address(Paths.crew_visits))
            give("visits.pdf", "application/pdf", sheet.render)
          end

          private

          def board_screen(changes, **rest)
            Web::Visits::Board.new(firm_board(changes), base: request.base_url, **asked, **rest)
          end

          # The board as it is tried: with the plan of a longer look where that is on the page.
          def firm_board(changes) = Desk::FirmBoard.new(book, changes, longer: params["longer"] == "1")

          # Changes with the one that a form asks for.
          def more_tried(changes, asking)
            told = changes.to_h
            case asking
            when "move" then move_tried(changes, told)
            when "away_day" then told["away"] = [*told["away"], away_tried]
            when "step_day" then told["put"] = {**told["put"].to_h, params["step"].to_s => params["step_day"].to_s}
            when "day_off" then told[(params["day_how"] == "open") ? "open" : "off"] = [params["day_off"]]
            else job_tried(told)
            end
            told
          end

          def away_tried
            hours = params["away_hours"].to_s.strip.tr("–", "-")
            [params["away_crew"], params["away_day"], *(hours unless hours.empty?)].join("@")
          end

          def job_tried(told)
            job, day = params["of_job"].to_s, params["job_day"].to_s
            return told["shut"] = [*told["shut"], "#{job}@#{day}"] unless params["job_how"] == "by"

            told["by"] = {**told["by"].to_h, job => day}
          end

          # A visit put on another day, or with another crew: its steps not before that day, the job with that crew.
          def move_tried(changes, told)
            visit = board_screen(changes).shown.find(params["move"])
            raise Fault.new("That visit is planned no longer. Look at the board again.", key: "move") unless visit

            if params["to"].to_s != visit.date
              keys = visit.visit["steps"].map { |key| "#{visit.visit["job"]}:#{key}" }
              told["put"] = {**told["put"].to_h, **keys.to_h { |key| [key, params["to"].to_s] }}
            end
            given_tried(told, visit)
          end

          def given_tried(told, visit)
            return if !params.key?("crew") || params["crew"] == visit.visit["crew"]

            crew = params["crew"].to_s
            told["only"] = {**told["only"].to_h,
              visit.job_id.to_s => crew.empty? ? Desk::FirmBoard::Changes::ANYBODY : crew}
          end
        end
      end
    end
  end
end
