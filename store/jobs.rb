# frozen_string_literal: true

require "securerandom"

module YellowTrack
  module Store
    # The jobs on the wall.
    class Jobs
      include Questions

      # uid, what it is known by on every machine; over_at, since when it is over, nil while it is not
      Job = Struct.new(:id, :name, :place, :units, :position, :created_at, :binned_at, :uid, :over_at,
        keyword_init: true)

      LONGEST_NAME = 120
      NEVER = "9999" # after every day

      # @param db [Sequel::Database]
      # @param replaced [Replaced]
      def initialize(db, replaced)
        @jobs, @replaced = db[:jobs], replaced
        @first_due = db[:dues].where(job_id: Sequel[:jobs][:id]).select { min(:day) }
      end

      # @return [Array<Job>] in their order, none of the bin
      def all(most: nil, after: nil) = hanging.limit(most, after).map { |row| Job.new(**row) }

      # @return [Integer] how many there are, none of the bin
      def count = hanging.count

      # @param by [Symbol] :hand, in their own order; :due, the one with the soonest that is due first; :name
      # @param due [Boolean] only those that something is due of
      # @return [Array<Job>] those that are not over
      def under_way(most: nil, after: nil, by: :hand, due: false)
        question(:"jobs_by_#{by}#{"_due" if due}") { in_order(not_over(due), by).limit(:$most, :$after) }
          .call(most: most || -1, after: after || 0).map { |row| Job.new(**row) }
      end

      # @return [Integer] how many are under way and have something that is due
      def due_count = not_over(true).count

      # @param words [String] of a name or a place; empty for all
      # @return [Array<Job>] those that are over, the last first
      def over(words = "", most: nil, after: nil)
        finished(words).reverse(:over_at, :id).limit(most, after).map { |row| Job.new(**row) }
      end

      # @return [Integer] how many are over, by a name or a place
      def over_count(words = "") = finished(words).count

      # Takes a job off the first page, or brings it back; nothing of it changes.
      def finish(id, over: true) = @jobs.where(id:).update(over_at: over ? Clock.now : nil)

      # @param ids [Array<Integer>]
      # @return [Hash{Integer => String}] their names
      def names(ids) = @jobs.where(id: ids).select_hash(:id, :name)

      # @param ids [Array<Integer>]
      # @return [Hash{Integer => String}] where they are, by their numbers
      def places(ids) = @jobs.where(id: ids).select_hash(:id, :place)

      # @return [Array<Job>] the bin, the last binned first
      def binned(most: nil)
        @jobs.exclude(binned_at: nil).reverse(:binned_at, :id).limit(most).map { |row| Job.new(**row) }
      end

      # @return [Job, nil]
      def find(id)
        question(:one_job) { @jobs.where(id: :$id) }.call(id:).first&.then { |row| Job.new(**row) }
      end

      # @return [Job]
      # @raise [Fault] for a name that will not do
      def add(name:, place: "", units: "mm")
        name = Jobs.named(name)
        raise Fault.new("\"#{units}\" is no unit. It takes mm or in.", key: "units") unless %w[mm in].include?(units)

        id = @jobs.insert(name:, place: Jobs.place(place), units:, position: (@jobs.max(:position) || 0) + 1,
          created_at: Clock.now, uid: SecureRandom.hex(16))
        find(id)
      end

      # Names a job anew.
      #
      # @raise [Fault] for a name or a place that will not do
      #
      # @param who [String, nil] names it, which keeps what it was called before
      def rename(id, name:, place:, who: nil)
        now, before = [Jobs.named(name), Jobs.place(place)], @jobs.where(id:).get(%i[name place])
        return if now == before

        @replaced.keep("job", id, before, who:) if who
        @jobs.where(id:).update(name: now.first, place: now.last)
      end

      # Puts a job in the bin with all its openings, or brings it back.
      def bin(id, binned: true) = @jobs.where(id:).update(binned_at: binned ? Clock.now : nil)

      # Text without stray spaces.
      def self.tidy(text) = text.to_s.gsub(/[[:space:]]+/, " ").strip

      # A place tidied.
      #
      # @raise [Fault]
      def self.place(place)
        tidy(place).tap do |tidy|
          if tidy.length > LONGEST_NAME
            raise Fault.new("#{tidy.length} characters is too long a place. It takes #{LONGEST_NAME}.",
              key: "place")
          end
        end
      end

      # A name tidied.
      #
      # @raise [Fault]
      def self.named(name)
        tidy = tidy(name)
        raise Fault.new("A name is needed: what is it called on site?", key: "name") if tidy.empty?
        raise Fault.new("#{tidy.length} characters is too long a name. It takes #{LONGEST_NAME}.", key: "name") if
          tidy.length > LONGEST_NAME

        tidy
      end

      private

      def in_order(jobs, by)
        {hand: -> { jobs }, name: -> { jobs.order(Sequel.function(:lower, :name), :id) },
         due: -> { jobs.order(Sequel.function(:coalesce, @first_due, NEVER), :position, :id) }}.fetch(by).call
      end

      def hanging = @jobs.where(binned_at: nil).order(:position, :id)

      def not_over(due)
        under_way = hanging.where(over_at: nil)
        due ? under_way.exclude(@first_due => nil) : under_way
      end

      def finished(words)
        all = @jobs.where(binned_at: nil).exclude(over_at: nil)
        words.empty? ? all : all.grep(%i[name place], "%#{@jobs.escape_like(words)}%", case_insensitive: true)
      end
    end
  end
end
