# frozen_string_literal: true

module YellowTrack
  module Web
    module Wall
      # The first page: every job as a row of its openings. Nothing is worked out
      # for it: it shows what each opening's last write left to be shown.
      class Screen < Web::Screen
        JOBS = 12 # on a page
        OPENINGS = 8 # of each, the rest on the job's own page
        BINNED = 20
        BY = {hand: "as they came", due: "by what is due", name: "by name"}.freeze # how jobs are sorted

        # A job's row: the job, its first openings, how many more there are.
        Row = Struct.new(:job, :openings, :more, keyword_init: true)

        # The template that it is drawn with.
        def template = "wall/page"

        # Keys that it has beside those of every page: what each does, by its key.
        def keys = {"n" => "new job"}

        # Where it is in a list that is longer than a page.
        def paging = @paging ||= Paging.new(count(due: only_due?), JOBS, asked_number("page"))

        # Where it is, with what was asked of it.
        def path(page) = sorted(by, due: only_due?, page:)

        # How jobs are sorted.
        #
        # @return [Symbol] a key of BY
        def by = BY.keys.find { |key| key.name == params["by"] } || :hand

        # Whether only jobs that something is due of are shown.
        def only_due? = params["only"] == "due"

        # Whether there is something to sort.
        def sorts? = only_due? || count > 1

        # Every way of sorting, as it is called.
        def ways_to_sort = BY

        # The first page sorted so, and all jobs or only those that something is due of.
        def sorted(way, due: only_due?, page: nil)
          Paths.with(Paths.wall, by: (way.name unless way == :hand), only: ("due" if due), page:)
        end

        # @return [Array<Row>]
        def rows
          @rows ||= begin
            jobs = book.jobs.under_way(most: paging.most, after: paging.after, by:, due: only_due?)
            first = book.openings.first_of(jobs.map(&:id), OPENINGS)
            hung = Desk::Listing.shown(book, first.values.flat_map(&:openings)).map { |row| HungOpening.new(row) }
              .group_by(&:job_id)
            jobs.map do |job|
              Row.new(job:, openings: hung[job.id] || [], more: [(first[job.id]&.in_all || 0) - OPENINGS, 0].max)
            end
          end
        end

        # Whether no good backup was made for two days, of a book that has been there as
        # long.
        def backup_late?
          (first = said.oldest) && Time.now - Time.iso8601(first) > Store::Backups::LATE &&
            Store::Backups.new(book.file).late?
        end

        # Why the last backup failed, or how little room the disk has; nil for neither.
        #
        # @return [String, nil]
        def trouble
          failure = Store::Backups.new(book.file).failure
          return "The last backup failed: #{failure}" if failure

          free = Store::Disk.lately(File.dirname(book.file))
          "The disk has #{free / 1024} MB free. Make room before it is full." unless Store::Disk.level(free) == :good
        end

        # How much that he wrote away from the server is to be decided: what others wrote
        # meanwhile, and when it was.
        def quarrels = said.quarrels

        # What is due, before all else.
        #
        # @return [Due]
        def due = @due ||= DueRows.new(book)

        # How many jobs are over.
        def over = said.over

        # What lies in the bin, the last first.
        def binned = @binned ||= said.binned.zero? ? [] : book.jobs.binned(most: BINNED)

        # The unit that a new job is measured in.
        def usual_unit = refused?(nil) ? typed_at("units") : said.units

        # Whether the form of a new job stands open.
        def adding? = (rows.empty? && !only_due?) || refused?(nil) || params.key?("new")

        # Whether the job that was to be read in is here already.
        def here_already? = fault.is_a?(Desk::JobFile::Here)

        private

        # Asked once for lists, sorting, warnings and the new job.
        def said = @said ||= book.first_page.of(visitor.owner, visitor.account_id)

        def count(due: false) = due ? book.jobs.due_count : said.under_way
      end
    end
  end
end
