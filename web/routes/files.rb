# frozen_string_literal: true

require "json"

module YellowTrack
  module Web
    module Routes
      # Openings in and out as files, plans out, drawings out.
      module Files
        LARGEST = 1_000_000 # bytes of an opening file

        def self.registered(app)
          app.helpers(Reading)
          out(app)
          app.post(%r{/jobs/(\d{1,9})/file}) do |id|
            load_job(id)
            document = read_document(params["file"])
            row = book.openings.add(job_id: @job.id, document:, who:)
            redirect to("/openings/#{row.id}"), 303
          rescue Fault => e
            status 422
            @file_fault = e
            erb :job
          end
        end

        def self.out(app)
          app.get(%r{/openings/(\d{1,9})/opening\.json}) do |id|
            load_opening(id)
            give("#{file_name}.opening.json", "application/json", JSON.pretty_generate(@row.document.to_h))
          end

          app.get(%r{/openings/(\d{1,9})/plan\.json}) do |id|
            load_opening(id)
            halt 404 unless @work.plan
            give("#{file_name}.plan.json", "application/json", JSON.pretty_generate(@work.plan.to_h))
          end

          app.get(%r{/openings/(\d{1,9})/(front|above|floor|sections|half-jamb|shape)\.svg}) do |id, name|
            load_opening(id)
            halt 404 if name != "shape" && !@work.plan
            halt 404 if name == "half-jamb" && !half_jamb?
            give("#{file_name}.#{name}.svg", "image/svg+xml", Drawing::Saved.new(picture(name)).to_s)
          end
        end

        # What the routes of files share.
        module Reading
          # Sends a file to be kept, under a name of its own.
          def give(name, type, text)
            content_type type
            attachment name
            text
          end

          def file_name = "#{@job.name} #{@row.letter}".downcase.gsub(/[^a-z0-9]+/, "-")

          def picture(name)
            {"front" => -> { front_drawing }, "above" => -> { above_drawing }, "floor" => -> { strip_drawing }, "sections" => -> { sections_drawing }, "half-jamb" => -> { half_jamb_drawing }, "shape" => -> { shape.to_s }}
              .fetch(name).call
          end

          # An opening file that was chosen on the page.
          #
          # @return [Store::Document]
          # @raise [Fault] for what is no opening file, all of its faults named
          def read_document(upload)
            document = read_json(upload, "an opening file")
            opening = Data::Shelf.opening(document)
            Store::Document.new(document).with("name", Store::Jobs.named(opening.name.empty? ? upload[:filename] : opening.name))
          end

          # A file that was chosen on a page, parsed.
          #
          # @param what [String] what it should be: "an opening file"
          # @raise [Fault] for none, too large a one, or one that is no JSON
          def read_json(upload, what)
            raise Fault, "No file was chosen. Choose #{what}, as Yellow Track saves it." unless upload.is_a?(Hash) && upload[:tempfile]

            text = upload[:tempfile].read(LARGEST + 1).to_s.force_encoding("UTF-8").scrub("?")
            raise Fault, "That file is over #{LARGEST} bytes. Choose #{what}, as Yellow Track saves it." if text.bytesize > LARGEST

            JSON.parse(text, max_nesting: 20)
          rescue JSON::ParserError
            raise Fault, "\"#{upload[:filename]}\" is no JSON. Choose #{what}, as Yellow Track saves it."
          end
        end
      end
    end
  end
end
