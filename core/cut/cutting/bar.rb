# frozen_string_literal: true

module YellowTrack
  class Cutting
    # A bar that pieces are cut from.
    #
    # length [Rational] mm
    # price  [Rational] 0 or more; an offcut from the rack costs nothing
    # count  [Integer, nil] how many there are; nil for any number
    # name   [String, nil] what an offcut is called
    # fresh  [Boolean, nil] whether one of its ends comes from the saw: it needs no trim there
    Bar = Struct.new(:length, :price, :count, :name, :fresh, keyword_init: true) do
      # What is left of it between its trimmed ends, mm.
      #
      # @param trim [Rational] mm, at each end that is not fresh
      def room(trim) = length - (fresh ? 1 : 2) * trim
    end
  end
end
