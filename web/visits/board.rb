# frozen_string_literal: true

require "date"

module YellowTrack
  module Web
    module Visits
      # The firm's board: a rail a crew, all jobs on it; what is tried beside what is kept, with whom to tell.
      class Board < Web::Screen
        AHEAD = {"week" => 7, "two weeks" => 14, "month" => 31}.freeze # days that are shown
        ROWS = 12 # of what moves, shown at once

        # @return [Desk::FirmBoard]
        attr_reader :firm
        # @return [Store::Boards::Board, nil] that another kept meanwhile
        attr_reader :beaten

        # @param firm [Desk::FirmBoard]
        # @param base [String] of the address that calendars read
        # @param beaten [Store::Boards::Board, nil]
        def initialize(firm, base:, beaten: nil, **rest)
          super(firm.book, **rest)
          @firm, @base, @beaten = firm, base, beaten
        end

        # The template that it is drawn with.
        def template = "visits/board"

        # What stands in the window's own line.
        def title = "Visits"

        # What cannot be planned, and what was typed that is no day.
        def faults = @faults ||= super + (planning? ? firm.faults : [])

        # A fault, named by its step.
        def says_of(fault)
          key, step = fault.key.to_s.match(/\Ajobs\.(.+?)\.steps\.([A-Z]{1,3}-[a-z0-9-]+)/)&.captures
          key ? "#{firm.name(key)}, #{step}: #{fault.words}" : fault.words
        end

        # The board that is kept; nil for none.
        def kept = firm.kept

        # Whether something is tried.
        def tried? = firm.changes.any? || params.key?("plan") || !beaten.nil?

        # Whether the page shows a plan that is worked out for it, and not the kept one.
        def planning? = kept.nil? || tried?

        # Whether there is a board to show.
        def planned? = planning? ? firm.faults.empty? && !firm.nothing? : true

        # Whether nothing is left to do, or there is no job.
        def nothing? = planning? && firm.faults.empty? && firm.nothing?

        # The board on the page.
        #
        # @return [Desk::FirmBoard::Shown]
        def shown
          @shown ||= planning? ? Desk::FirmBoard::Shown.new(book, firm.plan, firm:, tried: true) : standing
        end

        # The kept one.
        def standing = @standing ||= kept && Desk::FirmBoard::Shown.new(book, kept.plan, firm:)

        # The board's plan.
        def plan = shown.plan

        # How far is shown: "week".
        def ahead = AHEAD.key?(params["ahead"]) ? params["ahead"] : "two weeks"

        # Every way that far.
        def ways_ahead = AHEAD.keys

        # The rails, with what hangs on them.
        #
        # @param below [Boolean] with what others do and what is waited for
        def drawing(below: true) = FirmRails.new(self, first:, days: AHEAD.fetch(ahead)).drawing(below:)

        # The first day that is shown.
        def first
          params["from"].to_s.match?(/\A\d{4}-\d\d-\d\d\z/) ? Date.iso8601(params["from"]) : firm.today
        rescue Date::Error
          firm.today
        end

        # Visits from today on.
        def coming = @coming ||= shown.visits(from: firm.today.iso8601)

        # The visit that is open: as asked, else the next one.
        def open = @open ||= shown.find(params["visit"]) || coming.first

        # Whether its customer was told that day.
        def told(visit) = told_all[[visit.job_id, visit.date]]

        # Customers by their jobs.
        def customer(job_id) = (@customers ||= {})[job_id] ||= book.customers.of(job_id)

        # What a customer is told.
        #
        # @return [Desk::Telling]
        def telling(job_id, visit, was: nil)
          Desk::Telling.new(customer: customer(job_id), place: book.jobs.find(job_id).place.to_s, visit:, was:,
            firm: book.accounts.firm)
        end

        # Told visits on whose day nobody comes by the board that is kept: who is to be told, and of which visit.
        #
        # @return [Array<Array(Store::ToldVisits::Told, Desk::FirmBoard::Shown::Visit)>]
        def untold
          return [] unless kept

          @untold ||= kept.plan["tell"].select { |one| one["was"] >= firm.today.iso8601 }.filter_map do |one|
            id = shown.id(one["job"])
            told = told_all[[id, one["was"]]]
            [told, standing.visits.find { |visit| visit.job_id == id && visit.date == one["now"] }] if told
          end
        end

        # A day of the plan.
        def date(iso) = Date.iso8601(iso)

        # A moment's time of the day: "7:30".
        def clock(moment) = Desk::FirmBoard::Shown.clock(moment)

        # Legs of the open visit's crew that day.
        def legs = shown.day(open.date, open.visit["crew"])["legs"]

        # Broken promises first, told visits next, then the rest; the bound is told elsewhere.
        def checks
          order = %w[board.promise board.late board.told board.slip board.hands board.idle]
          plan["checks"].select { |check| order.include?(check["code"]) && stands?(check) }
            .sort_by { |check| [order.index(check["code"]), check["date"].to_s] }
        end

        # How a check is told: with the crew and the job that it is of.
        def says(check)
          of = [check["crew"] && shown.crew(check["crew"]), check["job"] && shown.job(check["job"])].compact.join(", ")
          says = check["says"].gsub(/\d{4}-\d\d-\d\d/) { |text| Date.iso8601(text).strftime("%-d %B") }
          (says.start_with?(of) || of.empty?) ? says : "#{of}: #{says}"
        end

        # What works against it.
        def cure(check) = check["do"].gsub(/\d{4}-\d\d-\d\d/) { |text| Date.iso8601(text).strftime("%-d %B") }

        # How it went so far.
        #
        # @return [Desk::FirmBoard::Behind]
        def behind = @behind ||= Desk::FirmBoard::Behind.new(firm)

        # Jobs with their ends, the soonest first.
        def jobs = plan["jobs"].select { |job| job["end"] }.sort_by { |job| job["end"] }

        # The day by which a job is promised; nil for none.
        def promised(key) = planning? ? firm.terms(shown.id(key)).by : terms.fetch(shown.id(key)).by

        # The longest of what holds a job up, in words.
        def holds(job)
          longest = job["chain"].select { |one| %w[other wait held].include?(one["by"]) }
            .max_by { |one| DateTime.iso8601(one["to"]) - DateTime.iso8601(one["from"]) }
          return "its own work" unless longest

          what = "#{shown.what(job["key"], longest["step"])} #{YellowTrack::Visits.letter(longest["step"])}"
          on = date(longest["to"][0, 10]).strftime("%-d %B")
          {"other" => "#{what}, by others until #{on}", "wait" => "what #{what} waits for, until #{on}",
           "held" => "the crews are elsewhere until #{on}, before #{what}"}.fetch(longest["by"])
        end

        # Crew days on which nothing hangs yet, of those that are shown.
        #
        # @return [Array<Array(String, String)>] crew's name, day
        def free
          busy = plan["days"].map { |day| day.values_at("date", "crew") }
          gone = book.crews.away(from: first).map { |one| [one.day, one.crew_id] }
          days = (first..first + AHEAD.fetch(ahead) - 1).select { |one| works?(one) }
          firm.crews.product(days).reject { |crew, on|
            busy.include?([on.iso8601, crew.key]) || gone.include?([on.iso8601, crew.id])
          }.map { |crew, on| [crew.name, on.iso8601] }
        end

        # Whether the firm works on a day.
        def works?(day) = firm.hours.works?(day)

        # Jobs whose end moves.
        def moved = plan["moved"]

        # Visits that are not as they were: told ones first.
        #
        # @return [Array<BoardMoves::Move>]
        def moves
          return [] unless standing && planning?

          @moves ||= BoardMoves.new(standing, shown, from: firm.start.iso8601) { |visit| told(visit) }.all
        end

        # Whether the plan is another than the kept one.
        def changed? = kept.nil? || firm.changes.any? || moves.any? || moved.any?

        # The address with what is tried.
        def path(**query) = Paths.crew_visits(firm.changes, **ahead_query, **query)

        # What is tried, as hidden fields of a form.
        def tried_fields = firm.changes.fields

        # Where a longer look is taken at what is tried.
        def longer_path = path.sub("/visits", "/visits/longer")

        # What was typed and refused stands in its field.
        def typed_or(name, value = "") = fault ? params[name].to_s : value

        # Jobs that a form can name.
        def job_choices = @job_choices ||= book.jobs.under_way(most: 200).to_h { |job| [job.id, job.name] }

        # Whether somebody may change it.
        def feed? = visitor.role != "learner"

        # The key of the address that calendars read; nil where there is none.
        def feed = book.feeds.token

        # Which address there is, so that a press on another page ends none unseen.
        def feed_mark = book.feeds.mark

        # The whole address: of all crews, or of one.
        def feed_address(crew = nil) = "#{@base}#{Paths.feed(feed, crew)}"

        # The next thing to do.
        def next_sentence
          return "Mend what is at fault: nothing can be planned." if faults.any?
          return "Hang an opening in a job: then there is something to plan." if nothing?
          return "Keep this board." if planning? && changed?
          return "Tell #{book.jobs.find(untold.first.first.job_id).name}: the day moved." if untold.any?

          on = coming.map(&:date).min
          return "No visit is planned." unless on

          "#{date(on).strftime("%-d %B")}: #{coming.select { |one| one.date == on }.uniq(&:crew).map { |one|
            "#{one.crew} leave at #{clock(one.leave)}, #{one.job}"
          }.join("; ")}."
        end

        private

        # Of the kept board: whether the day that is missed is still the one that was told.
        def stands?(check)
          planning? || check["code"] != "board.told" || told_all.key?([shown.id(check["job"]), check["date"]])
        end

        # What jobs are bound to, all in one question.
        def terms = @terms ||= book.job_terms.all(plan["jobs"].map { |job| shown.id(job["key"]) })

        def ahead_query = (ahead == "two weeks") ? {} : {ahead:}

        def told_all = @told_all ||= book.told_visits.all.to_h { |one| [[one.job_id, one.day], one] }
      end
    end
  end
end
