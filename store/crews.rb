# frozen_string_literal: true

require "date"

module YellowTrack
  module Store
    # The firm's crews: who is in which, from when; their hours; days and hours that they are away.
    class Crews
      # from and to, minutes of a day; nil for the firm's hours.
      Crew = Struct.new(:id, :key, :name, :from, :to, :ended_at, keyword_init: true)

      # Somebody in a crew from a day on.
      Person = Struct.new(:id, :crew_id, :name, :since, keyword_init: true)

      # A day without a crew; from and to, minutes of the day, nil for all of it.
      Away = Struct.new(:id, :crew_id, :day, :from, :to, :why, keyword_init: true)

      LONGEST = 40 # characters of a name
      MOST = 20 # crews

      # A name tidied.
      #
      # @raise [Fault]
      def self.named(text, key:, of:)
        name = Jobs.tidy(text)
        return name if name.length.between?(1, LONGEST)

        raise Fault.new("\"#{name[0, LONGEST]}\" is no name of #{of}: it takes 1 to #{LONGEST} characters.", key:)
      end

      # @param db [Sequel::Database]
      def initialize(db)
        @db = db
        @crews, @people, @away = db[:crews], db[:crew_people], db[:crew_away]
      end

      # @return [Array<Crew>] those that there are, in the order that they were made
      def all = @crews.where(ended_at: nil).order(:id).map { |row| Crew.new(**row) }

      # @return [Crew, nil]
      def find(id) = @crews.first(id:)&.then { |row| Crew.new(**row) }

      # Makes one.
      #
      # @return [Crew]
      # @raise [Fault] for a name that there is, or none
      def add(name)
        name = Crews.named(name, key: "crew", of: "a crew")
        raise Fault.new("#{MOST} crews are as many as a board takes.", key: "crew") if all.length >= MOST
        raise Fault.new("There is a crew \"#{name}\" already. Give this one another name.", key: "crew") if
          all.any? { |one| one.name.casecmp?(name) }

        id = @crews.insert(key: "new-#{@crews.max(:id).to_i + 1}", name:)
        @crews.where(id:).update(key: "#{key_of(name)}-#{id}")
        find(id)
      end

      # Names one anew, and sets its hours; nil for the firm's.
      #
      # @raise [Fault]
      def change(id, name:, from:, to:)
        name = Crews.named(name, key: "name", of: "a crew")
        @crews.where(id:).update(name:, from:, to:)
      end

      # Ends one, or takes it up again: what it did stays; while it is ended nothing is planned for it.
      def finish(id, over: true) = @crews.where(id:).update(ended_at: over ? Clock.now : nil)

      # @return [Array<Crew>] those that are ended, the last first
      def ended = @crews.exclude(ended_at: nil).reverse(:ended_at, :id).map { |row| Crew.new(**row) }

      # Who is in which crew on a day, by the crew's number.
      #
      # @param day [Date]
      # @return [Hash{Integer => Array<Person>}]
      def people(day)
        latest = @people.where { |row| row.since <= day.iso8601 }.order(:since, :id).map { |row| person(row) }
          .to_h { |one| [one.name.downcase(:fold), one] }
        latest.values.select(&:crew_id).group_by(&:crew_id)
      end

      # Changes that are still to come, the soonest first.
      #
      # @param day [Date]
      # @return [Array<Person>]
      def coming(day) = @people.where { |row| row.since > day.iso8601 }.order(:since, :id).map { |row| person(row) }

      # Puts somebody in a crew from a day on; nil for in none.
      #
      # @param name [String]
      # @param since [Date]
      # @raise [Fault] for no name
      def put(name, crew_id, since:)
        name = Crews.named(name, key: "person", of: "a person")
        known = @people.where(Sequel.function(:lower, :name) => name.downcase).get(:name) || name
        @db.transaction do
          @people.where(name: known, since: since.iso8601).delete
          @people.insert(crew_id:, name: known, since: since.iso8601)
        end
      end

      # The crew that somebody is in on a day; nil for none.
      #
      # @param name [String]
      # @param day [Date]
      # @return [Crew, nil]
      def of(name, day)
        id, = people(day).find { |_, list| list.any? { |one| one.name.casecmp?(name) } }
        found = id && find(id)
        found unless found&.ended_at
      end

      # @param from [Date] earlier days are left out
      # @return [Array<Away>] in their order
      def away(from:)
        @away.where { |row| row.day >= from.iso8601 }.order(:day, :from, :id).map { |row| Away.new(**row) }
      end

      # Notes that a crew is away on a day, or for hours of it.
      def leave(crew_id, day:, from: nil, to: nil, why: "")
        row = {crew_id:, day: day.iso8601, from:, to:}
        @away.where(row).delete
        @away.insert(**row, why:)
      end

      # Takes that back.
      def back(away_id) = @away.where(id: away_id).delete

      private

      def person(row) = Person.new(**row)

      def key_of(name) = name.downcase.unicode_normalize(:nfd).gsub(/[^a-z0-9]+/, "-").gsub(/\A-|-\z/, "")[0, 30]
    end
  end
end
