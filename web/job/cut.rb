# frozen_string_literal: true

module YellowTrack
  module Web
    module Job
      # The cut list of a whole job.
      class Cut < Web::Screen
        include Web::Cut::CuttingList

        # @return [Store::Jobs::Job]
        attr_reader :job

        # @param desk [Desk::Job]
        def initialize(desk, **rest)
          super(desk.book, **rest)
          @desk, @job = desk, desk.row
        end

        def template = "cut/list"

        def title = "Cut list of #{job.name}"

        alias_method :heading, :title

        def list = @desk.cut_list

        def cut_printer = @cut_printer ||= @desk.cut_printer

        def fine_printer = @desk.fine_printer

        def translated? = @desk.translated?

        # The other unit is a press away on this page too.
        def unit_of = @desk

        def job_id = job.id

        def papers_path = Paths.job(job.id, "papers")

        def csv_path = Paths.job(job.id, "cut.csv")
      end
    end
  end
end
