# frozen_string_literal: true

module YellowTrack
  module Bench
    # Examples that `bin/test` runs over a share of what there is, run over all of it.
    class Proof
      # @param spec [String] their file
      def initialize(spec)
        @spec = spec
        @told = IO.popen({"BUNDLE_WITHOUT" => nil, "WHOLE" => "1"}, ["bin/test", spec], &:read)[/^\d+ examples?, .*$/]
      end

      # A line of figures.
      def to_s = "all of #{@spec}: #{@told || "the proof did not run"}"

      # Whether all of it held.
      def holds? = !@told.nil? && @told.end_with?(" 0 failures")
    end
  end
end
