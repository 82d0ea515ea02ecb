# frozen_string_literal: true

module YellowTrack
  module Bench
    # Every strange text and shape at every route, field and form, of which the specs try a share at each.
    class Doors
      PROOF = "spec/web/hostile_spec.rb"

      # @return [Array<String>] how many examples held
      def call
        told = IO.popen({"WHOLE" => "1", "BUNDLE_WITHOUT" => nil}, ["bin/test", PROOF], &:read)
        @held = told[/^\d+ examples?, 0 failures$/]
        ["every text and shape at every place: #{told[/^\d+ examples?, .*$/] || "the proof did not run"}"]
      end

      # @return [Boolean] whether a route answered that it failed
      def failed? = @held.nil?
    end
  end
end
