# frozen_string_literal: true

module YellowTrack
  module Practice
    class Rack
      # The lengths of a rack as whole numbers of one small unit, a kerf with every piece and one with every bar: a
      # piece goes into a bar where its number does.
      class Whole
        # @return [Array<Integer>] what each piece takes up
        attr_reader :widths
        # @return [Array<Integer>] the pieces' places, the longest first: those go in the fewest ways
        attr_reader :order
        # @return [Integer] what a cut takes
        attr_reader :kerf

        # @param rack [Rack]
        def initialize(rack)
          @rack = rack
          @unit = [*rack.bars, *rack.pieces].map { |one| one.length.to_r.denominator }.push(rack.kerf.denominator)
            .reduce(:lcm)
          @kerf = (rack.kerf * @unit).to_i
          @widths = counted(rack.pieces)
          @order = @widths.each_index.sort_by { |place| [-@widths[place], place] }
        end

        # What each bar has room for; new each time, for whoever takes away from it.
        #
        # @return [Array<Integer>]
        def rooms = counted(@rack.bars)

        private

        def counted(lengths) = lengths.map { |one| ((one.length + @rack.kerf) * @unit).to_i }
      end
    end
  end
end
