# frozen_string_literal: true

require "date"

module YellowTrack
  module Desk
    # The crew's days and hours, as the house has set them (handbook 14, "The model").
    class CrewHours
      WEEK = Visits::Calendar::WEEK.rotate.freeze # from Monday
      CLOCK = /\A(\d{1,2})(?::(\d\d))?\z/
      # What is set, with its usual value.
      USUAL = {"visits.week" => "mon,tue,wed,thu,fri", "visits.from" => "450", "visits.to" => "990",
               "visits.travel" => "40", "visits.crew" => "2", "visits.paint" => "shop", "visits.pause" => "",
               "visits.yearly" => ""}.freeze
      MOST = {"visits.travel" => 300, "visits.crew" => 20}.freeze
      PAINT = %w[shop others].freeze
      LEAP = 2028 # a year that has every day
      AHEAD = 2 # years of days off that a plan of one job knows

      # @param rules [Hash{String => String}] of the house
      # @param days [Array<Store::CrewDays::Day>]
      def initialize(rules, days)
        @rules, @days = rules, days
      end

      # A figure of the house, else the usual one.
      def [](key) = @rules[key] || USUAL.fetch(key)

      # Days on which the crew works.
      def week = self["visits.week"].split(",")

      # Minutes of a day at which work begins and ends.
      def from = Integer(self["visits.from"], 10)

      # When it goes home: the hour.
      def to = Integer(self["visits.to"], 10)

      # Minutes of the way to the site.
      def travel = Integer(self["visits.travel"], 10)

      # The pause, as a board's file has it; nil for none.
      #
      # @return [Hash, nil]
      def pause
        from, to = self["visits.pause"].split("-").map { |text| Integer(text, 10) }
        to && {"from" => from, "minutes" => to - from}
      end

      # Days of every year that nobody works: "12-25".
      #
      # @return [Array<String>]
      def yearly = self["visits.yearly"].split(",")

      # How many the crew are.
      def crew = Integer(self["visits.crew"], 10)

      # @param how ["off", "away"]
      # @return [Array<String>]
      def days(how) = @days.select { |one| one.how == how }.map { |one| one.day.iso8601 }

      # Days from one on that nobody works, those of every year as well: what a plan of one job takes.
      #
      # @param from [Date]
      # @return [Array<String>] ISO, in their order
      def shut(from)
        each_year = (from.year..from.year + AHEAD).flat_map { |year| yearly.map { |text| "#{year}-#{text}" } }
        (days("off") + each_year.select { |text| Date.valid_date?(*text.split("-").map { |part| Integer(part, 10) }) })
          .uniq.sort
      end

      # Whether the firm works on a day.
      #
      # @param date [Date]
      def works?(date)
        week.include?(date.strftime("%a").downcase) && !days("off").include?(date.iso8601) &&
          !yearly.include?(date.strftime("%m-%d"))
      end

      # Of a work file.
      #
      # @return [Hash]
      def to_h = {"week" => week, "hours" => {"from" => from, "to" => to}}

      # What is kept of a form; an empty text is the usual.
      #
      # @param typed [Hash{String => String}] by keys of USUAL
      # @return [Hash{String => String}]
      # @raise [Faults] all that cannot be read
      def self.read(typed)
        faults = []
        kept = typed.slice(*USUAL.keys).to_h do |key, text|
          [key, value(key, text)]
        rescue Fault => e
          faults << e
          [key, nil]
        end
        faults << order(kept) if faults.empty? && order(kept)
        raise Faults.new(faults) if faults.any?

        kept.to_h { |key, text| [key, (text == USUAL[key]) ? "" : text] }
      end

      # A minute of the day as it is read: "7:30".
      def self.clock(minutes) = format("%d:%02d", *minutes.divmod(60))

      # The minute of the day that a text says; nil for none.
      def self.minute(text)
        hours, rest = CLOCK.match(text.to_s.strip)&.captures
        total = hours && hours.to_i * 60 + rest.to_i
        total if total && total <= Visits::Calendar::DAY && rest.to_i < 60
      end

      # Hours of a day that a text says: "7:30-10:00".
      #
      # @return [Array(Integer, Integer), nil] minutes of the day; nil for none
      def self.stretch(text)
        from, to = text.to_s.split(/\s*(?:-|–|to)\s*/, 2).map { |one| minute(one) }
        [from, to] if from && to && from < to
      end

      class << self
        private

        def value(key, text)
          case key
          when "visits.week" then days_of(text)
          when "visits.from", "visits.to" then minutes(key, text).to_s
          when "visits.pause" then pause(text)
          when "visits.yearly" then yearly(text)
          when "visits.paint" then PAINT.include?(text) ? text : PAINT.first
          else count(key, text).to_s
          end
        end

        def days_of(list)
          days = WEEK & Array(list)
          raise Fault.new("No working day is left. Leave one of the seven.", key: "visits.week") if days.empty?

          days.join(",")
        end

        def pause(text)
          return "" if text.to_s.strip.empty?

          hours = stretch(text)
          return hours.join("-") if hours

          raise Fault.new("\"#{text.to_s.strip[0, 40]}\" is no pause. Write it as 12:00-12:30.", key: "visits.pause")
        end

        def yearly(text)
          days = text.to_s.split(/[\s,;]+/).reject(&:empty?).uniq
          wrong = days.find { |day| !day_of_year?(day) }
          return days.sort.join(",") unless wrong

          raise Fault.new("\"#{wrong[0, 40]}\" is no day of a year. Write it as 12-25.", key: "visits.yearly")
        end

        def day_of_year?(day)
          day.match?(/\A\d\d-\d\d\z/) && Date.valid_date?(LEAP, *day.split("-").map(&:to_i))
        end

        def minutes(key, text)
          minute(text) || raise(no_time(key, text))
        end

        def no_time(key, text)
          Fault.new("\"#{text.to_s.strip[0, 40]}\" is no time of day. Write it as 7:30.", key:)
        end

        def count(key, text)
          least = (key == "visits.crew") ? 1 : 0
          number = Integer(text.to_s.strip, 10, exception: false)
          return number if number&.between?(least, MOST.fetch(key))

          raise Fault.new("\"#{text.to_s.strip[0, 40]}\" is no whole number from #{least} to #{MOST.fetch(key)}.", key:)
        end

        def order(kept)
          from, to = USUAL.merge(kept).values_at("visits.from", "visits.to").map { |text| Integer(text, 10) }
          return if from < to

          Fault.new("Work begins at #{clock(from)} and ends at #{clock(to)}: it has to end later.", key: "visits.to")
        end
      end
    end
  end
end
