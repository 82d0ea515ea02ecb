# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # Offers of a job: made, shown, given as a paper, answered.
      module Offers
        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(Offered)
          app.takes(%r{/jobs/#{Asking::NUMBER}/offers}o, by: :office) { |id| make_offer(find_job(id)) }
          app.reads(%r{/jobs/#{Asking::NUMBER}/offers/ways/([A-Z]{1,3})}o) { |id, letter|
            other_ways(find_job(id), letter)
          }
          app.reads(%r{/jobs/#{Asking::NUMBER}/offers/(\d{4}-\d{3,9})}o) { |id, number|
            find_job(id).then { |job| show Job::Offer.new(job, find_offer(job, number), **asked) }
          }
          app.reads(%r{/jobs/#{Asking::NUMBER}/offers/(\d{4}-\d{3,9})\.pdf}o) { |id, number|
            give_offer(find_job(id), number)
          }
          app.takes(%r{/jobs/#{Asking::NUMBER}/offers/(\d{4}-\d{3,9})/answer}o, by: :office) { |id, number|
            answer_offer(find_job(id), number)
          }
        end

        # What its routes do.
        module Offered
          OFFERED = %w[valid_until note without discount tax option].freeze

          # Makes an offer.
          def make_offer(job)
            refusing(->(fault) { Job::Price.new(job, **asked, fault:) }) do
              of_what_was_seen("Its figure is another now.", total: Desk::Offering.new(job).figure)
              offer = Desk::Offering.new(job).make!(params.slice(*OFFERED), who:)
              to_page Paths.job(job.id, "offers", offer.number)
            end
          end

          # Other ways of an opening, for an offer's options.
          def other_ways(job, letter)
            view.partial("job/ways", ways: Desk::Offering.new(job).ways(letter), letter:)
          end

          # @return [Store::Offers::Offer]
          def find_offer(job, number) = book.offers.of(job.id).find { |one| one.number == number } || halt(404)

          # Gives an offer as it was made.
          def give_offer(job, number)
            offer = find_offer(job, number)
            pdf = Drawing::Paper::OfferSheet.new(Web::Job::OfferContent.new(book, job.row, offer),
              address: address(Paths.job(job.id))).render
            give("#{file_name(job.name, offer.number)}.offer.pdf", "application/pdf", pdf)
          end

          # Notes what became of an offer.
          def answer_offer(job, number)
            offer = find_offer(job, number)
            refusing(->(fault) { Web::Job::Offer.new(job, offer, **asked, fault:) }) do
              before = book.offers.answers([offer.id])[offer.id]
              of_what_was_seen("It was answered meanwhile.", mark: before ? before.id.to_s : "")
              answer = Web::Job::Offer::ANSWERS.key?(params["answer"]) ? params["answer"] : halt(422)
              book.offers.answer(offer.id, answer, day: day_of(params["day"], "day"), who:)
              to_page Paths.job(job.id, "offers", offer.number)
            end
          end
        end
      end
    end
  end
end
