# frozen_string_literal: true

module YellowTrack
  module Web
    module Helpers
      # Rows of the tally: a large number, its sum under it, its checks.
      module Tally
        # One row.
        #
        # @param name [String] what it is
        # @param figure [String] HTML of the number
        # @param after [String] the words behind it
        # @param keys [Array<String>] its workings, the first shown short
        # @param codes [Array<String>] checks that concern it
        # @return [String] HTML
        def number_row(name, figure, after, keys:, codes: [], line: nil)
          partial(:"parts/number_row", name:, figure:, after:, keys:, line: line || short_sum(keys.first), checks: @work.checks(*codes))
        end

        # A kit value, to stand in an empty field.
        def kit_text(key) = (value = @work.opening.kit[key]) && "kit #{@work.printer.short(value)}"

        # What a working came to, with its unit. @return [String] HTML
        def shown_value(entry)
          return set_fractions(sum_printer.text(entry.value)) if entry.length?
          return "#{(entry.value * 100).to_f.round(1)} %" if entry.unit == ""

          "#{entry.value.to_f.round(1)} #{entry.unit}"
        end

        def bow_words(bow)
          return "bow" if bow.zero?

          bow.positive? ? "bow into the opening" : "bow outward"
        end

        def sag_words(sag)
          return "sag" if sag.zero?

          sag.positive? ? "sag in the middle" : "higher in the middle"
        end

        # Gaps are told finer than what is cut.
        def sum_printer = (@stage == "adjust") ? adjusting.printer : @work.printer

        # The set in numbers, part by part.
        def tally = @tally ||= Web::Tally.of(self, @work)

        # The rows of one part of the Size stage. @return [String] HTML
        def size_rows(part)
          @work.piece(:rows, part, @row.id, @work.shown, overrides) do
            tally.rows(part).map { |row| number_row(row.name, row.figure, row.after, keys: row.keys, codes: row.codes, line: row.line) }.join
          end
        end

        # What a field offers: kits of the opening's own family, patterns that
        # its kit has lanes for.
        def options_of(field)
          kit = @work.opening.kit
          case field.key
          when "set.kit" then field.options.select { |id, _| Data::Shelf.kits.fetch(id).family == kit.family }.merge(own_kits(kit))
          when "set.pattern" then field.options.select { |lanes, _| lanes.split(",").map(&:to_i).max <= kit["lanes"].to_i }
          else field.options
          end
        end

        # The two schools that a choice settles, where it is one.
        def school_of(field) = Data::HouseRules.school(field.key.delete_prefix("set.").delete_suffix(".thickness"), @work.opening.family)

        # The fitter's own kits of a kit's family, and that kit itself.
        def own_kits(kit)
          own = book.own_kits.all.select { |_, sheet| sheet["family"] == kit.family }.transform_values { |sheet| sheet["name"] }
          Data::Shelf.kits.key?(kit.id) ? own : {kit.id => kit.name}.merge(own)
        end

        # What stands beside an empty field of a choice.
        def usual(key)
          kit_key = Web::Tally::FROM_KIT[key]
          (kit_key && kit_text(kit_key)) || Web::Tally::USUAL[key]
        end

        def above_caption
          {"bypass" => "Lanes, from above · slide a panel", "bifold" => "From above · fold the panels",
           "pocket" => "From above · slide the panel in"}.fetch(@work.opening.family)
        end
      end
    end
  end
end
