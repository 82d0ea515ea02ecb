# frozen_string_literal: true

module YellowTrack
  module Web
    module Rehang
      # Rehang: the bench for what hangs again, as found beside as left.
      class Screen < Adjust::Screen
        CHECKS = %w[service.behind service.while_off service.edge service.wait service.pull service.readings].freeze
        SIZES = %w[set.width set.height set.thickness].freeze
        TRIAL = ["Hang it once: does it clear inside, outside, foot and head?", "Off again: seal what is bare.",
          "Hang it for good, anti-jump parts back on."].freeze

        # The door that hangs badly.
        def service = opening.service

        # The stage that it stands on; nil for none of them.
        def stage = "rehang"

        # The template that it is drawn with.
        def template = "rehang/page"

        # Pieces that are drawn anew after a save, by their templates.
        def renewed = [*super, "rehang/readings", "rehang/behind"]

        # Whatever is typed here, the panel in hand stays in hand.
        def values_path = plan ? Paths.opening(id, "values", panel: reading.name) : super

        # Rows of the readings: what it is, as found, as left, and the difference.
        def readings
          Desk::ServiceFields::READINGS.merge("pull" => "pull, N").map do |key, label|
            found, left = service["found.#{key}"], as_left(key)
            by = found && left && differs(key, left - found)
            [label, field("service.found.#{key}"), field("service.left.#{key}"), by]
          end
        end

        # Fields of what the bench needs of a set that nobody sized.
        def size_fields = SIZES.map { |key| field(key) }

        # What stands behind its mend and is to be looked at now, or was not before.
        #
        # @return [Array<Diagnosis::Behind::Row>]
        def behind_yet = service.behind.select { |row| row.when == "hung" || row.level }

        # Whether something behind it bars hanging, and nobody said why it hangs all the same.
        def barred? = !service.may_hang?

        # Whether that can be overridden: its stop is raised once the mend is done.
        def may_override? = service_checks.any? { |check| check.code == "service.behind" && check.stop? }

        # What is tried before it stays.
        def trial = TRIAL

        # Whether a turn is not known yet and is learnt from the first move.
        def unknown_turn? = opening.kit.unknown? && learnt.used.nil?

        # What a mended door raises while it is hung again.
        def service_checks = service.checks.select { |check| CHECKS.include?(check.code) }

        # What stands in an empty field: of a gap as it was left, what the bench read.
        def placeholder_of(key)
          place = key[/\Aservice\.left\.(top|middle|bottom)\z/, 1] or return super
          service.left(place)&.then { |mm| short(mm) }
        end

        private

        def as_left(key) = %w[top middle bottom].include?(key) ? service.left(key) : service["left.#{key}"]

        def differs(key, by)
          return "#{"+" if by.positive?}#{by.to_f.round(1)}" if key == "pull"

          signed(by)
        end
      end
    end
  end
end
