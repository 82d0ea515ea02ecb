# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # What to buy for a job, and what it costs.
      module Price
        def self.registered(app)
          app.helpers(Pricing)

          app.get(%r{/jobs/(\d{1,9})/price}) do |id|
            load_job(id)
            erb :price
          end

          # Every price that can be read is kept; the others are said.
          app.post(%r{/jobs/(\d{1,9})/price}) do |id|
            load_job(id)
            @unread = (params["price"].is_a?(Hash) ? params["price"] : {}).filter_map { |key, typed| keep_price(key, typed.to_s) }
            redirect to("/jobs/#{id}/price"), 303 if @unread.empty?
            status 422
            erb :price
          end
        end

        # What the routes of prices share.
        module Pricing
          def pricing
            @pricing ||= begin
              works = @works.select(&:plan)
              YellowTrack::Price.new(works.map { |work| [work.plan, Parts.new(work.plan, work.row.letter)] }, bars: bars_to_buy, prices: bar_prices.merge(book.prices.all))
            end
          end

          # Bars that the rack does not have.
          def bars_to_buy
            list.lots.flat_map { |lot| lot.cutting.cuts.reject { |cut| cut.bar.name }.group_by { |cut| cut.bar.length }.map { |length, cuts| [lot.material, length, cuts.length] } }
          end

          def bar_prices
            list.lots.select(&:priced).flat_map { |lot| book.saw.bars(lot.material) }.to_h { |bar| ["bar #{bar.material} #{bar.length.to_f}", bar.price] }
          end

          # @return [String, nil] what is wrong with it
          def keep_price(key, typed)
            return if key.length > 200

            book.prices.set(key, typed.strip.empty? ? nil : read_price(typed))
            nil
          rescue Fault => e
            e.words
          end

          def priced(key) = (amount = book.prices.all[key]) && format("%g", amount)

          def quantity(count) = count.is_a?(Integer) ? count.to_s : format("%.2f", count)
        end
      end
    end
  end
end
