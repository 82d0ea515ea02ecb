# frozen_string_literal: true

module YellowTrack
  module Web
    module Mend
      # Mend: the steps, what is done while it is off, new rollers, mend or replace.
      class Screen < ServiceScreen
        CHECKS = %w[service.gain service.pair service.offset service.bar service.mortise service.rating service.damp
          service.oil service.lip service.fixing service.step service.hole service.probe service.insects
          service.replace].freeze
        MEASURED = %w[wheel wheel_across room closet seat spacer body].freeze
        TRACK = %w[lip fixing oiled hole.from hole.screw].freeze
        FITTED = %w[new.bar new.material new.rating new.turned old.turned one_only air.room air.closet].freeze
        ABOVE = {floor: "engagement", wall: "cover over the head", head: "head room"}.freeze

        def stage = "mend"

        def renewed = ["mend/board"]

        # Whether rollers are changed.
        def rollers? = !service.reroller.nil? || cause&.leads_to&.include?("reroller") || false

        def roller = service.reroller

        # What comes off the foot, where a mend trims it.
        def trim = (service.trim if cause&.leads_to&.include?("alter"))

        # Old beside new, a pair of fields a row.
        def roller_rows = MEASURED.map { |key| fields("old.#{key}", "new.#{key}") }

        def fitted_fields = fields(*FITTED)

        def track_fields = fields(*TRACK)

        def figure_fields = fields(*Desk::ServiceFields::FIGURES.keys.map { |key| "figures.#{key}" })

        def placeholder_of(key)
          figure = service.figures[key.delete_prefix("service.figures.")] if key.start_with?("service.figures.")
          figure ? figure.to_f.round(2).to_s.delete_suffix(".0") : super
        end

        def picture = Drawing::RollerParts.new(service["old"] || {}, service["new"] || {}, opening.printer)

        def sums = roller.work.entries

        # Each effect of the gain: name, figure.
        def effects
          {"floor gap then" => roller.below, "#{ABOVE.fetch(service.carried)} then" => roller.above,
           "lift room then" => roller.lift, "taper by one alone" => roller.tapers}.compact
        end

        # To which side the panel goes, in words.
        def side(shift) = "#{long(shift.abs)} to the #{shift.negative? ? "closet" : "room"}"

        # @return [Mending::Material]
        def material = service.material

        def material_says = Mending::Material::SAYS[material.advice]

        def replacing = service.replacing

        def parts = cause.parts

        def waits = cause.wait_hours

        def leads = cause.leads_to.map { |key| knowledge.leads.fetch(key) }

        def sum_printer = opening.fine_printer

        def money(amount) = amount.to_f.round.to_s
      end
    end
  end
end
