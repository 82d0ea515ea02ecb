# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # The kit sheets: those that ship and the fitter's own.
      module Kits
        NAME = "([A-Za-z0-9_.-]{1,60}?)"
        ID = /\A[A-Za-z0-9_-]{1,60}\z/

        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(KitKeeping)
          app.reads("/kits") { show Web::Kits::List.new(book, **asked) }
          app.reads(%r{/kits/#{NAME}/before/#{Asking::NUMBER}\.json}o) do |id, place|
            was = book.replaced.of("kit", id)[Integer(place, 10)] or halt 404
            give("#{id}.kit.json", "application/json", JSON.pretty_generate(was.before))
          end
          app.reads(%r{/kits/#{NAME}\.json}o) do |id|
            give("#{id}.kit.json", "application/json", JSON.pretty_generate(sheet_of(id)))
          end
          app.reads(%r{/kits/#{NAME}/copy}o) { |id| show copy_screen(id) }
          app.reads(%r{/kits/#{NAME}}o) do |id|
            show Web::Kits::Sheet.new(book, YellowTrack::Files::Shelf.kit(sheet_of(id)), sheet_of(id), **asked)
          end
          app.takes(%r{/kits/#{NAME}/copy}o) { |id| keep_copy(id) }
          app.takes("/kits/file") { read_kit }
        end

        # What the routes of kits share.
        module KitKeeping
          # A sheet as parsed, by its id.
          def sheet_of(id)
            YellowTrack::Files::Shelf.kits[id]&.then { |kit| Numbers.rounded(kit.to_h) } || book.own_kits.sheet(id) ||
              halt(404)
          end

          # The page of a kit's copy.
          def copy_screen(id, **rest)
            sheet = sheet_of(id)
            kit = YellowTrack::Files::Shelf.kit(sheet)
            Web::Kits::Copy.new(book, kit, sheet
              .merge("id" => free_id(id), "name" => "#{kit.name} (own)", **learnt(sheet)), **asked, **rest)
          end

          # Keeps a copy as the fitter's own.
          def keep_copy(id)
            refusing(->(fault) { copy_screen(id, fault:) }) do
              form = Web::Kits::Form.new(sheet_of(id), unit: unit_of_form(:mm))
              keep_kit(form.with(params["kit"].is_a?(Hash) ? params["kit"] : {}))
            end
          end

          # Reads a kit sheet in.
          def read_kit
            refusing(->(fault) { Web::Kits::List.new(book, **asked, fault:) }) do
              keep_kit(read_json(upload("file"), "a kit sheet"))
            end
          end

          # Saves a fitter's own sheet.
          #
          # @raise [Fault] for one that its schema refuses, all of it named, or
          #   whose id is that of a kit that ships
          def keep_kit(sheet)
            id = YellowTrack::Files::Shelf.kit(sheet).id
            if YellowTrack::Files::Shelf.kits.key?(id)
              raise Fault.new("\"#{id}\" is the id of a kit that ships. Give it another.",
                key: "id")
            end
            raise Fault.new("\"#{id}\" will not do as an id. It takes letters, digits, - and _.", key: "id") unless id
              .match?(ID)

            refuse_unseen_kit(id, sheet)
            book.own_kits.save(sheet, who:)
            to_page Paths.kit(id)
          end

          # A kit that was not seen is not replaced: it is told, and stands.
          def refuse_unseen_kit(id, sheet)
            mark = book.own_kits.mark(id)
            return if mark.empty? || book.own_kits.sheet(id) == sheet || (params["was"].is_a?(Hash) &&
              params["was"]["kit"] == "#{id} #{mark}")

            by = book.own_kits.saver(id)
            raise Desk::Replacing::Clash.new("There is a kit \"#{id}\" already#{", by #{by}" unless by.empty?}. Give " \
              "yours another id, or send it again to put it in that one's place: what it was is kept.", key: id)
          end

          # Figures that the record taught: of a turn, of the drop.
          def learnt(sheet)
            {**((taught("per_turn") && sheet["adjust"]) ? {"adjust" => sheet["adjust"].merge("per_turn" => taught("pe" \
"r_turn"))} : {}),
             **((taught("drop") && sheet["drop"]) ? {"drop" => taught("drop")} : {})}
          end

          # A figure that the record teaches; nil for none.
          def taught(name) = Float(params[name].to_s, exception: false)&.then { |figure|
            figure if figure.finite? && figure.positive?
          }

          # A name that no other kit has.
          def free_id(id)
            (1..).lazy.map { |n| "own-#{id}#{"-#{n}" if n > 1}"[0, 60] }.find { |free| book.own_kits.sheet(free).nil? }
          end
        end
      end
    end
  end
end
