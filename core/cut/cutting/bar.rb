# frozen_string_literal: true

module YellowTrack
  class Cutting
    # A bar that pieces are cut from.
    #
    # length [Rational] mm
    # price  [Rational] 0 or more; an offcut from the rack costs nothing
    # count  [Integer, nil] how many there are; nil for any number
    # name   [String, nil] what an offcut is called
    Bar = Struct.new(:length, :price, :count, :name, keyword_init: true)
  end
end
