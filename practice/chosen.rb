# frozen_string_literal: true

module YellowTrack
  module Practice
    # One of several, or a number of things: right or wrong.
    class Chosen < Mark
      # @return [Rational] 0, or a distance that no tolerance forgives
      def off = if right?
                  0r
                else
                  ELSE * (more? ? 1 : -1)
                end

      # @return [Symbol] there is nothing between right and wrong
      def grade = right? ? :exact : :wrong

      # @return [Slip, nil] that leads to this answer
      def slip = right? ? nil : part.slips.find { |slip| slip.value == given }

      # @return [nil] the explanation says what would come of it
      def site = nil

      # @return [nil] a choice is not off by millimetres
      def told_off = nil

      private

      # There is nothing between right and wrong where one of several is picked.
      def right? = given == part.answer

      def more? = part.choice? || given > part.answer
    end
  end
end
