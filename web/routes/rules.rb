# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # House rules: what every new job and opening starts from.
      module Rules
        def self.registered(app)
          app.get("/rules") { show Web::Rules::Screen.new(book, **asked) }
          app.post("/rules") do
            YellowTrack::Files::HouseRules.all.each do |rule|
              value = params[rule.key].to_s
              book.house_rules.set(rule.key, (value == rule.usual) ? "" : value) if rule.options.key?(value)
            end
            book.openings.forget_listings
            refusing(->(fault) { Web::Rules::Screen.new(book, **asked, fault:) }) do
              Desk::Currency.keep(book, params[Desk::Currency::KEY]) if params.key?(Desk::Currency::KEY)
              to_page Paths.rules(kept: 1)
            end
          end
        end
      end
    end
  end
end
