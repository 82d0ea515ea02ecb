# frozen_string_literal: true

require "forwardable"
require "time"

module YellowTrack
  module Desk
    class DoorService
      # How a door that hangs badly stands with its mend, as its checks look at it.
      class Standing
        extend Forwardable

        def_delegators :@door, :carried, :symptoms, :findings, :diagnosis, :off?, :done?, :marks, :while_off, :tick,
          :hands, :reroller, :material, :damp?, :replacing, :weight, :closed?, :left_read?, :cause, :fix, :behind,
          :learnt, :knowledge

        # @param door [Service]
        # @param opening [Opening]
        def initialize(door, opening)
          @door, @opening = door, opening
        end

        # @return [Mending::State]
        def state
          new_roller = @door["new"] || {}
          Mending::State.new(
            carried:, kit: (@opening.kit unless @opening.kit.unknown?), falls: (symptoms & DoorService::FALLS).any?,
            propped: @door["propped"], down: @door["down"], diagnosis:, taken_down: off?, marked: done?(marks),
            hung: left_read?, to_hang: done?(fix), behind:,
            undone: while_off.reject { |step| tick(step) }.map(&:says), hands:, holder: @door["holder"], reroller:,
            material:, made_of: new_roller["material"], rated: rated, one_only: @door["one_only"],
            other_hand: @door["old.turned"].nil? ? false : @door["old.turned"] != @door["new.turned"], damp: damp?,
            thickness: @opening.opening["thickness"], body: new_roller["body"], bar: new_roller["bar"], air: air_left,
            step: findings["tracks_step"].then { |mm| mm if mm.is_a?(Numeric) }, hole: @door["hole"],
            probe: findings["probe"].then { |mm| mm if mm.is_a?(Numeric) }, pale_dust: findings["dust"] == "yes",
            lip: @door["lip"], fixing: @door["fixing"], oiled: @door["oiled"], bare: bare?, waits: too_soon,
            replacing: replacing, pull_found: @door["found.pull"], pull_left: @door["left.pull"], weight:,
            closed: closed?, left_read: left_read?, again:
          )
        end

        private

        def rated = @door["new.rating"] || (@door["new.material"] && Mending::Material.carries(@door["new.material"]))

        # Air on both sides once the new roller moves the panel.
        def air_left
          shift = reroller&.then { |made| @door["new.turned"] ? made.shift_turned : made.shift } or return
          sides = {"room" => @door["air.room"]&.-(shift), "closet" => @door["air.closet"]&.+(shift)}.compact
          sides unless sides.empty?
        end

        # The underside, which water comes at.
        def bare? = while_off.first&.then { |step| !tick(step) } || false

        # What was said of it when it was handed over, within the last weeks.
        def handed_over_lately
          last = @opening.record.latest("service")["handed over"]
          (last && Time.iso8601(last.at) > Time.now - DoorService::AGAIN) ? last.after : []
        end

        # What had to dry or set still when it was read as left.
        def too_soon
          last = fix.filter_map { |step| tick(step) }.last or return
          return unless @door.mend_wait && left_read?

          ready = Time.iso8601(last.at).localtime + @door.mend_wait * 3600
          "until #{ready.strftime("%-d %B, %H:%M")}" if ready > Time.now
        end

        # A symptom back, or a cause named again and again.
        def again
          back = symptoms & handed_over_lately
          return "#{knowledge.symptoms.fetch(back.first).label}: back within six weeks." if back.any? && !closed?
          return unless cause

          before, = learnt.in_house(cause.key)
          "#{cause.label}: named #{before + 1} times in this house." if before + 1 >= DoorService::THIRD
        end
      end
    end
  end
end
