# frozen_string_literal: true

require "cgi/escape"

module YellowTrack
  module Web
    module Helpers
      # Numbers as they are read at arm's length.
      module Numbers
        FRACTION = %r{(\d+)/(\d+)}

        # Text with its fractions set as real ones, safe for a page.
        #
        # @return [String] HTML
        def set_fractions(text)
          CGI.escapeHTML(text.to_s).gsub(FRACTION) { "<span class=\"fraction\">#{$1}/#{$2}</span>" }
        end

        # What is cut, to the grain. @return [String] HTML
        def cut(mm) = set_fractions(@work.cut_printer.text(mm))

        # What is derived. @return [String] HTML
        def derived(mm) = set_fractions(@work.printer.text(mm))

        # A sentence of the core's, which may hold fractions. @return [String] HTML
        def words(text) = set_fractions(text)

        # The sum of a working, short, numbers put in. @return [String] HTML
        def short_sum(key)
          entry = @work.plan.working[key] or return ""
          set_fractions(plain_sum(entry.sum(@work.printer)))
        end

        # Where a value was taken from, in words.
        def origin(entry)
          {kit: "from the kit sheet", survey: "from the survey", fitter: "your own figure", handbook: "worked out"}.fetch(entry.from)
        end

        # Where the value of a working can be seen or changed.
        #
        # @return [String, nil]
        def origin_path(entry)
          case entry.source
          when /\Akit\./ then "/kits/#{@work.opening.kit.id}" if Data::Shelf.kits.key?(@work.opening.kit.id)
          when /\Asurvey\./ then "/openings/#{@row.id}/measure##{entry.source.tr("._", "--")}"
          when /\Aset\./ then "/openings/#{@row.id}/size##{entry.source.tr("._", "--")}"
          else (entry.from == :survey) ? "/openings/#{@row.id}/measure" : nil
          end
        end

        private

        # Rounding and the outer function as a person says them.
        def plain_sum(text)
          text.sub(/\A(down|up)\((.*), [^,]+\)\z/, '\2').sub(/\Amost\((.*), 0\)\z/, '\1')
            .gsub(/\b(least|most)\(([^()]*)\)/, '\1 of \2')
        end
      end
    end
  end
end
