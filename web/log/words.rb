# frozen_string_literal: true

require "date"

module YellowTrack
  module Web
    module Log
      # Entries of the log in sentences.
      class Words
        MADE = {"opening" => "Opening made", "binned" => "Put in the bin", "brought back" => "Brought back"}.freeze

        # @param opening [Desk::KeptOpening]
        def initialize(opening)
          @opening = opening
        end

        # @param entry [Store::Log::Entry]
        # @return [String]
        def says(entry) = entry.whole? ? told(entry) : "This entry cannot be read: #{entry.kind}, #{entry.key}."

        private

        def told(entry)
          case entry.kind
          when "reading", "choice" then changed(entry)
          when "twice" then measured_twice(entry)
          when "move" then move(entry)
          when "service" then service(entry)
          when "step" then "#{entry.after ? "Done" : "Taken back"}: #{step(entry.key)}"
          when "time" then "#{entry.after ? "Done" : "Not done"}: #{entry.key} (visits)"
          when "hand-over" then handed(entry)
          when "wait" then "#{step(entry.key)}: #{entry.after ? "promised for #{entry.after}" : "no day any more"}"
          when "round" then "Trial hang, round #{entry.after}"
          when "cut" then cut(entry)
          when "override" then "Overridden #{entry.key}: #{entry.after}"
          when "picture" then entry.after["caption"].to_s.empty? ? "Picture" : entry.after["caption"]
          when "note" then "Notes: #{entry.after}"
          when "made" then MADE.fetch(entry.key, entry.key)
          else entry.after.to_s
          end
        end

        def cut(entry)
          return "Taken back: #{entry.key} cut to #{length(entry.before)}" unless entry.after

          "#{entry.key} cut to #{length(entry.after)}, planned #{length(entry.before)}"
        end

        # What is told by its key in the knowledge of doors, in words.
        def known(entry)
          known = @opening.service.knowledge
          [entry.before, entry.after].map { |value| Desk::ServiceFields.words(entry.key, value, known:) }
        end

        def changed(entry)
          return "set: taken as it stood" if entry.key == "set" && entry.before == entry.after
          return twice(entry) if entry.key == Desk::OnceMore::KEPT

          before, after = known(entry)
          return "#{Desk::ServiceFields.title(entry.key)}: #{before} → #{after}" if before

          field = Desk::Fields.told(entry.key)
          whose = entry.key[/\Ahung\.([A-F])\./, 1]
          "#{"#{whose}, " if whose}#{field&.label || entry.key}: #{Saying.value(field, entry.before)} → " \
            "#{Saying.value(field, entry.after)}"
        end

        # What a reading was at first, and at the second time.
        def measured_twice(entry)
          first, second = entry.after.values_at("first", "second").map { |mm| length(mm) }
          "#{Survey::Words.name(entry.key)}, taken twice: #{first}, then #{second}"
        end

        # Readings that are sure from then on, and those that are no longer so.
        def twice(entry)
          before, after = [entry.before, entry.after].map { |keys| keys || [] }
          told = {"taken twice, the same" => after - before, "no longer sure" => before - after}
          told.reject { |_, keys| keys.empty? }.map { |says, keys|
            "#{Survey::Words.list(keys)}: #{says}"
          }.join("; ")
        end

        def move(entry)
          turned = entry.after["turned"].reject { |_, one| one["count"].zero? }.map do |name, one|
            "#{YellowTrack::Adjust::Controls.name_of(@opening.kit, name)} #{one["words"]}"
          end
          gaps, expected = entry.after.values_at("gaps", "expected").map do |list|
            list.map { |gap, mm| "#{gap} #{gap_of(mm)}" }.join(", ")
          end
          "#{entry.key.delete_prefix("hung.")}: #{turned.join("; ")}. Gaps were #{gaps}; expected #{expected}."
        end

        def handed(entry)
          gaps = entry.after["gaps"].map { |panel, list|
            "#{panel} #{list.map { |place, mm| "#{place} #{gap_of(mm)}" }.join(", ")}"
          }.join("; ")
          (entry.key == "signed") ? "Handed over, to look back on #{entry.after["look_back"]}. Gaps: #{gaps}." :
            "Looked back. Gaps: #{gaps}."
        end

        def service(entry)
          return held(entry.after) if entry.key == "held"

          "#{entry.after ? "Done" : "Taken back"}: #{served(entry.key)}"
        end

        # What a mend proved to be at its look-back.
        def held(told)
          known = @opening.service.knowledge
          causes = told["causes"].map { |cause| Desk::ServiceFields.cause_name(cause, known) }.join("; ")
          told["held"] ? "The mend held: #{causes}" : "The mend did not hold. It was: #{causes}"
        end

        def served(key) = @opening.service.find(key)&.says || key.tr("._", "  ")

        def step(key) = (@opening.plan && @opening.progress.find(key)&.does) || key

        # Lengths of the log are mm; they are told in the unit that is shown.
        def length(mm) = @opening.fine_printer.with_unit(exact(mm))

        def gap_of(mm) = @opening.fine_printer.short(exact(mm))

        def exact(mm) = Rational(mm.to_s)
      end
    end
  end
end
