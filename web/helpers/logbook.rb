# frozen_string_literal: true

require "csv"

module YellowTrack
  module Web
    module Helpers
      # The log in words.
      module Logbook
        # What can be shown alone: kinds of entries, by a word for them.
        FILTERS = {
          "readings" => %w[reading], "choices" => %w[choice override], "cuts" => %w[cut], "steps" => %w[step wait round],
          "moves" => %w[move], "pictures" => %w[picture], "notes" => %w[note remark correction made]
        }.freeze

        def entries = @entries ||= book.log.of(@row.id)

        # Those that are asked for.
        def shown_entries
          kinds = FILTERS[params["only"]]
          entries.select { |entry| (kinds.nil? || kinds.include?(entry.kind)) && (params["by"].to_s.empty? || entry.who == params["by"]) }
        end

        # Corrections of each entry, by its id.
        def corrections = @corrections ||= entries.select { |entry| entry.kind == "correction" }.group_by { |entry| entry.key.delete_prefix("entry.").to_i }

        # An entry in a sentence.
        #
        # @param entry [Store::Log::Entry]
        # @return [String]
        def entry_words(entry)
          case entry.kind
          when "reading", "choice" then changed_words(entry)
          when "move" then move_words(entry)
          when "step" then "#{entry.after ? "Done" : "Taken back"}: #{step_words(entry.key)}"
          when "wait" then "#{step_words(entry.key)}: #{entry.after ? "promised for #{day(Date.iso8601(entry.after))}" : "no day any more"}"
          when "round" then "Trial hang, round #{entry.after}"
          when "cut" then "#{entry.key} cut to #{entry.after}, planned #{entry.before}"
          when "override" then "Overridden #{entry.key}: #{entry.after}"
          when "picture" then entry.after["caption"].to_s.empty? ? "Picture" : entry.after["caption"]
          when "note" then "Notes: #{entry.after}"
          when "made" then made_words(entry)
          else entry.after.to_s
          end
        end

        def log_table
          CSV.generate do |csv|
            csv << %w[entry at who kind key before after says corrects]
            shown_entries.each { |entry| csv << [entry.id, entry.at, safe(entry.who), entry.kind, entry.key, flat(entry.before), flat(entry.after), safe(entry_words(entry)), (entry.key[/\d+\z/] if entry.kind == "correction")] }
          end
        end

        private

        def flat(value) = safe((value.is_a?(String) || value.nil?) ? value.to_s : JSON.generate(value))

        # A cell that a spreadsheet would take for a sum is marked as text.
        def safe(text) = (text.match?(/\A[=+\-@\t]/) && !text.match?(/\A[+-]?[\d.,]+\z/)) ? "'#{text}" : text

        def changed_words(entry)
          field = Fields[entry.key]
          whose = entry.key[/\Ahung\.([A-F])\./, 1]
          "#{"#{whose}, " if whose}#{field&.label || entry.key}: #{said(field, entry.before)} → #{said(field, entry.after)}"
        end

        def move_words(entry)
          turned = entry.after["turned"].reject { |_, one| one["count"].zero? }.map { |name, one| "#{control_name(name)} #{one["words"]}" }.join("; ")
          gaps, expected = [entry.after["gaps"], entry.after["expected"]].map { |list| list.map { |gap, mm| "#{gap} #{mm.round(1)}" }.join(", ") }
          "#{entry.key.delete_prefix("hung.")}: #{turned}. Gaps were #{gaps}; expected #{expected}."
        end

        def step_words(key) = (@work.plan && hanging.find(key)&.does) || key

        def made_words(entry) = {"opening" => "Opening made", "binned" => "Put in the bin", "brought back" => "Brought back"}.fetch(entry.key, entry.key)
      end
    end
  end
end
