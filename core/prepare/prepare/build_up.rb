# frozen_string_literal: true

module YellowTrack
  class Prepare
    # One packing thickness made up from the stock at hand (handbook 7,
    # "Packing an opening to a set"): never over the target, as close under it
    # as can be, then the fewest layers, then the thicker. All in mm.
    class BuildUp
      STOCK = [38r, 25r, 18r, 15r, 12r, 9r, 6r, 4r, 3r, 2r, 1r].freeze
      SHIMS = [10r, 5r, 3r, 2r, 3r / 2, 1r, 1r / 2].freeze
      INCH = 254r / 10
      # What is at hand where inches are sold, mm.
      STOCK_INCHES = [3r / 2, 1r, 3r / 4, 5r / 8, 1r / 2, 3r / 8, 1r / 4, 1r / 8, 1r / 16]
        .map { |one| one * INCH }.freeze
      SHIM_INCHES = [3r / 8, 1r / 4, 1r / 8, 1r / 16, 1r / 32].map { |one| one * INCH }.freeze
      PAINTED = 6 # a face that takes paint is this thick at least
      TOLD = 1r / 2 # a shortfall over it is said

      attr_reader :target

      # @param target [Rational] 0 or more
      # @param stock [Array<Rational>] thicknesses, unlimited of each
      def initialize(target, stock: STOCK)
        @target = target
        @stock = stock.sort.reverse
      end

      # Layers from the jamb out: thicker first, but the thinnest that takes
      # paint last.
      #
      # @return [Array<Rational>]
      def layers
        face = chosen.select { |layer| layer >= PAINTED }.min
        return chosen unless face

        chosen.dup.tap { |list| list.delete_at(list.rindex(face)) } + [face]
      end

      # What the layers leave of the target, mm.
      def shortfall = target - chosen.sum

      # Whether the shortfall is worth saying.
      def short? = shortfall > TOLD

      # @return [Hash] mm, as it stands in the plan's file
      def to_h = {target:, layers:, shortfall:}

      private

      # The thicker first.
      def chosen
        @chosen ||= begin
          stacks, many = Stacks.of(@stock), bulk
          Array.new(many, @stock.first) + stacks.within(target - many * @stock.first)
        end
      end

      # How many of the thickest any best stack begins with. Of the others it
      # holds fewer than the thickest has steps: among so many, some add up to
      # whole thickest layers, which would be fewer.
      def bulk
        others = ((@stock.first / Stacks.of(@stock).step).to_i - 1) * (@stock[1] || 0)
        [((target - others) / @stock.first).floor, 0].max
      end
    end
  end
end
