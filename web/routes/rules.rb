# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # House rules: what every new job and opening starts from.
      module Rules
        # Its routes, and what they share.
        def self.registered(app)
          app.reads("/rules") { show Web::Rules::Screen.new(book, **asked) }
          app.helpers(Setting)
          app.takes("/rules") { keep_rules }
        end

        # What the route does.
        module Setting
          # Rules that can be kept are; the others are told.
          def keep_rules
            screen = Web::Rules::Screen.new(book, **asked)
            refusing(->(fault) { Web::Rules::Screen.new(book, **asked, fault:) }) do
              form = replacing(screen.standing, params.slice(*screen.standing.keys).transform_values(&:to_s))
              form.changes.each { |key, text| set_rule(key, text) }
              book.openings.forget_listings
              form.tell! { |key| screen.label(key) }
              to_page Paths.rules(kept: 1)
            end
          end

          # Sets one of the house rules.
          def set_rule(key, text)
            return Desk::HouseWords.keep(book, key, text, who:) if Desk::HouseWords.find(key)

            rule = YellowTrack::Files::HouseRules.all.find { |one| one.key == key }
            book.house_rules.set(key, (text == rule.usual) ? "" : text, who:) if rule.options.key?(text)
          end
        end
      end
    end
  end
end
