# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # What to buy for a job, and what it costs.
      module Prices
        AMOUNT = /\A\d{1,9}(?:[.,]\d{1,6})?\z/
        LONGEST_KEY = 200

        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(Pricing)
          app.reads(%r{/jobs/#{Asking::NUMBER}/price}o) { |id| show Job::Price.new(find_job(id), **asked) }

          app.takes(%r{/jobs/#{Asking::NUMBER}/price}o, by: :office) { |id| keep_prices(find_job(id)) }
        end

        # What the routes of prices share.
        module Pricing
          # Every price that can be read is kept; the others are said.
          def keep_prices(job)
            screen = Job::Price.new(job, **asked)
            typed = params["price"].is_a?(Hash) ? params["price"].transform_values(&:to_s) : {}
            form = replacing(screen.standing, typed)
            unread = form.changes.filter_map { |key, text| keep_price(key, text) }
            unread += beaten(form, screen)
            return to_page(Paths.job(job.id, "price")) if unread.empty?

            status 422
            show Job::Price.new(find_job(job.id.to_s), unread:, **asked)
          end

          # What others changed meanwhile, told.
          def beaten(form, screen)
            form.tell! { |key| screen.label(key) } || []
          rescue Desk::Replacing::Clash => e
            [e.words]
          end

          # @return [String, nil] what is wrong with it
          def keep_price(key, typed)
            return if key.length > LONGEST_KEY

            book.prices.set(key, typed.strip.empty? ? nil : read_price(typed), who:)
            nil
          rescue Fault => e
            e.words
          end

          # @return [Rational]
          # @raise [Fault] for what is no price
          def read_price(typed)
            text = typed.to_s.gsub(/[[:space:]]/, "")
            raise Fault.new("\"#{typed.to_s.strip[0, 40]}\" is no price. Give it as 18.50.", key: "price") unless AMOUNT
              .match?(text)

            Rational(text.tr(",", "."))
          end
        end
      end
    end
  end
end
