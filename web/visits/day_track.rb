# frozen_string_literal: true

require "date"

module YellowTrack
  module Web
    module Visits
      # A visits file as its track is drawn.
      class DayTrack
        FAR = 370 # days, at most
        WAIT = "wait " # before the steps that a box is a wait for
        HANDS = {1 => "one", 2 => "two", 3 => "three", 4 => "four"}.freeze

        # @param visiting [Desk::JobVisits]
        # @param result [Hash] the visits file
        # @param open [Hash, nil] the visit that is open
        # @param words [#call] says steps by their keys
        # @yieldparam visit [Hash]
        # @yieldreturn [String] where it opens
        def initialize(visiting, result, open:, words: Desk::JobVisits::Loads.new(visiting).method(:words), &path)
          @visiting, @result, @open, @words, @path = visiting, result, open, words, path
          @steps = visiting.steps.to_h { |step| [step["key"], step] }
          @ends = result["steps"].to_h { |step| [step["key"], step] }
        end

        # @return [Drawing::VisitTrack]
        def drawing = Drawing::VisitTrack.new(days, panels:, boxes: others + waits, chain:, today: Date.today)

        private

        def days
          first = [@visiting.start, *@result["days"].first(1).map { |day| Date.iso8601(day) }].min
          last = [@result["end"], *@result["days"]].map { |day| Date.iso8601(day) }.max
          (first..[last, first + FAR].min).map { |date| day(date) }
        end

        def day(date)
          iso = date.iso8601
          kind = if visits.key?(iso) then :visit
          elsif @result["days"].include?(iso) then :shop
          else
            @visiting.hours.works?(date) ? :bare : :closed
          end
          Drawing::VisitTrack::Day.new(date:, kind:, note: note(iso, kind))
        end

        def note(iso, kind)
          return "shop" if kind == :shop
          return if kind == :visit

          "away" if away.include?(iso)
        end

        def away = @away ||= @visiting.work["away"]

        def visits = @visits ||= @result["visits"].to_h { |visit| [visit["date"], visit] }

        def panels
          @result["visits"].each_with_index.map do |visit, place|
            words = @words.call(visit["steps"])
            Drawing::VisitTrack::Panel.new(date: Date.iso8601(visit["date"]), uid: visit["uid"],
              path: @path.call(visit), title: "#{place + 1} #{words.first}", lines: words,
              now: visit["uid"] == @open&.fetch("uid"),
              times: "#{visit["leave"][11, 5]}–#{visit["back"][11, 5]}, #{HANDS.fetch(visit["hands"], "more")}")
          end
        end

        def others
          @visiting.steps.select { |step| step["place"] == "other" && step["ended"].nil? }.map do |step|
            time = @ends.fetch(step["key"])
            Drawing::VisitTrack::Box.new(from: time["start"], to: time["end"], key: step["key"], others: true,
              words: "#{step["what"]} #{step["opening"]}")
          end
        end

        def waits
          Waits.of(@result["waits"]) { |key| what(key) }.map do |wait|
            Drawing::VisitTrack::Box.new(from: wait.from, to: wait.to, others: false, words: wait.words,
              key: "#{WAIT}#{wait.befores.join(" ")}")
          end
        end

        def what(key) = @steps[key]&.fetch("what", key) || key

        # What holds the job up, each with the box that it goes through.
        def chain
          boxes = others + waits
          @result["chain"].select { |one| %w[work other wait].include?(one["by"]) }.map do |one|
            Drawing::VisitTrack::Stretch.new(from: one["from"], to: one["to"], at: through(one, boxes)&.key)
          end
        end

        def through(one, boxes)
          case one["by"]
          when "other" then boxes.find { |box| box.key == one["step"] }
          when "wait" then boxes.find { |box| box.key.start_with?(WAIT) && box.key.split.include?(one["step"]) }
          end
        end
      end
    end
  end
end
