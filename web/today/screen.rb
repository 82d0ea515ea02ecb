# frozen_string_literal: true

require "date"
require "erb"

module YellowTrack
  module Web
    module Today
      # The day of a crew: when it leaves, for where, with what; whom it meets; the steps in their order; what the next
      # day wants ordered; the next visit. It reads the board as it is kept.
      class Screen < Wall::Screen
        # Where a step stands, by its key.
        STAGES = {"survey" => "measure", "order" => "size", "prepare" => "prepare", "base" => "prepare",
                  "header" => "prepare", "frame" => "hang", "sand" => "prepare", "joint" => "cut", "cut" => "cut",
                  "drill" => "cut", "seal" => "cut", "adjust" => "adjust", "over" => "hand-over"}.freeze
        SERVED = {"look" => "look", "down" => "take-down", "mend" => "mend", "rehang" => "rehang",
                  "adjust" => "rehang", "over" => "hand-over"}.freeze

        # A part of the day: a road, at a house, or in the shop. leg, its first; steps, legs of its work; job_id; visit,
        # at a house.
        Part = Struct.new(:is, :from, :to, :steps, :job_id, :visit, keyword_init: true)

        # A step of it: key; says, what it is; from; ended, ISO or nil; path, where it stands, nil where nowhere.
        Step = Struct.new(:key, :says, :from, :ended, :path, :minutes, :hands, keyword_init: true)

        # @param crew [Store::Crews::Crew]
        # @param now [Time]
        def initialize(book, crew:, now: Time.now, **rest)
          super(book, **rest)
          @crew, @now = crew, now
        end

        # The crew whose day it is.
        attr_reader :crew

        # The template that it is drawn with.
        def template = "today/page"

        # What stands in the window's own line.
        def title = "Today"

        # The day: today while the crew has something to do then, else its next.
        #
        # @return [String, nil] ISO; nil for none
        def on = @on ||= days.find { |day| day["date"] >= today }&.fetch("date")

        # Whether it is today.
        def today? = on == today

        # The crew's people that day.
        def people = (book.crews.people(Date.iso8601(on || today))[crew.id] || []).map(&:name)

        # Other crews, whose days can be looked at.
        def others = book.crews.all.reject { |one| one.id == crew.id }

        # The day in its parts.
        #
        # @return [Array<Part>]
        def parts
          legs = days.find { |day| day["date"] == on }["legs"]
          @parts ||= legs.slice_when { |one, other| apart?(one, other) }.map { |list| part(list) }
        end

        # When it leaves: the first road's begin; nil for a day in the shop.
        def leave = parts.find { |one| one.is == "road" }&.from

        # A job's name and where it is, and whom it is for.
        def job_of(id) = (@jobs ||= {})[id] ||= book.jobs.find(id)

        # Whom a job is for.
        def customer(id) = (@customers ||= {})[id] ||= book.customers.of(id)

        # Where it is driven to: the customer's address, else the job's place.
        def address(id) = [customer(id).address, job_of(id).place.to_s].find { |text| !text.empty? }

        # A link that the device's own map opens.
        def map_link(id) = (to = address(id)) && "geo:0,0?q=#{ERB::Util.url_encode(to)}"

        # A link that telephones.
        def telephone_link(id) = "tel:#{customer(id).telephone.gsub(/[^\d+]/, "")}"

        # What a visit takes along, as it was kept; nil for nothing.
        #
        # @return [Hash, nil]
        def load(visit)
          due = dues.find { |one|
            one.job_id == visit.job_id && one.day == visit.date && (one.says["steps"] & visit.visit["steps"]).any?
          }
          due&.says&.fetch("load")
        end

        # The visit after this day's.
        #
        # @return [Desk::FirmBoard::Shown::Visit, nil]
        def following
          shown.visits.select { |one| one.visit["crew"] == crew.key && one.date > (on || today) }.min_by(&:leave)
        end

        # What the next visit wants ordered, and nobody has: the job's number and the letters.
        #
        # @return [Array<Array(Integer, String)>]
        def to_order
          visit = following or return []
          open = letters(visit).select { |letter|
            agenda(visit.job_id, letter)&.steps&.any? { |step| step["key"] == "#{letter}-order" && step["ended"].nil? }
          }
          open.any? ? [[visit.job_id, open.join(", ")]] : []
        end

        # A moment's time of the day: "7:30".
        def clock(moment) = Desk::FirmBoard::Shown.clock(moment)

        # What stands in the line at the foot.
        def next_sentence
          return "No day of #{crew.name} is planned." unless on

          open = parts.flat_map(&:steps).find { |step| step.ended.nil? }
          return "All of it is done." unless open
          return "Leave at #{clock(leave)} for #{first_house}." if leave && (!today? || leave > now)

          "#{clock(open.from)} #{open.says}."
        end

        private

        def dues = @dues ||= book.dues.of("visit", from: on, until_day: on)

        def today = @now.to_date.iso8601

        def now = @now.strftime("%Y-%m-%dT%H:%M")

        def kept = @kept ||= book.boards.last

        def shown = @shown ||= Desk::FirmBoard::Shown.new(book, kept.plan, firm: Desk::FirmBoard.new(book))

        def days = kept.plan["days"].select { |day| day["crew"] == crew.key }

        def apart?(one, other) = one["is"] != other["is"] || (one["is"] == "site" && one["job"] != other["job"])

        def first_house = job_of(parts.find { |one| one.is == "site" }.job_id).name

        def part(legs)
          first = legs.first
          id = first["job"] && shown.id(first["job"])
          work = (first["is"] == "road") ? [] : legs.map { |leg| step(leg) }
          if first["is"] == "site"
            visit = shown.visits.find { |one|
              one.date == on && one.job_id == id && one.visit["crew"] == crew.key
            }
          end
          Part.new(is: first["is"], from: first["from"], to: legs.last["to"], steps: work, job_id: id, visit:)
        end

        def step(leg)
          id, key = shown.id(leg["job"]), leg["step"]
          letter, name = key.split("-", 2)
          known = agenda(id, letter)&.steps&.find { |one| one["key"] == key }
          in_shop = (leg["is"] == "shop") ? ", #{shown.job(leg["job"])}" : ""
          Step.new(key: "#{id}/#{key}", says: "#{shown.what(leg["job"], key)} #{letter}#{in_shop}", from: leg["from"],
            ended: known ? known["ended"] : nil, minutes: known && known["minutes"], hands: known && known["hands"],
            path: path_of(id, letter, name))
        end

        def path_of(id, letter, name)
          row = rows(id)[letter] or return
          served = agenda_opening(id, letter)&.service&.on?
          stage = served ? SERVED[name] : STAGES.fetch(name, "hang")
          stage && Paths.opening(row.id, stage)
        end

        def letters(visit) = visit.visit["steps"].map { |key| YellowTrack::Visits.letter(key) }.uniq

        def rows(id) = (@rows ||= {})[id] ||= book.openings.of(id).to_h { |row| [row.letter, row] }

        def agenda_opening(id, letter)
          (@openings ||= {})[[id, letter]] ||= rows(id)[letter] && Desk::KeptOpening.new(book, rows(id)[letter])
        end

        def agenda(id, letter)
          (@agendas ||= {})[[id, letter]] ||= agenda_opening(id, letter) &&
            Desk::Agenda.new(agenda_opening(id, letter), Files::StepTimes.figures(book.house_rules.all))
        end
      end
    end
  end
end
