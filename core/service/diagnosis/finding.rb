# frozen_string_literal: true

module YellowTrack
  class Diagnosis
    # Something that can be found of a door that hangs badly (handbook 13): asked,
    # looked at or measured, with the answers it can have and what it costs.
    Finding = Struct.new(:key, :ask, :how, :kind, :options, :bands, :usual, :minutes, :minutes_down, :needs, :for, :if,
      :with, :not_with, keyword_init: true) do
      # @return [Array<String>] yes and no, its options, or the bands of a length
      def answers
        case kind
        when "yes_no" then %w[yes no]
        when "one_of" then options
        else bands.keys
        end
      end

      # @return [String] short: likelihoods hang on it
      def inspect = "#<finding #{key}>"

      # Whether it is read with a tape, and has a unit.
      def length? = kind == "length"

      # Whether the door has to come down for it.
      def door_off? = needs == "door off"

      # What was found, as one of its answers: of a length the first band whose end
      # it does not exceed.
      #
      # @param found [String, Numeric] mm
      # @return [String, nil] nil for what is none
      def answer(found)
        return answers.include?(found) ? found : nil unless found.is_a?(Numeric)

        bands.find { |_, most| found <= most }&.first if length? && !found.negative?
      end

      # mm past which it is no length of it.
      def longest = bands.values.last

      # Minutes that it costs to find out.
      def cost(down) = (down && minutes_down) || minutes

      # Whether it can be asked with these symptoms.
      def fits?(symptoms) = (with.nil? || symptoms.intersect?(with)) && !(not_with && symptoms.intersect?(not_with))
    end
  end
end
