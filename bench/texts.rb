# frozen_string_literal: true

module YellowTrack
  module Bench
    # Every strange text and shape at every route, field and form, of which the specs try a share at each.
    class Texts
      PROOF = "spec/web/hostile_spec.rb"

      # @return [Array<String>] how many examples held
      def call
        @proof = Proof.new(PROOF, "every text and shape at every place", {"WHOLE" => "1"})
        [@proof.to_s]
      end

      # @return [Boolean] whether a route answered that it failed
      def failed? = !@proof.holds?
    end
  end
end
