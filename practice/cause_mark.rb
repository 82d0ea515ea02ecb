# frozen_string_literal: true

module YellowTrack
  module Practice
    # What was asked of a door, and the cause that was named (handbook 12): minutes spent
    # against the knowledge base's best on the same door. It stands on a Door.
    class CauseMark < Mark
      GOOD_SHARE = 3r / 2 # of the best's minutes

      # Asked is keys of findings; cause what it came to: a key, keys of a few in their order, or "none".
      Said = Struct.new(:asked, :cause)

      # @return [Rational] 0, or a distance that no tolerance forgives
      def off = right? ? 0r : ELSE

      # @return [Symbol] by chapter 12: right and dear is near
      def grade
        return :wrong unless right?

        spent = door.minutes(given.asked)
        return :exact if spent <= door.best_minutes

        (spent <= door.best_minutes * GOOD_SHARE) ? :good : :usable
      end

      # @return [Slip, nil] that it looks like
      def slip
        return if grade == :exact

        part.slips.find { |slip| slip.value == given } || early || unasked
      end

      # @return [String, nil] what would come of it
      def site = right? ? nil : "what is mended was not what ailed it: another visit"

      # @return [nil] a cause is not off by millimetres
      def told_off = nil

      private

      def door = part.stands_on

      def right? = given.cause == part.answer.cause

      # The door was taken off for what was asked while something still told with it hanging.
      def early
        Slip.new("the door came off too early", given) if door.early?(given.asked)
      end

      # The likeliest was named, as it was before anything was asked.
      def unasked
        Slip.new(WhatAils::TOLD, given) if given.cause == door.likeliest
      end
    end
  end
end
