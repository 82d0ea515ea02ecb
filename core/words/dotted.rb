# frozen_string_literal: true

module YellowTrack
  # Dotted keys in their steps: the code asks for the same ones over and over.
  module Dotted
    KNOWN = Hash.new { |made, key| made[key.dup.freeze] = key.split(".").freeze }
    private_constant :KNOWN

    module_function

    # @param key [String] "lap.design"
    # @return [Array<String>]
    def steps(key) = KNOWN[key]

    # A group with what its own groups hold beside it, each by its key: {"wall" => {"solid" => true}} has "wall.solid"
    # too. What is asked for hundreds of times is found at once.
    #
    # @param group [Hash]
    # @return [Hash]
    def flat(group)
      group.each_with_object(group.dup) do |(first, value), by_key|
        value.each { |second, one| by_key["#{first}.#{second}"] = one } if value.is_a?(Hash)
      end
    end
  end
end
