# frozen_string_literal: true

module YellowTrack
  module Web
    module Cut
      # Cut: the parts of one opening, each on its bar.
      class Screen < OpeningScreen
        include CuttingList

        # The opening's own cut list.
        def list = @list ||= Desk::CutList.new(book, [opening])

        # What the list is called on the page.
        def heading = "Cut #{opening.letter} #{opening.name}"

        # What cut lengths are written with.
        def cut_printer = opening.cut_printer

        # What gaps and turns are written with: finer than the grain.
        def fine_printer = opening.fine_printer

        # Whether it is shown in the other unit than it was measured in.
        def translated? = opening.translated?

        # The number of its job.
        def job_id = job.id

        # Where its papers are made, and its list is saved.
        def papers_path = Paths.opening(id, "papers")

        # Where the list is, as a table.
        def csv_path = Paths.opening(id, "cut.csv")

        # Whether something on its papers was changed since they were made.
        #
        # @return [String, nil] in words
        def out_of_date
          changed = old_papers or return
          "The papers show revision #{book.papers.last(id).version}: #{changed} since. Make them again."
        end
      end
    end
  end
end
