# frozen_string_literal: true

module YellowTrack
  module Web
    module Job
      # One offer as it was made: what the customer reads, and what became of it.
      class Offer < Web::Screen
        # What an offer can be answered with.
        ANSWERS = {"taken" => "Taken", "declined" => "Declined", "open" => "Not answered yet"}.freeze
        STANDS = {"open" => "Not answered yet.", "old" => "Grown old: its day is gone."}.freeze

        # @return [Store::Jobs::Job]
        attr_reader :job
        # @return [Store::Offers::Offer]
        attr_reader :offer

        # @param desk [Desk::Job]
        # @param offer [Store::Offers::Offer]
        def initialize(desk, offer, **rest)
          super(desk.book, **rest)
          @desk, @job, @offer = desk, desk.row, offer
        end

        # The template that it is drawn with.
        def template = "job/offer"

        # What stands in the window's own line.
        def title = "Offer #{offer.number}"

        # @return [OfferContent]
        def content = @content ||= OfferContent.new(book, job, offer)

        # The last answer to it; nil for none.
        def answer = offering.answers[offer.id]

        # What became of it, in words.
        def stands
          key = offering.stands(offer)
          STANDS[key] || "#{ANSWERS.fetch(key)} on #{Date.iso8601(answer.day).strftime("%-d %B %Y")}, noted by " \
            "#{answer.who}."
        end

        # What it may be answered with now.
        def answers = ANSWERS.except(offering.stands(offer).sub("old", "open"))

        # What its answers were, in a few letters, so that a press on an old page changes none unseen.
        def mark = answer ? answer.id.to_s : ""

        # By how much the job comes to more now; nil where nothing changed.
        def since
          more = offering.since(offer)
          more unless more.nil? || more.zero?
        end

        # A line's drawing.
        #
        # @return [String, nil] SVG
        def drawing(line, place)
          return unless line.outline

          title = [line.letter, line.name].compact.join(" ")
          Drawing::Thumbnail.new(line.outline, id: "offer-#{place}", title:).to_s(sized: true)
        end

        private

        def offering = @offering ||= Desk::Offering.new(@desk)
      end
    end
  end
end
