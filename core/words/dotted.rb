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
  end
end
