# frozen_string_literal: true

require "date"

module YellowTrack
  module Web
    module Visits
      # The crew's days and hours, and the minutes and waits of steps: house rules, each
      # with its usual figure beside, and what steps really took.
      class Hours < Web::Screen
        WEEK = Desk::CrewHours::WEEK.zip(View::WEEKDAYS.rotate).to_h.freeze
        UNITS = {"once" => "min", "panel" => "min a panel", "pair" => "min a pair", "leaf" => "min a leaf",
                 "lane" => "min a lane", "packed" => "min a packed jamb", "metre" => "min a metre of width"}.freeze
        NAMES = {"top-hung" => "top-hung", "bottom-rolling" => "bottom-rolling", "wall-hung" => "wall-hung",
                 "bifold" => "bifold", "pocket" => "pocket", "service" => "mending"}.freeze

        NAMED = {"visits.week" => "Working days", "visits.from" => "From", "visits.to" => "To", "visits.travel" =>
          "Minutes to the site", "visits.crew" => "How many you are", "visits.paint" => "Who paints",
                 "visits.pause" => "The pause",
                 "visits.yearly" => "Days off every year"}.freeze

        ONCE = %w[visits.from visits.to visits.travel visits.crew visits.pause visits.yearly].freeze # set once
        OTHERS = "others, paint by others, covering" # what no hour of ours goes into

        # The template that it is drawn with.
        def template = "visits/hours"

        # What stands in the window's own line.
        def title = "Days and hours"

        # Days of the week, by their keys.
        def week = WEEK

        # Whether the crew works on a day, as its box stands.
        def works?(day) = hours_refused? ? Array(params["visits.week"]).include?(day) : hours.week.include?(day)

        # What stands in a field.
        def value(key)
          return typed_at(key) if hours_refused? && params.key?(key)

          written(key)
        end

        # As it is written in a field.
        def written(key)
          case key
          when "visits.from", "visits.to" then Desk::CrewHours.clock(Integer(hours[key], 10))
          when "visits.pause"
            hours[key].split("-").map { |text| Desk::CrewHours.clock(Integer(text, 10)) }.join("-")
          when "visits.yearly" then hours.yearly.join(", ")
          else hours[key]
          end
        end

        # What its form replaces.
        #
        # @return [Hash{String => String}]
        def standing
          {"visits.week" => hours.week.join(","), "visits.paint" => hours["visits.paint"],
           **ONCE.to_h { |key| [key, written(key)] },
           **rows.flat_map { |row| figures(row).keys.map { |name| field(row, name) } }.to_h { |key|
             [key, rules[key].to_s]
           }}
        end

        # What a figure is called.
        def label(key) = NAMED[key] || key.delete_prefix(Files::StepTimes::PREFIX).tr(".", " ")

        # What was before, the latest first.
        #
        # @return [Array<Store::Replaced::Was>]
        def earlier = book.replaced.among("rule", standing.keys)

        # Whether it comes right after a save.
        def kept? = params.key?("kept")

        # Rows with figures that a house can set.
        #
        # @return [Array<Visits::Agenda::Row>]
        def rows = Files::StepTimes.rows.select { |row| figures(row).any? }

        # Rows by what they are for, in the order of the work; what others do, last.
        #
        # @return [Hash{String => Array<Visits::Agenda::Row>}]
        def groups
          rows.group_by { |row| YellowTrack::Price::STAGES.find { |_, keys| keys.include?(row.key) }&.first || OTHERS }
            .sort_by { |name, _| [*YellowTrack::Price::STAGES.keys, OTHERS].index(name) }.to_h
        end

        # How many figures of a group the house has set.
        def own(rows) = fields_of(rows).count { |key| !rules[key].to_s.empty? }

        # Whether there is something in a group that has to be seen.
        def opened?(rows)
          (hours_refused? && fields_of(rows).any? { |key| params[key].to_s != rules[key].to_s }) ||
            rows.any? { |row| figures(row).any? { |name, _| lesson(row, name) } }
        end

        # Name, usual value and unit of a row's figures.
        def figures(row)
          row.figures.select { |name, _| name == "days" || name.start_with?("wait.") || UNITS.key?(unit(name)) }
        end

        # The unit of a figure, in words.
        def unit_of(row = nil, name = nil)
          return super() unless row
          return "working days" if name == "days"
          return UNITS.fetch(unit(name)) unless name.start_with?("wait.")

          "#{row.waits.fetch(unit(name)).keys.first} after #{unit(name)}"
        end

        # What a figure's field is called.
        def field(row, name) = "#{Files::StepTimes::PREFIX}#{row.id}.#{name}"

        # A figure as its field stands.
        def set(row, name) = (hours_refused? ? params[field(row, name)] : rules[field(row, name)]).to_s

        # What a row is for, in words.
        def hung(row) = [*row.for&.map { |kind| NAMES.fetch(kind) }, *row.when&.reject { |has| has.start_with?("!") }]
          .join(", ").tr("_", " ")

        # What the log says a step took: the middle, and how often.
        def took(row)
          list = took_all.minutes(row.id)
          return if list.empty?

          "#{Lessons.median(list).round} min, #{list.length} #{(list.length == 1) ? "time" : "times"}"
        end

        # What it teaches of a row whose minutes are all of one kind: the figure that would
        # fit, offered.
        #
        # @return [Array(String, String), nil] its words, the figure
        def lesson(row, name)
          lesson = row.minutes && name.start_with?("minutes.") && took_all.lesson(row.id) or return
          figure = (house_figure(row, name) * lesson.value).round
          ["takes #{lesson.value.to_f.round(2)} times its minutes, #{lesson.times} of #{lesson.of}", figure.to_s]
        end

        # A house's minutes that stay, and that nothing bears any more (handbook 10).
        #
        # @return [String, nil]
        def unborne(row, name)
          "yours stays; what was ticked no longer tells it from the usual" if row.minutes &&
            name.start_with?("minutes.") && rules[field(row, name)].to_s != "" && took_all.borne?(row.id) == false
        end

        # Days that are shut from today on.
        def days = book.crew_days.all(from: Date.today)

        private

        # Whether it was the large form that was refused.
        def hours_refused? = !fault.nil? && !refused?("day")

        def fields_of(rows) = rows.flat_map { |row| figures(row).keys.map { |name| field(row, name) } }

        def house_figure(row, name)
          Files::StepTimes.figures(rules)["#{row.id}.#{name}"] || row.figures.fetch(name)
        end

        def took_all = @took_all ||= Desk::Took.new(book)

        def unit(name) = name.split(".", 2).last

        def rules = @rules ||= book.house_rules.all

        def hours = @hours ||= Desk::CrewHours.new(rules, [])
      end
    end
  end
end
