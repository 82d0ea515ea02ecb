# frozen_string_literal: true

require "open3"

module YellowTrack
  module Bench
    # Every file linted, whatever is noted of it (spec/linted.log): `bin/test` looks at what is new.
    class Lint
      # Runs it.
      def initialize
        @said, @status = Open3.capture2e({"BUNDLE_WITHOUT" => nil}, "bin/lint", "--all")
      end

      # A line; what it found behind it.
      def to_s = holds? ? "every file linted: clean" : "every file linted: not clean\n#{@said}"

      # Whether nothing was found.
      def holds? = @status.success?
    end
  end
end
