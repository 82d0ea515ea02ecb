# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # House rules: what every new job and opening starts from.
      module Rules
        def self.registered(app)
          app.get("/rules") do
            @title = "House rules"
            erb :rules
          end

          app.post("/rules") do
            Data::HouseRules.all.each do |rule|
              value = params[rule.key].to_s
              next unless rule.options.key?(value)

              book.house_rules.set(rule.key, (value == rule.usual) ? "" : value)
            end
            redirect to("/rules?kept=1"), 303
          end
        end
      end
    end
  end
end
