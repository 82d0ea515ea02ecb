# frozen_string_literal: true

module YellowTrack
  module Bench
    # What `bin/test` takes a share of, proved over all that there is: every file linted, every strange text at every
    # place, every page at every width, every drill and kind of set. Questions over 500 seeds are those of
    # `bin/bench practice`.
    class Whole
      # It takes an hour: what held stands there as soon as it has.
      #
      # @return [Enumerator::Lazy<String>] how many examples of each file held
      def call
        @proofs = []
        [-> { Lint.new }, *shared.map { |file| -> { Proof.new(file) } }].lazy
          .map { |proof| proof.call.tap { |one| @proofs << one }.to_s }
      end

      # @return [Boolean] whether one of them did not
      def failed? = !@proofs.all?(&:holds?)

      private

      # The spec files that ask for a share.
      def shared
        Dir["#{ROOT}/spec/**/*_spec.rb"].sort.select { |file| File.read(file).match?(/\bShare\b/) }
          .map { |file| file.delete_prefix("#{ROOT}/") } - [Drills::PROOF]
      end
    end
  end
end
