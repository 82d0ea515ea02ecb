# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # An opening handed over: its sheet, its names, its looks back.
      module HandOver
        TYPED = %w[fitter customer look_back fresh reason anew line_fitter line_customer].freeze
        SIGNED = Regexp.union(Signers::ALL)

        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(Handing)
          app.takes(%r{/openings/#{Asking::NUMBER}/hand-over}o) { |id| hand_over(find_opening(id)) }
          app.takes(%r{/openings/#{Asking::NUMBER}/look-back}o) { |id| look_back(find_opening(id)) }
          app.reads(%r{/openings/#{Asking::NUMBER}/hand-over/sheet}o) do |id|
            show screen_of(Web::HandOver::Sheet, find_opening(id))
          end
          app.reads(%r{/openings/#{Asking::NUMBER}/hand-over\.pdf}o) { |id| give_sheet(find_opening(id)) }
          app.reads(%r{/openings/#{Asking::NUMBER}/hand-over/(#{SIGNED})\.svg}o) do |id, who|
            give_line(find_opening(id), who)
          end
        end

        # What the routes of the hand-over share.
        module Handing
          # Hands an opening over.
          def hand_over(opening)
            refusing(->(fault) { stage_screen("hand-over", opening, fault:, form: "over") }) do
              sign(opening.id)
              to_page Paths.opening(opening.id, "hand-over")
            end
          end

          # What is looked at and what is written is one: of two at once the second sees the first.
          def sign(id)
            version = seen
            book.transaction do
              handing = Desk::HandingOver.new(find_opening(id.to_s))
              refuse_unseen(handing, version)
              handing.hand_over!(Desk::HandingOver::Typed.new(params.slice(*TYPED)), who:)
            end
          end

          # What is signed has to be what was looked at.
          def refuse_unseen(handing, version)
            of_what_was_seen("It was handed over on another screen meanwhile.", handed: handing.last&.id.to_s)
            return if version == handing.opening.version

            raise Desk::Replacing::Clash.new("It was changed on another screen since this page was opened. Look at " \
              "the sheet again; what you typed stands here.", key: "seen")
          end

          # Writes down how it hangs after its weeks.
          def look_back(opening)
            refusing(->(fault) { stage_screen("hand-over", opening, fault:) }) do
              Desk::HandingOver.new(opening).look_back!(read_gaps(opening), who:, mend: params["mend"].to_s)
              to_page Paths.opening(opening.id, "hand-over", anchor: "look")
            end
          end

          # Gaps as they were typed, mm, by panel and place.
          def read_gaps(opening)
            last = Desk::HandingOver.new(opening).last or return {}
            last.after["gaps"].to_h { |panel, places|
              typed = places.keys.to_h { |place| [place, params["look_#{panel}_#{place}"].to_s.strip] }
              [panel, typed.reject { |_, text| text.empty? }
                .transform_values { |text| typed_length(text, opening.opening.units) }]
            }.reject { |_, places| places.empty? }
          end

          # The hand-over as a paper.
          def give_sheet(opening)
            sheet = screen_of(Web::HandOver::Sheet, opening)
            pdf = Drawing::Paper::HandOverSheet.new(sheet.on_paper(address(Paths.opening(opening.id, "hand-over")),
              sheet.handed_on), firm: sheet.letterhead).render
            give("#{name_of(opening)}.hand-over.pdf", "application/pdf", pdf)
          end

          # A drawn line, as it was drawn.
          def give_line(opening, who)
            line = Desk::HandingOver.new(opening).last&.after&.dig("signatures", who) or halt 404
            give("#{name_of(opening)}.#{who}.svg", "image/svg+xml",
              %(<?xml version="1.0" encoding="UTF-8"?>\n<svg xmlns="http://www.w3.org/2000/svg" ) +
                %(viewBox="0 0 400 120"><path d="#{CGI.escapeHTML(line)}" fill="none" stroke="#1D2B2E" ) +
                %(stroke-width="2"/></svg>\n))
          end
        end
      end
    end
  end
end
