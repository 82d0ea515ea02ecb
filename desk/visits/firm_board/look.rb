# frozen_string_literal: true

module YellowTrack
  module Desk
    class FirmBoard
      # A look for a good plan of a board: as long as a page waits, or what a longer look found of the same file.
      class Look
        # @return [Hash] the board's file
        attr_reader :file

        # @param file [Hash]
        # @param longer [Boolean] whether it is the plan that a longer look found, where it found one
        def initialize(file, longer:)
          @file, @longer = file, longer
        end

        # Whether it is the plan of a longer look.
        def longer? = @longer && !found.nil?

        # @return [Board]
        # @raise [Faults]
        def board
          @board ||= (@longer && found) || PLANS.fetch(file) { planned(YellowTrack::Visits::Patience.counted(FIRST)) }
        end

        # The plan, as its file has it.
        #
        # @return [Hash]
        def plan = @plan ||= board.to_h

        # Looks longer. What it finds stands beside the plan on the page, so that none is kept that nobody saw.
        #
        # @return [Array, nil] what it comes to, where it is better
        # @raise [Faults]
        def better
          other = PLANS.fetch([file, :longer]) { planned(YellowTrack::Visits::Patience.new(LONGER)) }
          other.value if (other.value <=> board.value) == -1
        end

        # Whether a longer one may find a better plan.
        def open? = !longer? && !board.proved? && board.value.values_at(0, 2, 3) != board.bound

        private

        def found = PLANS[[file, :longer]]

        def planned(patience) = Files::BoardFile.board(file, patience:)
      end
    end
  end
end
