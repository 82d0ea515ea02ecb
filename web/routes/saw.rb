# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # The rack of offcuts, and the prices of bars.
      module Saw
        LONGEST = 120 # characters of a material

        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(Racking)
          app.reads("/rack") { show Web::Saw::Screen.new(book, **asked) }
          app.takes("/rack") { on_rack("offcut") { book.saw.keep(named_material, bar_length) } }
          app.takes("/rack/stock", by: :office) do
            on_rack("stock") do
              of_what_was_seen("Prices of bars were changed meanwhile.", bars: book.saw.mark)
              book.saw.stock(named_material, bar_length, params["price"] && read_price(params["price"]))
            end
          end
          app.takes(%r{/rack/#{Asking::NUMBER}/use}o) { |id| on_rack("use") { book.saw.use(Integer(id, 10)) } }
        end

        # What the forms of the rack share.
        module Racking
          # Does something to the rack; what is refused is said on its page.
          def on_rack(form)
            refusing(->(fault) { Web::Saw::Screen.new(book, **asked, fault:, form:) }) do
              yield
              to_page Paths.rack
            end
          end

          # The material that was typed.
          def named_material
            name = params["material"].to_s.strip
            raise Fault.new("A material is needed: what is it cut from?", key: "material") if name.empty?
            if name.length > LONGEST
              raise Fault.new("#{name.length} characters is too long for a material. It takes #{LONGEST}.",
                key: "material")
            end

            name
          end

          # The length that was typed, mm.
          def bar_length
            typed_length(params["length"], :mm).tap do |length|
              unless length.positive?
                raise Fault.new("\"#{params["length"]}\" is no bar. Give its length in full.",
                  key: "length")
              end
            end
          end
        end
      end
    end
  end
end
