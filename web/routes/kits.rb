# frozen_string_literal: true

require "json"

module YellowTrack
  module Web
    module Routes
      # The kit sheets: a list, and each as what it is.
      module Kits
        def self.registered(app)
          app.helpers(Reading)

          app.get("/kits") do
            @title = "Kits"
            @kits = Data::Shelf.kits.values.group_by { |kit| kit.support || kit.family }
            erb :kits
          end

          app.get(%r{/kits/([a-z0-9-]{1,60})\.json}) do |id|
            load_kit(id)
            give("#{id}.kit.json", "application/json", JSON.pretty_generate(YellowTrack::Numbers.rounded(@kit.to_h)))
          end

          app.get(%r{/kits/([a-z0-9-]{1,60})}) do |id|
            load_kit(id)
            @plan = Plan.of(Data::Sample.opening(@kit))
            erb :kit
          end
        end

        # What the routes of kits share.
        module Reading
          def load_kit(id)
            @kit = Data::Shelf.kits[id] or halt 404
            @title = @kit.name
          end

          # Every value of a sheet with its dotted key.
          #
          # @return [Array<Array(String, Object)>]
          def kit_values(values, path = [])
            values.flat_map { |key, value| value.is_a?(Hash) ? kit_values(value, path + [key]) : [[(path + [key]).join(" ").tr("_", " "), value]] }
          end

          def kit_shown(value)
            case value
            when Array then value.map { |one| kit_shown(one) }.join(", ")
            when Rational then @plan.opening.printer.short(value)
            else value.to_s
            end
          end
        end
      end
    end
  end
end
