# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # Papers for the saw and the site, as PDF.
      module Papers
        def self.registered(app)
          app.helpers(Packing)

          app.post(%r{/(jobs|openings)/(\d{1,9})/papers}) do |kind, id|
            (kind == "jobs") ? load_job(id) : load_opening(id)
            halt 404 if papered.empty?
            redirect to("/papers/#{begin_pack}"), 303
          end

          app.get(%r{/papers/(\h{16})}) do |key|
            @paperwork = Paperwork[key] or halt 404
            @key = key
            @title = "Papers"
            (request.env["HTTP_HX_REQUEST"] == "true") ? partial(:"papers/progress") : erb(:"papers/page")
          end

          app.get(%r{/papers/(\h{16})\.pdf}) do |key|
            paperwork = Paperwork[key]
            halt 404 unless paperwork&.pdf
            give("#{paperwork.name}.pdf", "application/pdf", paperwork.pdf)
          end
        end

        # What the routes of papers share.
        module Packing
          # Works with a plan to put on paper.
          def papered = @papered ||= (@row ? [@work] : @works).select(&:plan)

          # @return [String] by which the paperwork is asked for
          def begin_pack
            pack, rows = paper_pack, papered.map(&:row)
            name = @row ? file_name : @job.name.downcase.gsub(/[^a-z0-9]+/, "-")
            kept = book
            Paperwork.begin(rows.length, name) do |tell|
              pack.render(&tell).tap { rows.each { |row| kept.papers.made(row.id, row.version) } }
            end
          end

          def paper_pack
            Drawing::Paper::Pack.new(job: @job.name, date: Time.now.strftime("%-d %B %Y"), address: "#{request.base_url}/jobs/#{@job.id}",
              openings: papered.map { |work| paper_opening(work) }, lots: -> { CutList.new(book, papered).lots.map { |lot| Drawing::Paper::Pack::Lot.new(material: lot.material, cuts: lot.cutting.cuts) } })
          end

          def paper_opening(work)
            Drawing::Paper::Pack::Opening.new(plan: work.plan, letter: work.row.letter, name: work.row.name, revision: work.row.version,
              address: "#{request.base_url}/openings/#{work.row.id}", cautions: Data::Cautions.for(work.plan.set) + [Data::Cautions.always])
          end

          # Whether the plan has changed since it was printed.
          #
          # @return [String, nil] in words
          def out_of_date(row)
            last = book.papers.last(row.id)
            return unless last && last.version < row.version

            "The papers show revision #{last.version}. The opening is at revision #{row.version} now: print them again."
          end
        end
      end
    end
  end
end
