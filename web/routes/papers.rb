# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # Papers for the saw and the site, as PDF.
      module Papers
        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(Packing)
          app.takes(%r{/jobs/#{Asking::NUMBER}/papers}o, by: :office) do |id|
            find_job(id).then { |job| make_papers(job.row, job.planned, job.name) }
          end
          app.takes(%r{/openings/#{Asking::NUMBER}/papers}o, by: :office) do |id|
            opening = find_opening(id)
            make_papers(job_of(opening), [opening].select(&:plan), job_of(opening).name, opening.letter)
          end
          app.reads(%r{/papers/(\h{16})}) do |key|
            screen = Web::Papers::Screen.new(book, Web::Papers::Paperwork[key] || halt(404), key, **asked)
            htmx? ? view.partial("papers/progress", screen:) : show(screen)
          end
          app.reads(%r{/papers/(\h{16})\.pdf}) { |key| give_papers(Web::Papers::Paperwork[key]) }
        end

        # Packs of papers, begun beside the request.
        module Packing
          # Begins to make papers, and goes to the page that counts them.
          def make_papers(job, openings, *names)
            halt 404 if openings.empty?
            pack, kept, rows = pack_of(job, openings), book, openings.map(&:row)
            key = Web::Papers::Paperwork.begin(openings.length, file_name(*names)) do |tell|
              pack.render(&tell).tap { rows.each { |row| kept.papers.made(row.id, row.version) } }
            end
            to_page Paths.papers(key)
          end

          # Gives papers that are made.
          def give_papers(paperwork)
            halt 404 unless paperwork&.pdf
            give("#{paperwork.name}.pdf", "application/pdf", paperwork.pdf)
          end

          # Papers of some openings of a job.
          def pack_of(job, openings)
            lots = -> {
              Desk::CutList.new(book, openings).lots
                .map { |lot| Drawing::Paper::Pack::Lot.new(material: lot.material, cuts: lot.cutting.cuts) }
            }
            Drawing::Paper::Pack.new(job: job.name, date: view.today, address: address(Paths.job(job.id)),
              openings: openings.map { |one| on_paper(one) }, lots:,
              firm: Desk::HouseWords.letterhead(book))
          end

          # An opening as papers take it.
          def on_paper(opening)
            Drawing::Paper::Pack::Packed.new(plan: opening.plan, parts: opening.parts, letter: opening.letter,
              name: opening.name, revision: opening.version,
              address: address(Paths.opening(opening.id)), rows: Desk::Tally.lines(opening),
              cautions: YellowTrack::Files::Cautions.for(opening.plan.set) + [YellowTrack::Files::Cautions.always])
          end

          # A path with what comes before it.
          def address(path) = "#{request.base_url}#{path}"
        end
      end
    end
  end
end
