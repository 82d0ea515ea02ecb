# frozen_string_literal: true

module YellowTrack
  module Desk
    # Doors of the firm's own to be played: mends that held at their look-back, with what was said of each and what was
    # found before it was handed over (handbook 13).
    class OwnDoors
      MOST = 20 # of the latest
      FOUND = /\Aservice\.findings\.([a-z_]+)\z/

      # A door: the opening's id, how it hangs, what was said, what was found by finding, what it was.
      Door = Struct.new(:id, :family, :symptoms, :found, :causes, keyword_init: true)

      # @param book [Store::Book]
      def initialize(book)
        @book = book
      end

      # @return [Array<Door>] the latest first; those of which nothing was found are left out
      def all = @all ||= held.last(MOST).reverse.filter_map { |mend| door(mend) }

      # A door by its opening; nil for none that held.
      def find(id) = held.reverse.find { |mend| mend.opening_id == id }&.then { |mend| door(mend) }

      private

      def held = @held ||= @book.held_mends.all.select(&:held)

      def door(mend)
        row = @book.openings.find(mend.opening_id) or return
        found = found_of(mend.opening_id)
        return if found.empty?

        Door.new(id: row.id, family: KeptOpening.new(@book, row).kit.manner.key, symptoms: mend.symptoms, found:,
          causes: mend.causes)
      end

      # What was found last of each, as its answers are called; what nobody knew is left out.
      def found_of(id)
        known = Files::Knowledge.all.findings
        @book.log.of(id, kind: "reading").each_with_object({}) do |entry, found|
          finding = known[entry.key[FOUND, 1]] or next
          answer = finding.answer(measured(finding, entry.after))
          unless entry.after.nil?
            answer ? found[finding.key] = answer : found.delete(finding.key)
          end
        end
      end

      def measured(finding, typed)
        return typed unless finding.length? && typed.is_a?(String) && !finding.answers.include?(typed)

        Field.parsed(typed, :mm)
      end
    end
  end
end
