# frozen_string_literal: true

require "date"

module YellowTrack
  module Web
    module HandOver
      # Hand over: what was fitted and how it hangs, on one sheet; names, a drawn line for
      # who likes; the day to look back, and the gaps that are read then.
      class Screen < OpeningScreen
        # The stage that it stands on; nil for none of them.
        def stage = "hand-over"

        # @return [Desk::HandingOver]
        def handing = @handing ||= Desk::HandingOver.new(opening)

        # The last hand-over; nil for none.
        def last = handing.last

        # What hangs, as it is drawn; nil for what others hung.
        def drawing = (plan && !opening.others?) ? Size::Drawings.new(opening).svg(:whole) : nil

        # Whether what was handed over still stands: nothing is mended since, and nobody
        # hands it over anew.
        def handed? = !last.nil? && !handing.mending? && !params.key?("again") && !refused?("over")

        # A gap of the log, with its fraction.
        def gap(mm) = fine.short(Rational(mm.to_s))

        # The unit that its lengths are typed in.
        def unit = opening.shown

        # What stands in a field of the form.
        def typed_or(name, usual = "") = (fault && params.key?(name)) ? typed_at(name) : usual

        # The day to look back, as its field stands.
        def look_back = typed_or("look_back", (Date.today + Desk::HandingOver::WEEKS).iso8601)

        # The day where heating has just gone on, or timber is fresh.
        def sooner = (Date.today + Desk::HandingOver::FRESH).iso8601

        # Who signs it: the fitter, and who takes it over.
        def signers = Signers::WORDS

        # The fitter's name, as its field stands.
        def fitter = typed_or("fitter", visitor.who)

        # Gaps that a look back reads: panel, place, what is typed.
        def look_fields
          last.after["gaps"].flat_map { |panel, places|
            places.map { |place, mm| [panel, place, gap(mm), typed_at("look_#{panel}_#{place}")] }
          }
        end

        # Whether the mend held, and what may be said of that.
        #
        # @return [Desk::MendHeld, nil] nil for what was not mended
        def mend_held = Desk::MendHeld.new(opening, last).then { |held| held if held.mend? }

        # Each look back with what changed.
        #
        # @return [Array<Array(Store::Log::Entry, Desk::HandingOver::Compared)>]
        def looks = handing.looks.map { |entry| [entry, handing.compared(entry.after["gaps"])] }

        # The day on which it is looked back.
        def due = Date.iso8601(last.after["look_back"])

        # A length with its sign, to its own grain: "+1.5 mm".
        def signed(mm) = YellowTrack::Adjust::Words.signed(mm, fine)

        private

        def fine = opening.fine_printer
      end
    end
  end
end
