# frozen_string_literal: true

require "forwardable"

module YellowTrack
  module Web
    # A page of a door that hangs badly: what all of its stages show.
    class ServiceScreen < OpeningScreen
      extend Forwardable

      def_delegators :service, :diagnosis, :knowledge, :cause, :tick

      # @return [Desk::DoorService]
      def service = opening.service

      # Known of it, and typed where it matters.
      KNOWN = %w[set.kit set.panels set.width set.height set.thickness set.makeup.0 set.makeup.1 set.weighed].freeze

      # What can be chosen in a field: of kits those that hang as this door does.
      def options_of(field)
        return super unless field.key == "set.kit"

        {Kit::UNKNOWN => "not known"}.merge(kits)
      end

      # What stands in an empty field, by its key; nil for nothing.
      def placeholder_of(key)
        return "not asked yet" if key.start_with?("service.findings.")

        {"set.width" => "a panel's", "set.height" => "a panel's", "set.thickness" => "a panel's"}[key] || "not known"
      end

      # Another family's page it is not: what is typed renews what is shown.
      def another_page? = result&.outcome == :saved && written.kind == :kit

      # @return [Array<FieldRow>]
      def known_fields = KNOWN.select { |key| Desk::Fields[key] && takes?(key) }.map { |key| field(key) }

      # @return [Array<FieldRow>] of keys under "service."
      def fields(*keys) = keys.map { |key| field("service.#{key}") }

      # @return [Array<Check>] that belong to the page
      def checks = service.checks.select { |check| self.class::CHECKS.include?(check.code) }

      # What stands behind the mend in hand, asked at such times: "before" it comes down, "down", "hung".
      #
      # @return [Array<Diagnosis::Behind::Row>]
      def behind(*times) = service.behind.select { |row| times.include?(row.when) }

      # How sure the cause is that was taken up.
      def share_words
        standing = diagnosis&.causes&.find { |one| one.cause == cause }
        standing ? "at #{(standing.share * 100).round} %" : "taken up"
      end

      # What belongs to the mend, to what it takes in hand, and to panes.
      def cautions = caution_keys.map { |key| Files::Cautions.says(key) }

      # Cautions of the work on this page, by their keys.
      def caution_keys
        done = Files::Cautions.told_by([*service.fix, *service.while_off].map(&:says))
        [*(cause&.caution || []), *done, *("glass" if service.glass?)].uniq
      end

      # What is said beside every caution.
      def always = Files::Cautions.always

      # Hands that the mend or the panel asks for: two at least for a leaf that nobody weighed.
      def hands = [cause&.hands, service.hands].compact.max

      # Whether its weight can be told.
      def weighed? = !service.weight.nil?

      # The door's weight in words.
      def weight = Makeup.kilos(service.weight)

      # Nowhere: what its numbers were taken from stands on this page.
      def origin_path(_entry) = nil

      private

      def takes?(key) = key != "set.panels" || !opening.kit.manner.pockets?

      # Kits that hang so: those that ship, and the fitter's own.
      def kits
        shelf = Files::Candidates.shelf.to_h { |kit| [kit.id, kit] }
        own = book.own_kits.all.transform_values { |sheet| Files::Shelf.kit(sheet) }
        shelf.merge(own).select { |_, kit| kit.manner.key == service.family }.transform_values(&:name)
      end
    end
  end
end
