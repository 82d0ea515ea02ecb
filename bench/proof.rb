# frozen_string_literal: true

module YellowTrack
  module Bench
    # Examples that `bin/test` runs over a share of what there is, run over all of it.
    class Proof
      # @param spec [String] their file
      def initialize(spec)
        @spec = spec
        @said = IO.popen({"BUNDLE_WITHOUT" => nil, "WHOLE" => "1"}, ["bin/test", spec], &:read)
      end

      # A line of figures; where something did not hold, what and with which seed behind it.
      def to_s = ["all of #{@spec}: #{told || "the proof did not run"}", (failures unless holds?)].compact.join("\n")

      # Whether all of it held.
      def holds? = !told.nil? && told.end_with?(" 0 failures")

      private

      def told = @said[/^\d+ examples?, .*$/]

      def failures = @said[/^Failures:.*/m] || @said
    end
  end
end
