# frozen_string_literal: true

module YellowTrack
  module Practice
    # One of several, or a number of things: right or wrong.
    class Chosen < Mark
      def off = if right?
                  0r
                else
                  ELSE * (more? ? 1 : -1)
                end

      def grade = right? ? :exact : :wrong

      def slip = right? ? nil : part.slips.find { |slip| slip.value == given }

      def site = nil

      def told_off = nil

      private

      def right? = given == part.answer

      def more? = part.choice? || given > part.answer
    end
  end
end
