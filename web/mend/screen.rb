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

        # The stage that it stands on; nil for none of them.
        def stage = "mend"

        # Pieces that are drawn anew after a save, by their templates.
        def renewed = ["mend/board", "mend/behind"]

        # What stands behind it, as far as it can be looked at now.
        def behind_now = behind("before", "down")

        # What is found to stand behind it has steps of its own: the page is loaded anew.
        def another_page? = super || (result&.outcome == :saved && written.key.start_with?("service.findings."))

        # Whether rollers are changed.
        def rollers? = !service.reroller.nil? || cause&.leads_to&.include?("reroller") || false

        # The roller and its successor; nil while neither was measured.
        def roller = service.reroller

        # What comes off the foot, where a mend trims it.
        def trim = (service.trim if cause&.leads_to&.include?("alter"))

        # Old beside new, a pair of fields a row.
        def roller_rows = MEASURED.map { |key| fields("old.#{key}", "new.#{key}") }

        # Fields of the roller that is fitted.
        def fitted_fields = fields(*FITTED)

        # Fields of the track as it was found.
        def track_fields = fields(*TRACK)

        # Fields of what the mend costs beside a new door.
        def figure_fields = fields(*Desk::ServiceFields::FIGURES.keys.map { |key| "figures.#{key}" })

        # What stands in an empty field, by its key; nil for nothing.
        def placeholder_of(key)
          figure = service.figures[key.delete_prefix("service.figures.")] if key.start_with?("service.figures.")
          figure ? figure.to_f.round(2).to_s.delete_suffix(".0") : super
        end

        # The roller, old and new, from two sides.
        def picture = Drawing::RollerParts.new(service["old"] || {}, service["new"] || {}, opening.printer)

        # Sums of the roller, as the ledger has them.
        def sums = roller.work.entries

        # Each effect of the gain: name, figure.
        def effects
          {"floor gap then" => roller.below, "#{ABOVE.fetch(service.carried)} then" => roller.above,
           "lift room then" => roller.lift, "taper by one alone" => roller.tapers}.compact
        end

        # To which side the panel goes, in words.
        def side(shift) = "#{long(shift.abs)} to the #{shift.negative? ? "closet" : "room"}"

        # @return [Mending::Material]
        def material = @material ||= service.material

        # What a wheel of that load should be made of.
        def material_says = Mending::Material::SAYS[material.advice]

        # The mend beside a new door.
        def replacing = service.replacing

        # Parts that the cause asks for.
        def parts = service.mend_parts

        # Hours that the mend has to dry.
        def waits = service.mend_wait

        # What the cause leads on to, in words.
        def leads = cause.leads_to.map { |key| knowledge.leads.fetch(key) }

        # What its sums are written with.
        def sum_printer = opening.fine_printer

        # An amount without its hundredths.
        def money(amount) = amount.to_f.round.to_s
      end
    end
  end
end
