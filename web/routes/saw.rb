# frozen_string_literal: true

require "csv"

module YellowTrack
  module Web
    module Routes
      # The saw: cut lists, what was cut, the rack and its prices, drilling
      # sheets.
      module Saw
        def self.registered(app)
          app.helpers(Sawing)
          lists(app)
          rack(app)
        end

        def self.lists(app)
          app.get(%r{/jobs/(\d{1,9})/cut}) do |id|
            load_job(id)
            erb :"cut/page"
          end

          app.get(%r{/(jobs|openings)/(\d{1,9})/cut\.csv}) do |kind, id|
            (kind == "jobs") ? load_job(id) : load_opening(id)
            give("#{(kind == "jobs") ? @job.name.downcase.gsub(/[^a-z0-9]+/, "-") : file_name}.cut.csv", "text/csv", table)
          end

          app.get(%r{/openings/(\d{1,9})/drilling}) do |id|
            load_opening(id)
            halt 404 unless @work.plan
            erb :drilling, layout: :paper
          end

          app.post(%r{/jobs/(\d{1,9})/cut}) do |id|
            load_list(id, params["from"].to_s)
            back = @row ? "/openings/#{@row.id}/cut" : "/jobs/#{id}/cut"
            redirect to("#{back}?#{Rack::Utils.build_query(cut_bar)}"), 303
          rescue Fault => e
            status 422
            @fault = e
            erb :"cut/page"
          end
        end

        def self.rack(app)
          app.get("/rack") { erb :rack }

          app.post("/rack") do
            book.saw.keep(named_material, read_length(params["length"]))
            redirect to("/rack"), 303
          rescue Fault => e
            refused(e)
          end

          app.post(%r{/rack/(\d{1,9})/use}) do |id|
            book.saw.use(Integer(id, 10))
            redirect to("/rack"), 303
          end

          app.post("/rack/stock") do
            book.saw.stock(named_material, read_length(params["length"]), params["price"] && read_price(params["price"]))
            redirect to("/rack"), 303
          rescue Fault => e
            refused(e)
          end
        end

        # What the routes of the saw share.
        module Sawing
          # The list that a cut was ticked on: an opening's, or the job's.
          def load_list(job_id, opening_id)
            load_job(job_id)
            return unless opening_id.match?(/\A\d{1,9}\z/)

            load_opening(opening_id)
            halt 404 unless @row.job_id == @job.id
            @stage = "cut"
          end

          # Of the opening, or of the whole job.
          def list = @list ||= CutList.new(book, @row ? [@work] : @works)

          def cut_printer = @work ? @work.cut_printer : Length::Printer.new(@job.units.to_sym, Length::GRAIN.fetch(@job.units.to_sym))

          # What was cut, nearer than the grain.
          def fine_printer = Length::Printer.new(@job.units.to_sym, (@job.units == "mm") ? 1r / 10 : Length::GRAIN[:in] / 4)

          def millimetres = Length::Printer.new(:mm, 1r / 10)

          def price(amount) = format("%.2f", amount)

          # What is known of a cutting, in a sentence.
          def proof_words(cutting)
            return "Proved best." if cutting.optimal?
            return "Proved cheapest; its longest offcut may not be the longest." if cutting.cost == cutting.lower_bound

            gap = cutting.lower_bound.positive? ? "#{((cutting.cost / cutting.lower_bound - 1) * 100).to_f.round(1)} %" : "all of it"
            "Gap to the bound at most #{gap}."
          end

          # Materials that the openings of all jobs ask for, and those in stock.
          def materials
            @materials ||= book.openings.by_job.values.flatten.flat_map { |row| (plan = Work.new(row).plan) ? Parts.new(plan, row.letter).linear.map(&:material) : [] }
              .concat(book.saw.materials).uniq.sort
          end

          # The bar that was cut, as it was posted.
          #
          # @return [Hash] what the page says of it
          def cut_bar
            as_cut = params["as_cut"]
            raise Fault.new("No piece was named. Load the page again.", key: "as_cut") unless as_cut.is_a?(Hash) && as_cut.any?

            pieces = as_cut.map { |code, typed| cut_piece(code, typed) }
            left = rest_of_bar(as_cut.keys)
            offcut = params["offcut"].to_s[/\Aoffcut (\d+)\z/, 1]
            book.saw.cut_bar(pieces, material: pieces.first[1].material, offcut_id: offcut && Integer(offcut, 10), left:, who:)
            {"cut" => 1, "kept" => (1 if left >= Store::Saw::KEPT), "off" => off(pieces)}.compact
          end

          def cut_piece(code, typed)
            work, part = list.find(code)
            raise Fault.new("#{code} is no piece of this job any more. Load the page again.", key: code) unless part

            [work.row, part, Length.parse(typed.to_s, unit: @job.units.to_sym).mm]
          rescue Fault => e
            raise Fault.new("#{code}: #{e.words}", key: code)
          end

          def rest_of_bar(codes)
            bar = list.lots.flat_map { |lot| lot.cutting.cuts }.find { |one| one.pieces.map(&:name).sort == codes.sort }
            raise Fault.new("The cut list has changed since. Nothing was written down; look at the bars again.", key: "as_cut") unless bar

            bar.offcut
          end

          # Pieces out by more than the tolerance, in words.
          def off(pieces)
            tolerance = Data::HouseRules.tolerance(book.house_rules.all, "cut") || Length::GRAIN.fetch(@job.units.to_sym)
            wide = pieces.select { |_, part, as_cut| (as_cut - part.length).abs > tolerance }
            wide.map { |_, part, as_cut| "#{part.code} by #{fine_printer.short((as_cut - part.length).abs)}" }.join(", ").then { |text| text unless text.empty? }
          end

          def named_material
            name = params["material"].to_s.scrub("?").strip
            raise Fault.new("A material is needed: what is it cut from?", key: "material") if name.empty? || name.length > 120

            name
          end

          def read_length(typed) = Length.parse(typed.to_s, unit: :mm).mm.tap { |length| raise Fault.new("\"#{typed}\" is no bar. Give its length in full.", key: "length") unless length.positive? }

          def read_price(typed)
            Rational(typed.to_s.strip.tr(",", ".")).tap { |amount| raise ArgumentError if amount.negative? }
          rescue ArgumentError, ZeroDivisionError
            raise Fault.new("\"#{typed}\" is no price. Give it as 18.50.", key: "price")
          end

          def refused(fault)
            status 422
            @fault = fault
            @typed = params
            erb :rack
          end

          def table
            CSV.generate do |csv|
              csv << %w[code part material length_mm bar bar_mm offcut_mm as_cut_mm]
              list.lots.each { |lot| lot.cutting.cuts.each_with_index { |cut, bar| cut.pieces.each { |piece| csv << line(lot, cut, bar, piece) } } }
              list.done.each { |part, cut| csv << [part.code, part.name, part.material, mm(part.length), nil, nil, nil, mm(cut.as_cut)] }
              list.sheets.each { |sheet| csv << [sheet.code, sheet.name, sheet.material, "#{mm(sheet.width)} x #{mm(sheet.height)}", nil, nil, nil, nil] }
            end
          end

          def line(lot, cut, bar, piece)
            [piece.name, list.find(piece.name).last.name, lot.material, mm(piece.length), cut.bar.name || "bar #{bar + 1}", mm(cut.bar.length), mm(cut.offcut), nil]
          end

          def mm(length) = Numbers.plain(length)
        end
      end
    end
  end
end
