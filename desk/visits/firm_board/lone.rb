# frozen_string_literal: true

module YellowTrack
  module Desk
    class FirmBoard
      # A board of one job alone, with the firm's first crew: what a job on no board is reckoned on (handbook 17, "Plan
      # and price agree").
      class Lone < FirmBoard
        # @param job [Desk::Job]
        def initialize(job, now: Time.now)
          super(job.book, now:)
          @job = job
        end

        # Nothing is kept of it.
        def kept = nil

        # The firm's first crew.
        def crews = super.first(1)

        # Nobody was told a visit of it.
        def told = []

        private

        def under_way = [@job.row]

        def lots = @lots ||= Lots.new([@job]) { false }
      end
    end
  end
end
