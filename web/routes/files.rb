# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # Openings in and out as files, plans out, drawings out.
      module Files
        LARGEST = 1_000_000 # bytes of a file

        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(Reading)
          app.reads(%r{/openings/#{Asking::NUMBER}/(opening|plan)\.json}o) do |id, what|
            give_json(find_opening(id), what)
          end
          app.reads(%r{/openings/#{Asking::NUMBER}/(#{Regexp.union(Size::Drawings::NAMES)})\.svg}o) do |id, name|
            opening = find_opening(id)
            picture = picture_of(opening, name) or halt 404
            give("#{name_of(opening)}.#{name}.svg", "image/svg+xml", picture.saved)
          end
        end

        # What the routes of files share.
        module Reading
          # What an opening's files are called.
          def name_of(opening) = file_name(job_of(opening).name, opening.letter)

          # An opening that makes no plan answers what bin/plan says of it.
          def give_json(opening, what)
            told = (what == "plan") ? opening.plan_file : opening.document.to_h
            give("#{name_of(opening)}.#{what}.json", "application/json", JSON.pretty_generate(told))
          rescue Fault => e
            content_type :json
            halt 422, JSON.pretty_generate("faults" => e.message.lines(chomp: true))
          end

          # A drawing of an opening, by its name.
          def picture_of(opening, name)
            return Drawing::Shape.new(opening.survey, opening.closure, opening.printer) if name == "shape"

            opening.plan && Size::Drawings.new(opening).picture(name)
          end

          # A file that was chosen on a page, parsed.
          #
          # @param file [Hash, nil] filename and tempfile
          # @param what [String] what it should be: "an opening file"
          # @raise [Fault] for none, too large a one, or one that is no JSON
          def read_json(file, what)
            raise Fault, "No file was chosen. Choose #{what}, as Yellow Track saves it." unless file

            text = file[:tempfile].read(LARGEST + 1).to_s.dup.force_encoding("UTF-8").scrub("?")
            raise Fault, "That file is over #{LARGEST} bytes. Choose #{what}, as Yellow Track saves it." if text
              .bytesize > LARGEST

            Web::Legible.clean(JSON.parse(text, max_nesting: 20))
          rescue JSON::ParserError
            raise Fault, "\"#{file[:filename].to_s[0, 60]}\" is no JSON. Choose #{what}, as Yellow Track saves it."
          end
        end
      end
    end
  end
end
