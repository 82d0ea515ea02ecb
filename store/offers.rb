# frozen_string_literal: true

require "json"

module YellowTrack
  module Store
    # Offers of jobs, as they were made.
    class Offers
      # number, as "2026-014"; made_on, valid_until, ISO days; total, exact; told, what
      # stands on it and its breakdown.
      Offer = Struct.new(:id, :job_id, :number, :made_on, :valid_until, :total, :told, :who, :at, keyword_init: true)

      # answer, "taken", "declined", or "open" for one that was taken back; day, ISO.
      Answer = Struct.new(:id, :offer_id, :answer, :day, :who, :at, keyword_init: true)

      # @param db [Sequel::Database]
      def initialize(db)
        @db = db
        @offers = db[:offers]
      end

      # @return [Array<Offer>] of a job, the latest first
      def of(job_id) = @offers.where(job_id:).reverse(:id).map { |row| offer(row) }

      # @return [Offer, nil]
      def find(id) = @offers.first(id:)&.then { |row| offer(row) }

      # Makes one under the next number of its year.
      #
      # @param made_on [Date]
      # @param valid_until [Date]
      # @param total [Rational]
      # @param told [Hash]
      # @param customer [Hash{String => String}] whom it is made to
      # @return [Offer]
      def make(job_id, made_on:, valid_until:, total:, told:, who:, number: nil, customer: {})
        @db.transaction do
          id = @offers.insert(job_id:, number: number || next_number(made_on.year), made_on: made_on.iso8601,
            valid_until: valid_until.iso8601, total: total.to_r.to_s, told: told.to_json, who:, at: Clock.now)
          @db[:offer_customers].insert(offer_id: id, told: customer.to_json) if customer.any?
          find(id)
        end
      end

      # Whom an offer was made to, as he was known then; empty for one who is forgotten.
      #
      # @return [Hash{String => String}]
      def customer(offer_id) = JSON.parse(@db[:offer_customers].where(offer_id:).get(:told) || "{}")

      # Forgets whom a job's offers were made to.
      def forget_customer(job_id) = @db[:offer_customers].where(offer_id: @offers.where(job_id:).select(:id)).delete

      # What became of an offer; the last answer holds.
      #
      # @param answer ["taken", "declined", "open"]
      # @param day [Date]
      def answer(offer_id, answer, day:, who:)
        @db[:offer_answers].insert(offer_id:, answer:, day: day.iso8601, who:, at: Clock.now)
      end

      # @param offer_ids [Array<Integer>]
      # @return [Hash{Integer => Answer}] the last of each
      def answers(offer_ids)
        @db[:offer_answers].where(offer_id: offer_ids).order(:id).map { |row| Answer.new(**row).freeze }
          .to_h { |one| [one.offer_id, one] }
      end

      private

      def next_number(year)
        last = @offers.where(Sequel.like(:number, "#{year}-%")).select_map(:number)
          .filter_map { |number| number[/\A\d{4}-(\d+)\z/, 1]&.to_i }.max || 0
        format("%d-%03d", year, last + 1)
      end

      def offer(row) = Offer.new(**row, total: Rational(row[:total]), told: JSON.parse(row[:told])).freeze
    end
  end
end
