# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # What to buy for a job, and what it costs.
      module Prices
        AMOUNT = /\A\d{1,9}(?:[.,]\d{1,6})?\z/
        LONGEST_KEY = 200

        def self.registered(app)
          app.helpers(Pricing)
          app.get(%r{/jobs/#{Asking::NUMBER}/price}o) { |id| show Job::Price.new(find_job(id), **asked) }

          # Every price that can be read is kept; the others are said.
          app.post(%r{/jobs/#{Asking::NUMBER}/price}o) do |id|
            job = find_job(id)
            unread = (params["price"].is_a?(Hash) ? params["price"] : {}).filter_map do |key, typed|
              keep_price(key, typed.to_s)
            end
            next to_page(Paths.job(job.id, "price")) if unread.empty?

            status 422
            show Job::Price.new(job, unread:, **asked)
          end
        end

        # What the routes of prices share.
        module Pricing
          # @return [String, nil] what is wrong with it
          def keep_price(key, typed)
            return if key.length > LONGEST_KEY

            book.prices.set(key, typed.strip.empty? ? nil : read_price(typed))
            nil
          rescue Fault => e
            e.words
          end

          # @return [Rational]
          # @raise [Fault] for what is no price
          def read_price(typed)
            text = typed.to_s.strip
            raise Fault.new("\"#{text[0, 40]}\" is no price. Give it as 18.50.", key: "price") unless AMOUNT
              .match?(text)

            Rational(text.tr(",", "."))
          end
        end
      end
    end
  end
end
