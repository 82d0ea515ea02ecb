# frozen_string_literal: true

module YellowTrack
  module Files
    # Reads a board file (handbook 17): the firm's days, its crews, its jobs with their steps, what is told.
    class BoardFile
      # @param document [Hash] as parsed
      # @param patience [Visits::Patience] how long a good plan is looked for
      # @return [Board]
      # @raise [Faults] one for each thing at fault
      def self.board(document, patience: Visits::Patience.new(Board::PATIENCE)) = new(document).board(patience)

      # @param document [Hash] as parsed
      def initialize(document)
        @document = document
        @read, faults = Shelf.schema("board").read(document)
        @read ||= {}
        @faults = faults.map { |fault| Fault.new(fault.words, key: named(fault.key)) }
      end

      # @return [Board]
      # @raise [Faults]
      def board(patience)
        refuse(@faults)
        refuse(BoardFaults.new(@read).found)
        made = model
        refuse(BoardFaults.impossible(made))
        Board.new(name: @read["name"] || "", model: made, was: @read["was"] && Board::Was.new(@read["was"], calendar),
          patience:)
      end

      # The firm's steps, crews and houses, of a file without a fault.
      #
      # @return [Board::Model]
      def model
        keys, names = @read["jobs"].map { |job| job["key"] }, @read["crews"].map { |crew| crew["key"] }
        roads = (@read["roads"] || []).to_h { |road|
          [road["between"].map { |key| keys.index(key) }.minmax, road["minutes"]]
        }
        told = (@read["told"] || []).group_by { |one| one["job"] }
        jobs = @read["jobs"].map do |job|
          visits = days((told[job["key"]] || []).map { |one| one["date"] }).reject(&:negative?).uniq
          only = (@read["only"] || {})[job["key"]]
          [Board::Model::Job.new(key: job["key"], name: job["name"] || job["key"], place: job["place"],
            travel: job["travel"] || 0, by: job["by"] && day(job["by"]), shut: days(job["shut"]).to_set, told: visits,
            only: only && names.index(only)), job["steps"].map { |step| StepOfWork.of(step, calendar) }]
        end
        Board::Model.new(jobs, crews:, roads:, calendar:)
      end

      private

      # All that is wrong at once, or nothing.
      def refuse(faults) = faults.any? ? raise(Faults.new(faults)) : nil

      # Crews, jobs and steps by their keys, not by their numbers.
      def named(key)
        key.sub(/\A(crews|jobs)\[(\d+)\](?:\.steps\[(\d+)\])?/) do |whole|
          list, place, step = Regexp.last_match.captures
          one = @document[list][place.to_i]
          next whole unless one.is_a?(Hash) && one["key"].is_a?(String)

          inner = step && one["steps"].is_a?(Array) && one["steps"][step.to_i]
          ["#{list}.#{one["key"]}", *((inner.is_a?(Hash) && inner["key"].is_a?(String)) ? "steps.#{inner["key"]}" :
            step && "steps[#{step}]")].join(".")
        end
      end

      def date(text) = StepOfWork.date(text)

      def day(text) = calendar.day(date(text))

      def days(list) = (list || []).map { |text| day(text) }

      # The firm's hours, a crew's own before them.
      def hours(of = nil) = WorkFile::HOURS.merge((@read["hours"] || {}).compact).merge((of || {}).compact)

      # Counted from the day that is planned from: a step knows no date, it knows a number of a day.
      def calendar
        @calendar ||= begin
          pause = @read["pause"]&.then { |one| [one["from"], one["from"] + one["minutes"]] }
          Board::Calendar.new(start: date(@read["start"]), week: @read["week"] || WorkFile::WEEK,
            off: (@read["off"] || []).map { |text| date(text) }, yearly: @read["yearly"] || [], pause:,
            from: hours["from"], to: hours["to"])
        end
      end

      def crews
        @read["crews"].map do |crew|
          partly = (crew["partly"] || []).group_by { |one| day(one["date"]) }
            .transform_values { |list| list.map { |one| one.values_at("from", "to") } }
          clock = Board::Clock.new(calendar, hours: hours(crew["hours"]).values_at("from", "to"),
            away: days(crew["away"]), partly:)
          Board::Crew.new(key: crew["key"], people: crew["people"] || 1, clock:)
        end
      end
    end
  end
end
