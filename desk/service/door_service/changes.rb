# frozen_string_literal: true

module YellowTrack
  module Desk
    class DoorService
      # What is done with a door that hangs badly, each with its entry in the log.
      module Changes
        # Ticks a step, or takes that back.
        def tick!(step, done, who:)
          before, after = tick(step) && true, done || nil
          @opening.note({kind: "service", key: step.key, before:, after:}, who:) unless before == after
        end

        # Takes it in as a door that hangs badly; one that was handed over, anew.
        def begin!(who:)
          return @opening if on? && !closed?

          commit(who) { |document| document.with("service", {"symptoms" => []}) }
        end

        # Takes a cause up.
        def take_up!(key, who:) = commit(who) { |document| document.with("service.cause", key) }

        # Findings that came by telephone, once one is written down: told while it is asked so, else found at the door.
        #
        # @param document [Store::Document]
        # @param key [String] what was written
        # @return [Store::Document]
        def self.told(document, key)
          return at_the_door(document) if key == "service.phone"

          finding = key[/\Aservice\.findings\.(.+)\z/, 1] or return document
          told = document["service.told"] || []
          now = (document["service.phone"] && !document[key].nil?) ? told | [finding] : told - [finding]
          return document if now == told

          document.with("service.told", now.empty? ? nil : now)
        end

        # What nobody knew by telephone is asked anew by who stands before it.
        def self.at_the_door(document)
          told, found = document["service.told"] || [], document["service.findings"] || {}
          again = told.select { |key| found[key] == Found::UNKNOWN }
          return document if document["service.phone"] || again.empty?

          left, kept = found.except(*again), told - again
          document.with("service.findings", left.empty? ? nil : left).with("service.told", kept.empty? ? nil : kept)
        end
        private_class_method :at_the_door

        # What the log tells of answers that are asked anew; nothing where none are.
        #
        # @param now [Store::Document] before it
        # @param after [Store::Document]
        # @param key [String] what was written
        def self.asked_anew(now, after, key)
          before, left = now["service.findings"], after["service.findings"]
          return [] if key != "service.phone" || before == left

          [{kind: "choice", key: "service.findings", before:, after: left}]
        end

        # Hands it over again, with what was said of it.
        def close!(who:)
          said = symptoms
          commit(who) { |document| document.with("service.closed", true) }
          @opening.note({kind: "service", key: "handed over", before: nil, after: said}, who:)
        end

        # The cause in hand is mended, and what was found to stand behind it, or it was not it: it is out, what was
        # asked stays, what was looked at or measured is taken anew.
        #
        # @param how ["mended", "wrong"]
        def settle!(how, seen:, who:)
          return unless cause

          commit(who, seen:) do |document|
            out = (how == "mended") ? mending.map(&:key) : [cause.key]
            document.with("service.#{how}", [*document["service.#{how}"], *out].uniq).with("service.cause", nil)
              .with("service.findings", asked_only(document))
          end
        end

        private

        # Every key that changed has its entry.
        def commit(who, seen: nil)
          book = @opening.book
          key = seen && "service.cause"
          book.openings.commit(@opening.id, who:, seen:, key:, listing: Listing.of(book)) do |now|
            document = yield now.document
            entries = %w[symptoms cause mended wrong findings closed].map { |key| "service.#{key}" }
              .reject { |key| now.document[key] == document[key] }
              .map { |key| {kind: "choice", key:, before: now.document[key], after: document[key]} }
            Store::Openings::Act.new(document:, entries:)
          end
        end

        def asked_only(document)
          kept = (document["service.findings"] || {}).select do |key, _|
            knowledge.findings[key]&.how == ALWAYS_ASKED
          end
          kept.empty? ? nil : kept
        end
      end
    end
  end
end
