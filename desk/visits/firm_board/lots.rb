# frozen_string_literal: true

module YellowTrack
  module Desk
    class FirmBoard
      # Jobs that a board is planned of, each with the agendas of its openings, until there are as many open steps as a
      # plan is good for.
      class Lots
        # @param jobs [Array<Job>] in the order that they are taken in
        # @yieldparam job [Job]
        # @yieldparam opening [KeptOpening]
        # @yieldreturn [Boolean] whether an opening has nothing more to be planned
        def initialize(jobs, &over)
          @offered, @over = jobs, over
        end

        # @return [Array<Job>] that have openings to be planned
        def jobs = lots.map(&:first)

        # How many openings are planned.
        def openings = lots.sum { |_, agendas| agendas.length }

        # @return [Hash{String => Agenda}] of a job, by the opening's letter
        def agendas(job) = lots.find { |one, _| one.id == job.id }.last

        # @return [Hash{String => Integer}] what calendars know a job by, to its number
        def ids = @ids ||= jobs.to_h { |job| [job.visiting.short_name, job.id] }

        # Those whose own plan was kept before any board had them.
        #
        # @return [Array<Job>]
        def alone = @alone ||= jobs.select { |job| job.visiting.kept && !job.visiting.kept.asked.key?("board") }

        # @param key [String] what calendars know it by
        # @return [Job, nil]
        def job(key) = jobs.find { |one| one.visiting.short_name == key }

        # @param key [String] what calendars know it by
        # @return [String, nil] what a job is called
        def name(key) = job(key)&.name

        private

        def lots
          @lots ||= begin
            open = 0
            @offered.filter_map do |job|
              next if open >= MOST

              found = job.one_by_one { |one| @over.call(job, one) }.map { |one| Agenda.new(one, job.figures) }
                .take_while { |agenda| open < MOST && (open += agenda.open_count) }.to_a
              [job, found.to_h { |agenda| [agenda.letter, agenda] }] if found.any?
            end
          end
        end
      end
    end
  end
end
