# frozen_string_literal: true

require "digest"

module YellowTrack
  module Desk
    # The choice of a set for an opening on the desk: the shelf with the fitter's own
    # kits, by the rules of the house, and what is written when one of them is taken.
    class SetChoice
      # What a set that is taken keeps as it was typed (handbook 3, "Candidates").
      KEPT = YellowTrack::Choose::Kept::ALWAYS

      # An opening as a cut list takes it.
      Tried = Struct.new(:plan, :parts, :letter, :cuts) do
        # The kit of the plan.
        def kit = plan.opening.kit
      end

      # @param opening [Opening] surveyed, or still to be built
      def initialize(opening)
        @opening, @book = opening, opening.book
        @sheets = @book.own_kits.all
      end

      # Every way that was tried; nil where the set in mind makes none.
      #
      # @return [YellowTrack::Choose, nil]
      def choice
        @opening.piece(:choice, @opening.shown, Digest::SHA256.digest(Marshal.dump([@sheets, house]))) { worked_out }
      end

      # Why there is no choice: what is wrong with the set in mind.
      #
      # @return [Fault, nil]
      def refusal = choice.is_a?(Fault) ? choice : nil

      # A candidate by its key.
      #
      # @return [Candidate, nil]
      def find(key) = choice.ranked.find { |one| SetChoice.key_of(one) == key }

      # What names a candidate on a page: kit and layout.
      def self.key_of(candidate)
        [candidate.kit.id, *candidate.layout.values.map { |value| Array(value).join(",") }].join(":")
      end

      # The set of a candidate, for the opening file; of the one in mind just what stands there.
      #
      # @return [Hash]
      def set_of(candidate)
        return @opening.document["set"] if candidate.in_mind?

        kit, typed = candidate.kit, @opening.document["set"]
        kept = KEPT.to_h { |key| [key, typed[key]] }
        kept["cover"] = typed["cover"] if kit.manner.carried == :wall
        kept["fit"] = typed["fit"] if kit.family == typed["family"]
        kept["weighed"] = typed["weighed"] if Wanted.given?(@opening.opening)
        {"family" => kit.family, "kit" => sheet_of(kit)}
          .merge(Files::HouseRules.for_set(@opening.rules, kit.family), candidate.layout,
            {**kept, "thickness" => thickness(candidate, typed["thickness"])}.compact)
      end

      # The set that the last one was taken in place of, while it stands as it was
      # taken.
      #
      # @return [Hash, nil]
      def before
        entry = @book.log.last(@opening.id, "set")
        entry.before if entry && entry.after == @opening.document["set"] && entry.before != entry.after
      end

      # Hangs a set. The one in mind stays as it is, and the log has that somebody took it.
      #
      # @param set [Hash] for the opening file
      # @param seen [Integer] the version on the screen
      def take!(set, seen:, who:)
        if set == @opening.document["set"]
          @opening.note({kind: "choice", key: "set", before: set, after: set}, who:)
        else
          @book.openings.change(@opening.id, "set", set, seen:, overrule: true, who:, listing: Listing.of(@book))
        end
      end

      # What a candidate's materials come to, where all their prices are known.
      #
      # @return [Rational, nil]
      def materials(candidate)
        return unless candidate.set && prices.key?("kit #{candidate.kit.id}")

        tried = Tried.new(candidate.plan, Parts.new(candidate.plan, @opening.letter), @opening.letter, {})
        list = CutList.new(@book, [tried])
        price = Price.new([[tried.plan, tried.parts]], bars: list.to_buy, prices: list.bar_prices.merge(prices))
        price.material_cost if price.materials.all?(&:each)
      end

      private

      def prices = @prices ||= @book.prices.all

      def worked_out
        YellowTrack::Files::Candidates.choose(@opening.opening,
          own: @sheets.values.map { |sheet| Files::Shelf.kit(sheet) },
          house:, printer: @opening.printer)
      rescue Fault => e
        e
      end

      # What the house starts a set of each family with.
      def house
        Files::Shelf.families.to_h { |family| [family, Files::HouseRules.typed_for_set(@opening.rules, family)] }
      end

      # A kit that ships by its id, another as its whole sheet.
      def sheet_of(kit)
        return kit.id if Files::Shelf.kits[kit.id].equal?(kit)

        @sheets.values.find { |sheet| Files::Shelf.kit(sheet).to_h == kit.to_h } || @opening.document["set.kit"]
      end

      # As it was typed, or the nearer end of what the kit takes.
      def thickness(candidate, typed)
        kept = candidate.plan.opening["thickness"] or return
        (kept == @opening.opening["thickness"]) ? typed : "#{Numbers.plain(kept)} mm"
      end
    end
  end
end
