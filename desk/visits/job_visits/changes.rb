# frozen_string_literal: true

require "date"

module YellowTrack
  module Desk
    class JobVisits
      # What is tried of a plan: steps put on days, days off, the way. It stands in the
      # page's address until it is kept, so that nothing of it gets lost.
      class Changes
        include TriedDays

        KEY = /\A[A-Z]{1,3}-[a-z0-9-]{1,30}\z/
        MOST = 400
        HOW = {"off" => "off", "away" => "away", "open" => nil}.freeze

        # @param typed [Hash] "put", {step => day}; "off", "away", "open", lists of days;
        #   "travel", "crew"
        # @raise [Faults] what cannot be read
        def initialize(typed = {})
          @faults = []
          @put = hash(typed["put"]).to_h { |step, text| [step, text.to_s.strip.empty? ? "" : day(text, step)] }
          @days = HOW.flat_map { |name, how| list(typed[name]).map { |text| [day(text, name), how] } }.to_h
          @travel, @crew = number("travel", typed["travel"], "minutes", least: 0),
            number("crew", typed["crew"], "people", least: 1)
          raise Faults.new(@faults) if @faults.any?
        end

        # @return [Integer, nil] minutes, and how many go, where that is tried
        attr_reader :travel, :crew

        # Whether anything is tried.
        def any? = @put.any? || @days.any? || !travel.nil? || !crew.nil?

        # What is put where, over what was kept; an empty day takes it out.
        #
        # @param kept [Hash{String => String}]
        def put(kept) = kept.merge(@put).reject { |_, text| text.empty? }

        # Days that the crew does not work, over those that are kept.
        #
        # @param kept [Array<Store::CrewDays::Day>]
        def days(kept)
          rest = kept.reject { |one| @days.key?(one.day.iso8601) }
          rest + @days.compact.map { |text, how| Store::CrewDays::Day.new(day: Date.iso8601(text), how:, why: "") }
        end

        # @return [Hash{Date => String, nil}] that are to be kept
        def crew_days = @days.transform_keys { |text| Date.iso8601(text) }

        # As a page's address has it.
        #
        # @return [Hash]
        def to_h
          {"put" => @put, **HOW.to_h { |name, how| [name, @days.select { |_, one| one == how }.keys] },
           "travel" => travel&.to_s, "crew" => crew&.to_s}.reject { |_, value| value.nil? || value.empty? }
        end

        private

        def hash(value) = value.is_a?(Hash) ? value.select { |key, _| KEY.match?(key) }.first(MOST) : []

        def list(value) = Array(value).map { |one| one.to_s.strip }.reject(&:empty?).first(MOST)

        def number(name, text, of, least:)
          return if text.to_s.strip.empty?

          most = CrewHours::MOST.fetch("visits.#{name}")
          number = Integer(text.to_s.strip, 10, exception: false)
          return number if number&.between?(least, most)

          refuse("\"#{text.to_s.strip[0, 40]}\" is no number of #{of}. It takes #{least} to #{most}.", name)
          nil
        end
      end
    end
  end
end
