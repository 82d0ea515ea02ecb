# frozen_string_literal: true

require "date"

module YellowTrack
  module Web
    module Visits
      # The visits of a job: the plan as it stands, tried or kept, what moved beside the
      # old, and one visit opened.
      class Screen < Web::Screen
        MOVED = 8 # rows that are shown at once

        # @return [Store::Jobs::Job]
        attr_reader :job
        # @return [Desk::JobVisits]
        attr_reader :visiting
        # @return [Store::Plans::Plan, nil] that another kept meanwhile
        attr_reader :beaten

        # @param visiting [Desk::JobVisits]
        # @param beaten [Store::Plans::Plan, nil]
        def initialize(visiting, beaten: nil, **rest)
          super(visiting.book, **rest)
          @visiting, @job, @beaten = visiting, visiting.job.row, beaten
        end

        # The template that it is drawn with.
        def template = "visits/page"

        # What stands in the window's own line.
        def title = "Visits of #{job.name}"

        # What cannot be planned, and what was typed that is no day.
        def faults = @faults ||= super + visiting.faults

        # A fault, named by its step.
        def says_of(fault) = fault.key.to_s.start_with?("steps.") ? fault.message : fault.words

        # Whether there is a plan: nothing is at fault.
        def planned? = visiting.faults.empty?

        # The plan, as a visits file has it.
        def result = visiting.result

        # The plan that is kept; nil for none.
        def kept = visiting.kept

        # The plan that the kept one took the place of.
        #
        # @return [Store::Plans::Plan, nil]
        def before = @before ||= kept && book.plans.before(job.id)

        # Where that one is tried again: what was put where then, and what is put since
        # taken back.
        def before_path
          put = kept.asked["put"].transform_values { "" }.merge(before.asked["put"])
          Paths.visits(job.id, nil, put:, **before.asked.slice("travel", "crew").transform_keys(&:to_sym))
        end

        # Papers of the open visit: letter and number of each opening.
        def sheets
          letters = open["steps"].map { |key| YellowTrack::Visits.letter(key) }
          visiting.openings.select { |one| letters.include?(one.letter) && one.plan }.map { |one| [one.letter, one.id] }
        end

        # Whether there is nothing to show.
        def nothing? = visiting.steps.all? { |step| step["ended"] }

        # Whether it is another than the one that is kept.
        def changed? = visiting.changed?

        # Whether something is tried.
        def tried? = visiting.changes.any?

        # The visit that is open: as asked, else the next one.
        def open
          @open ||= result["visits"].find { |visit| visit["uid"] == params["visit"] } || result["visits"].first
        end

        # A visit's number, from 1.
        def number(visit) = result["visits"].index(visit) + 1

        # Whether the job hangs on the firm's board: what is tried is tried there.
        def boarded? = visiting.boarded?

        # The firm's board, of which this is a part.
        #
        # @return [Board]
        def board = @board ||= Board.new(Desk::FirmBoard.new(book), base: "", visitor:, params:)

        # The job's key on the board.
        def board_key = visiting.short_name

        # The visits along the track; of a job on the board on the rails of the crews.
        def drawing
          return alone unless boarded?

          days = [(date(result["end"]) - board.first).to_i + 1, Board::AHEAD.values.max].min
          FirmRails.new(board, first: board.first, days: [days, 7].max, job: job.id) { |visit| path(visit: visit.uid) }
            .drawing
        end

        # Its visits, of one crew, along a track of their own.
        def alone = DayTrack.new(visiting, result, open:) { |visit| path(visit: visit["uid"]) }.drawing

        # Where a longer look is taken at what is tried.
        def longer_path = path.sub("/visits", "/visits/longer")

        # This page with the changes that are tried.
        def path(**query) = Paths.visits(job.id, visiting.changes, **query)

        # What is tried, as hidden fields of a form.
        #
        # @return [Array<Array(String, String)>]
        def tried_fields
          visiting.changes.to_h.flat_map do |name, value|
            case value
            when Hash then value.map { |key, day| ["#{name}[#{key}]", day] }
            when Array then value.map { |day| ["#{name}[]", day] }
            else [[name, value]]
            end
          end
        end

        # A day of the plan.
        def date(iso) = Date.iso8601(iso)

        # A moment's time of the day: "7:30".
        def clock(moment) = moment[11, 5].delete_prefix("0")

        # Steps of the open visit: what, from and to, hands.
        def open_steps
          open["steps"].map { |key| [key, step(key), times.fetch(key)] }
        end

        # A step, by its key.
        def step(key) = steps.fetch(key)

        # When each step is, by its key.
        def times = @times ||= result["steps"].to_h { |one| [one["key"], one] }

        # @return [Desk::JobVisits::Loads::Load]
        def load = loads.of(open)

        # What is waited for before the open visit: steps of others, and waits.
        def waited_for
          keys = open["steps"]
          result["waits"].select { |wait| keys.include?(wait["before"]) }.map do |wait|
            "#{told(wait["after"])}, till #{day_of(wait["to"])} #{clock(wait["to"])}"
          end + others_before(keys)
        end

        # What else could be done while it is waited.
        def could = result["waits"].select { |wait| wait["could"].any? }

        # What the plan raises, but for its bound.
        def checks = result["checks"].reject { |check| check["code"] == "visits.bound" }

        # What moved against the kept plan, the farthest first.
        def moved = result.fetch("moved", []).sort_by { |one| -one["days"].abs }

        # The longest of what holds the job up, in words.
        def held_up
          holding = result["chain"].select { |one| %w[other wait].include?(one["by"]) }
          longest = holding.max_by { |one| DateTime.iso8601(one["to"]) - DateTime.iso8601(one["from"]) }
          return "Work alone: no wait" unless longest

          holds(longest).then { |says| "#{says[0].upcase}#{says[1..]}" }
        end

        # The greatest slack of any step.
        def slack = result["steps"].filter_map { |one| one["slack"] }.max || 0

        # The next thing to do.
        def next_sentence
          return "Every step is done." if nothing?
          return "Mend what is at fault: nothing can be planned." unless planned?

          late = checks.find { |check| check["level"] == "stop" }
          return "#{late["says"]} #{late["do"]}" if late
          return "Keep this plan." if changed?
          return "Plan the firm's board again: #{untimed.length} steps have no time yet." if untimed.any?
          return "No visit is left: the rest is done in the shop." unless open

          "#{day_of(open["date"])}, leave at #{clock(open["leave"])}: " \
            "#{loads.words(open["steps"]).first}."
        end

        # Steps that came up since the board was kept.
        def untimed = open_list.select { |step| times.fetch(step["key"])["end"].nil? }

        # When each step that is done was over, as its form was printed with; and that it says so.
        #
        # @return [Hash{String => String}]
        def ended = {"steps" => "", **done_list.to_h { |step| [step["key"], step["ended"]] }}

        # Steps that are still to do.
        def open_list = visiting.steps.reject { |one| one["ended"] }

        # Steps that are done.
        def done_list = visiting.steps.select { |one| one["ended"] }

        # The sum of a step's minutes, in a list of none or one.
        def sums(key) = [visiting.agendas.fetch(YellowTrack::Visits.letter(key)).sum(key)].compact

        MANY = 100 # steps, past which a sum is asked for when it is opened

        # Whether every step stands on the page: of many, once they are asked for.
        def all? = !many? || all_asked?

        # Whether the whole list was asked for.
        def all_asked? = params.key?("all")

        # Where the whole list is.
        def all_path = Paths.visits(job.id, visiting.changes, all: 1)

        # Whether it is so long that it comes by itself.
        def many? = visiting.steps.length > MANY

        # Where a step's sum is.
        def sums_path(key) = Paths.job(job.id, "visits", "sums", key)

        # What sums are shown with.
        def sum_printer = Working::MILLIMETRES

        # Where a figure of a step is changed.
        def origin_path(_entry) = Paths.crew_hours

        # Whether a step is ticked here, and can be taken back.
        def ticked_here?(key)
          letter, name = key.split("-", 2)
          !visiting.agendas.fetch(letter).shown_done?(name)
        end

        # Whether a step was put somewhere by hand.
        def put?(key) = visiting.put.key?(key)

        # What was typed where it was refused, else what stands.
        def typed_or(name, value) = (params.key?(name) && fault) ? typed_at(name) : value

        # Days that nobody works, or the crew is elsewhere, still to come.
        def crew_days = visiting.changes.days(book.crew_days.all(from: visiting.start)).sort_by(&:day)

        # What was typed and refused stands in its field.
        def typed_day(name) = fault ? params[name].to_s : ""

        private

        def loads = @loads ||= Desk::JobVisits::Loads.new(visiting)

        def steps = @steps ||= visiting.steps.to_h { |one| [one["key"], one] }

        def others_before(keys)
          all = keys.flat_map { |key| (step(key)["after"] || []).map { |after| after["step"] } }.uniq
          all.map { |key| step(key) }.select { |one| one["place"] == "other" && one["ended"].nil? }
            .map { |one| "#{told(one["key"])}, by others, #{day_of(times.fetch(one["key"])["end"])}" }
        end

        # A step in words: "covering B".
        def told(key) = "#{step(key)["what"]} #{step(key)["opening"]}"

        def day_of(moment) = Date.iso8601(moment[0, 10]).strftime("%-d %B")

        def holds(link)
          return "#{told(link["step"])}, by others until #{day_of(link["to"])}" if link["by"] == "other"

          "what #{told(link["step"])} waits for, until #{day_of(link["to"])}"
        end
      end
    end
  end
end
