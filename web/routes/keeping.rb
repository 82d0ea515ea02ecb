# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # Openings named anew, copied, binned and brought back.
      module Keeping
        LONGEST_NOTES = 5_000

        def self.registered(app)
          app.post(%r{/openings/(\d{1,9})/name}) do |id|
            load_opening(id)
            name = Store::Jobs.named(params["name"])
            book.openings.change(@row.id, "name", name, seen: @row.version, who:) { {} }
            redirect to("/jobs/#{@row.job_id}"), 303
          rescue Fault => e
            halt 422, e.words
          end

          app.post(%r{/openings/(\d{1,9})/notes}) do |id|
            load_opening(id)
            notes = params["notes"].to_s.scrub("?").strip
            halt 422, "#{notes.length} characters is too long a note. It takes #{LONGEST_NOTES}." if notes.length > LONGEST_NOTES

            book.openings.note(@row.id, notes, who:)
            redirect to("/openings/#{@row.id}/measure"), 303
          end

          {"earlier" => -1, "later" => 1}.each do |way, by|
            app.post(%r{/openings/(\d{1,9})/#{way}}) do |id|
              load_opening(id)
              book.openings.move(@row.id, by) unless @row.binned_at
              redirect to("/jobs/#{@row.job_id}"), 303
            end
          end

          # Choices come along, readings do not: no two closets are alike.
          app.post(%r{/openings/(\d{1,9})/copy}) do |id|
            load_opening(id)
            document = Store::Document.blank(name: "#{@row.name[0, 100]}, neighbour", units: @row.document["units"], set: @row.document["set"])
            row = book.openings.add(job_id: @row.job_id, document:, who:)
            redirect to("/openings/#{row.id}/measure?copied=#{@row.letter}"), 303
          end

          {"bin" => true, "bring-back" => false}.each do |way, binned|
            app.post(%r{/openings/(\d{1,9})/#{way}}) do |id|
              load_opening(id)
              book.openings.bin(@row.id, binned:, who:)
              redirect to("/jobs/#{@row.job_id}"), 303
            end
          end
        end
      end
    end
  end
end
