# frozen_string_literal: true

module YellowTrack
  module Practice
    # Layers of a packing, from the jamb out (handbook 7 and 12): never over the target, a
    # face that takes paint outside, as close and as few as can be.
    class LayersMark < Mark
      # What stands on it is the Prepare::BuildUp.
      def off = given.sum - part.answer.sum

      # @return [Symbol] by chapter 12
      def grade
        return :wrong if over? || raw? || off < -USABLE
        return :exact if given.sort == part.answer.sort

        (off.zero? && given.length == part.answer.length) ? :good : :usable
      end

      # @return [Slip, nil] that leads to this answer
      def slip = (grade == :exact) ? nil : part.slips.find { |slip| slip.value == given } || seen

      # @return [String, nil] what would come of it
      def site
        return "the jamb comes forward and the panel is planed" if over?

        raw? ? "its raw edge takes no paint: the face is done again" : nil
      end

      private

      # The slip that can be seen of layers that nobody reckoned with.
      def seen
        found = if over? then Layered::OVER
        elsif raw? then Layered::RAW
        elsif off.zero? && given.length > part.answer.length then Layered::MANY
        end
        found && Slip.new(found, given)
      end

      def over? = given.sum > part.stands_on.target

      # Whether its face is too thin, where another of its layers was thick enough.
      def raw?
        thick = given.select { |layer| layer >= Prepare::BuildUp::PAINTED }
        thick.any? && given.last < Prepare::BuildUp::PAINTED
      end
    end
  end
end
