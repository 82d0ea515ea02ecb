# frozen_string_literal: true

module YellowTrack
  module Bench
    # Examples that `bin/test` runs over a share of what there is, run over all of it.
    class Proof
      # @param spec [String] its file
      # @param of [String] what is proved, in words
      # @param more [Hash{String => String}] what has it take more, as its environment
      def initialize(spec, of, more)
        @of = of
        @told = IO.popen({"BUNDLE_WITHOUT" => nil, **more}, ["bin/test", spec], &:read)[/^\d+ examples?, .*$/]
      end

      # A line of figures.
      def to_s = "#{@of}: #{@told || "the proof did not run"}"

      # Whether all of it held.
      def holds? = !@told.nil? && @told.end_with?(" 0 failures")
    end
  end
end
