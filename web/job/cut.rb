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

        # The template that it is drawn with.
        def template = "cut/list"

        # What stands in the window's own line.
        def title = "Cut list of #{job.name}"

        alias_method :heading, :title

        # The cut list of the whole job.
        def list = @desk.cut_list

        # What cut lengths are written with.
        def cut_printer = @cut_printer ||= @desk.cut_printer

        # What gaps and turns are written with: finer than the grain.
        def fine_printer = @desk.fine_printer

        # Whether it is shown in the other unit than it was measured in.
        def translated? = @desk.translated?

        # The other unit is a press away on this page too.
        def unit_of = @desk

        # The number of its job.
        def job_id = job.id

        # Where its papers are asked for.
        def papers_path = Paths.job(job.id, "papers")

        # Where the list is, as a table.
        def csv_path = Paths.job(job.id, "cut.csv")
      end
    end
  end
end
