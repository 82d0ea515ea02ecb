# frozen_string_literal: true

module YellowTrack
  module Desk
    # What the rows of the stages say of a door that hangs badly: their marks, and what
    # is next while they are on the screen.
    module ServiceMarks
      # Checks that belong to a stage, by its mark.
      ON = {looked: %w[service.safe service.danger service.unsure], taken_down: %w[service.hold service.marks],
            mended: %w[service.gain service.offset service.bar service.mortise service.rating service.lip
              service.fixing service.probe],
            rehung: %w[service.behind service.while_off service.edge service.wait service.pull]}.freeze

      module_function

      # Its mark: done once a cause is taken up.
      def looked(opening) = worst(opening, :looked) || (opening.service.cause && :done)

      # Its mark: done once it is off.
      def taken_down(opening) = worst(opening, :taken_down) || (opening.service.off? ? :done : nil)

      # Its mark: done once the steps of its cause are ticked.
      def mended(opening)
        worst(opening, :mended) || (opening.service.done?(opening.service.fix) ? :done : nil)
      end

      # Its mark: done once it was read as left.
      def rehung(opening) = worst(opening, :rehung) || (opening.service.left_read? ? :done : nil)

      # The worst check of a stage; nil for none.
      def worst(opening, stage)
        own = opening.service.checks.select { |check| ON.fetch(stage).include?(check.code) }
        Check.worst(own.reject { |check| check.level == :note })
      end

      # What is next while Look is on the screen.
      def look_next(opening)
        service = opening.service
        made = service.diagnosis
        return to_say("Press where it troubles, or say what is said of it.") unless made
        return to_say("No cause is left of what is said. Say something else.") unless made.first
        return step("On to #{service.reached.tr("-", " ")}.", service.reached) if service.cause
        return step(made.next.ask, "look", "service.ask") if made.next
        return step("#{made.mends.first.label}: take it up.", "look", "service.causes") if made.mends.any?
        return step("None of these fits. Look by hand, and write down what it was.", "look", "service.was") unless
          service["was"]

        step("#{service["was"]}: take it up.", "look", "service.ended")
      end

      # That something is to be said of it first.
      def to_say(sentence) = step(sentence, "look", "service.symptoms")

      # What is next while one thing is fitted.
      def fit_next(opening)
        fitted = opening.service.accessory or return step("Say what is fitted.", "fit", "service.fit.what")
        open = fitted.missing.first
        return step("Measure it: #{ServiceFields::FIT.fetch(open).first}.", "fit", "service.fit.#{open}") if open
        return step("Clear what is in the way first.", "fit", "fit.checks") if fitted.checks.any?(&:stop?)

        step("Mark it, then fit it in this order.", "fit", "fit.steps")
      end

      # What is next while Take down is.
      def take_down_next(opening)
        service = opening.service
        return look_next(opening) unless service.cause || service.off?
        return step("Nothing comes down for it. Mend it as it hangs.", "mend") unless service.comes_down?
        if service.freeing.empty?
          return step("Say how it comes out: the order hangs on it.", "take-down", "service.track")
        end

        undone(service, [*service.marks, *service.freeing], "take-down") || step("It is off. Mend it.", "mend")
      end

      # What is next while Mend is.
      def mend_next(opening)
        service = opening.service
        return look_next(opening) unless service.cause

        undone(service, [*service.fix, *service.while_off], "mend") || step("Hang it again.", "rehang")
      end

      # What is next while Rehang is.
      def rehang_next(opening)
        service = opening.service
        return step("Before it hangs: #{first(service.barring)}", "rehang", "service.behind") unless service.may_hang?
        return step("Hand it over, with what was found and how it was left.", "hand-over") if service.left_read?
        unless opening.plan
          return step("Say how wide and how high a panel is: turns are reckoned with it.", "rehang", "set.width")
        end

        opening.turning.next_step.then { |found| NextStep.new(**found.to_h, stage: "rehang") }
      end

      # What bars hanging: to be asked, or found and to be mended first.
      def first(barring)
        row = barring.first
        return row.finding.ask if row.state == "open"

        "mend that too: #{row.cause.label.sub(/\A./, &:downcase)}. Then say what you find."
      end

      # The first step that is not ticked, as what is next; nil for none.
      def undone(service, steps, stage)
        open = steps.find { |one| service.tick(one).nil? } or return
        step(open.says, stage, "service.#{open.key}")
      end

      # A sentence, and where it is done.
      def step(sentence, stage, anchor = nil) = NextStep.new(sentence:, stage:, anchor:)
    end
  end
end
