# frozen_string_literal: true

require "json"

module YellowTrack
  module Web
    module Routes
      # The kit sheets: those that ship and the fitter's own.
      module Kits
        NAME = "[A-Za-z0-9_.-]{1,60}?"

        def self.registered(app)
          app.helpers(Reading)
          sheets(app)
          own(app)
        end

        def self.sheets(app)
          app.get("/kits") { kit_list }

          app.get(%r{/kits/(#{NAME})\.json}o) do |id|
            load_kit(id)
            give("#{id}.kit.json", "application/json", JSON.pretty_generate(@sheet))
          end

          app.get(%r{/kits/(#{NAME})/copy}o) do |id|
            load_kit(id)
            @lines = KitForm.new(@sheet.merge("id" => free_id(id), "name" => "#{@kit.name} (own)", **learnt_turn)).lines
            erb :kit_form
          end

          app.get(%r{/kits/(#{NAME})}o) do |id|
            load_kit(id)
            erb :kit
          end
        end

        def self.own(app)
          app.post(%r{/kits/(#{NAME})/copy}o) do |id|
            load_kit(id)
            sheet = KitForm.new(@sheet).with(params["kit"] || {})
            keep_kit(sheet)
            redirect to("/kits/#{sheet["id"]}"), 303
          rescue Fault => e
            status 422
            @fault = e
            @lines = KitForm.new(@sheet).lines.map { |key, text| [key, params.dig("kit", key) || text] }
            erb :kit_form
          end

          app.post("/kits/file") do
            sheet = read_json(params["file"], "a kit sheet")
            keep_kit(sheet)
            redirect to("/kits/#{sheet["id"]}"), 303
          rescue Fault => e
            status 422
            @fault = e
            kit_list
          end
        end

        # What the routes of kits share.
        module Reading
          def kit_list
            @title = "Kits"
            @kits = Data::Shelf.kits.values.group_by { |kit| kit.support || kit.family }
            @own = book.own_kits.all.values.map { |sheet| Data::Shelf.kit(sheet) }
            erb :kits
          end

          def load_kit(id)
            @kit = Data::Shelf.kits[id]
            @sheet = @kit ? Numbers.rounded(@kit.to_h) : book.own_kits.sheet(id)
            halt 404 unless @sheet
            @kit ||= Data::Shelf.kit(@sheet)
            @title = @kit.name
            @plan = Plan.of(Data::Sample.opening(@kit, @sheet))
          rescue Fault
            @plan = nil
          end

          # Saves a fitter's own sheet.
          #
          # @raise [Fault] for one that its schema refuses, all of it named, or
          #   whose id is that of a kit that ships
          def keep_kit(sheet)
            kit = Data::Shelf.kit(sheet)
            raise Fault.new("\"#{kit.id}\" is the id of a kit that ships. Give it another.", key: "id") if Data::Shelf.kits.key?(kit.id)
            raise Fault.new("\"#{kit.id}\" will not do as an id. It takes letters, digits, - and _.", key: "id") unless
              kit.id.match?(/\A[A-Za-z0-9_-]{1,60}\z/)

            book.own_kits.save(sheet)
          end

          # The figure of a turn that an opening's moves taught.
          def learnt_turn
            figure = Float(params["per_turn"].to_s, exception: false)
            (figure&.positive? && @sheet["adjust"]) ? {"adjust" => @sheet["adjust"].merge("per_turn" => figure)} : {}
          end

          def free_id(id) = (1..).lazy.map { |n| "own-#{id}#{"-#{n}" if n > 1}"[0, 60] }.find { |free| book.own_kits.sheet(free).nil? }
        end
      end
    end
  end
end
