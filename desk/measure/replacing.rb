# frozen_string_literal: true

module YellowTrack
  module Desk
    # What a form replaces. It says what it was printed with; what was typed into it counts where it
    # is another than that, and where nobody changed that meanwhile. A change that was not seen is
    # told: it stands, and so does what was typed, in its field.
    class Replacing
      # What stands is not what was seen.
      class Clash < Fault; end

      LONGEST = 60 # characters of a value that are told

      # @param was [Hash{String => String}, nil] what the form was printed with; nil for one that
      #   does not say
      # @param now [Hash{String => String}] what stands, as that form would be printed
      # @param typed [Hash{String => String}] what came
      def initialize(was, now:, typed:)
        @was, @now, @typed = was.is_a?(Hash) ? was : {}, now, typed
      end

      # @return [Hash{String => String}] what is to be written
      def changes = ours.reject { |key, text| same?(text, @now[key]) || clash?(key) }

      # Says what was changed by others, once the rest is written.
      #
      # @yieldparam key [String]
      # @yieldreturn [String] what it is called
      # @raise [Clash]
      def tell!
        keys = ours.keys.select { |key| clash?(key) }
        return if keys.empty?

        says = keys.map do |key|
          "#{yield key} was changed meanwhile from #{told(@was[key])} to #{told(@now[key])}. You typed " \
            "#{told(@typed[key])}."
        end
        raise Clash.new("#{says.join(" ")} Yours stands in its field: send it again to put it in the other's place.",
          key: keys.first)
      end

      # What is done at one press has to be done of what was seen.
      #
      # @param was [Hash, nil] as above
      # @param now [Hash{String => String}] what stands, by its name
      # @param says [String] what happened meanwhile
      # @raise [Clash]
      def self.seen!(was, now, says)
        return unless was.is_a?(Hash)

        name, = now.find { |key, text| was.key?(key) && was[key] != text }
        raise Clash.new("#{says} Nothing was changed: look at what it says now.", key: name) if name
      end

      private

      def ours = @typed.reject { |key, text| @was.key?(key) && same?(@was[key], text) }

      def clash?(key) = @was.key?(key) && !same?(@was[key], @now[key]) && !same?(@now[key], @typed[key])

      # A browser sends a line's end as two characters, and what stands may have stray spaces at its ends.
      def same?(one, other) = plain(one) == plain(other)

      def plain(text) = text.to_s.gsub("\r\n", "\n").strip

      def told(text) = plain(text).empty? ? "nothing" : "\"#{plain(text).gsub(/\s+/, " ")[0, LONGEST]}\""
    end
  end
end
