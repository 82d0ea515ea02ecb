# frozen_string_literal: true

require "yaml"

module YellowTrack
  module Files
    # The trade's cautions that apply to a set (handbook 11).
    module Cautions
      LONG_TRACK = 1800 # mm

      # What a set has to have for a caution to apply.
      WHEN = {
        "always" => ->(_set) { true },
        "two_hands" => ->(set) { set.panels.any? { |panel| panel.hands > 1 } },
        "fragile" => ->(set) { set.makeup.fragile? },
        "fibreboard" => ->(set) { set.makeup.words.include?("fibreboard") },
        "long_track" => ->(set) { set.track.length > LONG_TRACK },
        "folds" => ->(set) { set.manner.folds? },
        "bears" => ->(set) { set.opening.survey["wall.bears_load"] == true },
        "step" => ->(_set) { false }
      }.freeze

      module_function

      # The sentence that stands under all of them.
      def always = text.fetch("always")

      # @param set [Object] a family's set
      # @return [Array<String>]
      def for(set)
        text.fetch("cautions").select { |caution| WHEN.fetch(caution["when"]).call(set) }.map do |caution|
          caution["says"]
        end
      end

      # Keys of those that belong to what is done, by the words that say it.
      #
      # @param sentences [Array<String>]
      # @return [Array<String>]
      def told_by(sentences)
        said = sentences.join(" ").downcase
        text.fetch("cautions").select { |one| one["words"]&.any? { |word| said.match?(/\b#{word}/) } }
          .map { |one| one["key"] }
      end

      # @return [Array<String>] of all cautions
      def keys = text.fetch("cautions").map { |caution| caution["key"] }

      # @param key [String]
      # @return [String] what a caution says
      def says(key) = text.fetch("cautions").find { |caution| caution["key"] == key }.fetch("says")

      # @return [Hash] data/cautions.yml, read once
      def text = @text ||= YAML.safe_load_file("#{ROOT}/data/cautions.yml")
    end
  end
end
