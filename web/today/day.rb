# frozen_string_literal: true

require "date"

module YellowTrack
  module Web
    module Today
      # A crew's day by the board that is kept: today while the crew has something to do then, else its next.
      class Day
        # A part of the day: a road, at a house, or in the shop. leg, its first; steps, legs of its work; job_id; visit,
        # at a house.
        Part = Struct.new(:is, :from, :to, :steps, :job_id, :visit, keyword_init: true)

        # A step of it: key; says, what it is; from; ended, ISO or nil; path, where it stands, nil where nowhere.
        Step = Struct.new(:key, :says, :from, :ended, :path, :minutes, :hands, keyword_init: true)

        # @param crew [String] its key
        # @param shown [Desk::FirmBoard::Shown] the kept board
        # @param openings [Openings]
        # @param today [String] ISO
        def initialize(crew, shown, openings, today:)
          @crew, @shown, @openings = crew, shown, openings
          @day = shown.plan["days"].find { |day| day["crew"] == crew && day["date"] >= today }
        end

        # @return [String, nil] its date, ISO; nil where the crew has no day left
        def on = @day&.fetch("date")

        # The day in its parts.
        #
        # @return [Array<Part>]
        def parts
          @parts ||= @day["legs"].slice_when { |one, other| apart?(one, other) }.map { |legs| part(legs) }
        end

        # The crew's visit after it.
        #
        # @return [Desk::FirmBoard::Shown::Visit, nil]
        def following = (visits.select { |one| one.date > on }.min_by(&:leave) if @day)

        # What that visit wants ordered, and nobody has.
        #
        # @return [Array<String>] letters of its openings
        def to_order
          visit = following or return []
          visit.visit["steps"].map { |key| YellowTrack::Visits.letter(key) }.uniq.select do |letter|
            order = @openings.step(visit.job_id, "#{letter}-order")
            order && order["ended"].nil?
          end
        end

        private

        def visits = @shown.visits.select { |one| one.visit["crew"] == @crew }

        def apart?(one, other) = one["is"] != other["is"] || (one["is"] == "site" && one["job"] != other["job"])

        def part(legs)
          first = legs.first
          id = first["job"] && @shown.id(first["job"])
          work = (first["is"] == "road") ? [] : legs.map { |leg| step(leg) }
          visit = visits.find { |one| one.date == on && one.job_id == id } if first["is"] == "site"
          Part.new(is: first["is"], from: first["from"], to: legs.last["to"], steps: work, job_id: id, visit:)
        end

        def step(leg)
          job, key = leg.values_at("job", "step")
          id = @shown.id(job)
          known = @openings.step(id, key) || {}
          in_shop = (leg["is"] == "shop") ? ", #{@shown.job(job)}" : ""
          Step.new(key: "#{id}/#{key}", says: "#{@shown.what(job, key)} #{YellowTrack::Visits.letter(key)}#{in_shop}",
            from: leg["from"], ended: known["ended"], minutes: known["minutes"], hands: known["hands"],
            path: @openings.path(id, key))
        end
      end
    end
  end
end
