# frozen_string_literal: true

module YellowTrack
  module Desk
    class FirmBoard
      # What jobs and crews of a board's plan are called, those too that the firm has no more.
      class Names
        # @param book [Store::Book]
        # @param plan [Hash] of the board
        # @param firm [FirmBoard]
        def initialize(book, plan, firm)
          @book, @plan, @firm = book, plan, firm
        end

        # The number of a job, by its key.
        def id(key) = Integer(key[/\d+\z/], 10)

        # Numbers of all jobs of the plan.
        #
        # @return [Array<Integer>]
        def ids = @plan["jobs"].map { |job| id(job["key"]) }

        # A job's name.
        def job(key) = jobs[id(key)] || key

        # A crew's name.
        def crew(key) = crews[key] || key

        # Those of a crew.
        #
        # @return [Array<String>]
        def people(key) = @firm.crews.find { |one| one.key == key }&.people || []

        # Keys of the crews: those of the firm, and others that the plan has.
        def crew_keys = (@firm.crews.map(&:key) + @plan["days"].map { |day| day["crew"] }).uniq

        private

        def jobs = @jobs ||= @book.jobs.names(ids)

        def crews
          @crews ||= {LONE => "The crew", **@book.crews.all.to_h { |one| [one.key, one.name] },
                      **@firm.crews.to_h { |one| [one.key, one.name] }}
        end
      end
    end
  end
end
