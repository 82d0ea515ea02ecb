# frozen_string_literal: true

require "digest"

module YellowTrack
  module Web
    module Along
      # What a device has to keep of a job, so that it is whole without the server: pages,
      # drawings, sheets, and the files that every page stands on.
      class Pages
        OPENINGS = 60 # of a job, the first
        FILES = Dir["#{ROOT}/web/public/**/*.{js,css,woff2,svg}"].sort
        SHEETS = Dir["#{ROOT}/web/*/page.css"].sort
        # Another version of the application keeps its files anew.
        VERSION = Digest::SHA256.hexdigest([*FILES, *SHEETS].map { |file|
          Digest::SHA256.file(file).hexdigest
        }.join)[0, 12].freeze
        ON_ALL = ["/along", "/lines.css", *Styles::OWN.keys.map { |folder| Styles.path(folder) },
          *FILES.map { |file| file.delete_prefix("#{ROOT}/web/public") }].freeze
        BESIDE = %w[log sheet decides].freeze
        OF_PLAN = %w[working drilling].freeze

        # @param job [Desk::Job]
        def initialize(job)
          @job = job
        end

        # @return [Hash] job, name, version, pages, files
        def to_h
          crew_days = (@job.book.boards.version.positive? && @job.book.crews.all.any?) ? [Paths.today] : []
          {job: @job.id, name: @job.name, version: VERSION, files: ON_ALL,
           openings: openings.map(&:id), left: @job.openings.length - openings.length,
           pages: [Paths.job(@job.id), *crew_days, Paths.job(@job.id, "cut"), Paths.visits(@job.id),
             *openings.flat_map { |opening| of(opening) }]}
        end

        private

        def openings = @openings ||= @job.openings.first(OPENINGS)

        def of(opening)
          names = Desk::Stage.on_rail(opening.others?).map(&:key)
          names += BESIDE
          names += OF_PLAN + bench(opening) if opening.plan
          names.map { |name| Paths.opening(opening.id, name) }
        end

        def bench(opening) = opening.turning.answer ? ["bench.json"] : []
      end
    end
  end
end
