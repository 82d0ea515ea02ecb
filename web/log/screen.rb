# frozen_string_literal: true

module YellowTrack
  module Web
    module Log
      # The log of an opening, a page at a time, the newest at its end.
      class Screen < OpeningScreen
        # What can be shown alone: kinds of entries, by a word for them.
        FILTERS = {
          "readings" => %w[reading twice], "choices" => %w[choice override], "cuts" => %w[cut],
          "steps" => %w[step wait round time],
          "moves" => %w[move], "pictures" => %w[picture], "notes" => %w[note remark correction made],
          "mends" => %w[service], "hand-over" => %w[hand-over]
        }.freeze
        PAGE = 100

        # The stage that it stands on; nil for none of them.
        def stage = nil

        # The template that it is drawn with.
        def template = "log/page"

        # What stands in the window's own line.
        def title = "Log of #{super}"

        # @return [String, nil] what is shown alone: a word of FILTERS, a name
        def only = FILTERS.key?(params["only"]) ? params["only"] : nil

        # Whose entries are shown; nil for everyone's.
        def by = params["by"].to_s.empty? ? nil : params["by"].to_s

        # Kinds of entries to choose from.
        def filters = FILTERS.keys

        # Names to choose from, or to show, as they are kept.
        def names = book.log.names_in(id)

        # @return [Array<Store::Log::Entry>] of this page
        def entries = @entries ||= book.log.of(id, kind: kinds, who: by, most: paging.most, after: paging.after)

        # Without a page asked for, the last: what was done just now.
        def paging
          @paging ||= begin
            count = book.log.count(id, kind: kinds, who: by)
            Paging.new(count, PAGE, asked_number("page") || page_of_entry || (count.to_f / PAGE).ceil)
          end
        end

        # Where it is, with what was asked of it.
        def path(page = nil) = Paths.opening(id, "log", only:, by:, page:)

        # Where the log is, as a table.
        def csv_path = Paths.opening(id, "log.csv", only:, by:)

        # Corrections of an entry.
        def corrections(entry) = (@corrections ||= book.log.corrections(id, entries.map(&:id)))[entry.id] || []

        # An entry in a sentence.
        def says(entry) = words_of.says(entry)

        # The entry that a correction is of.
        def corrects(entry) = entry.key.delete_prefix("entry.")

        # @return [String] CSV
        def csv = Table.new(words_of).csv(book.log.of(id, kind: kinds, who: by))

        # What was typed and refused, in the form that it belongs to.
        def refused_at(name, entry = nil)
          (fault && typed["entry"].to_s == entry.to_s && typed.key?(name)) ? typed_at(name) : ""
        end

        # Whether what was refused corrects that entry.
        def correcting?(entry) = fault && typed["entry"] == entry.id.to_s

        private

        # The page that an entry stands on which was asked for.
        def page_of_entry
          entry = asked_number("entry") or return
          (book.log.up_to(id, entry).to_f / PAGE).ceil unless only || by
        end

        def kinds = only && FILTERS.fetch(only)

        def words_of = @words_of ||= Words.new(opening)
      end
    end
  end
end
