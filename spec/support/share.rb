# frozen_string_literal: true

# What takes minutes over all that there is: `bin/test` takes a share of it, another by each seed, and
# `bin/bench whole` all of it.
module Share
  WHOLE = ENV.key?("WHOLE")

  module_function

  # @param all [Array]
  # @param part [Integer] 8 for an eighth
  # @param place [Integer] of what it is tried on, where each of those tries another share
  # @return [Array] in its order
  def of(all, part, place = RSpec.configuration.seed)
    WHOLE ? all : all.select.with_index { |_, turn| (turn + place) % part == 0 }
  end

  # @param count [Integer] of what is drawn at random
  # @return [Integer] how many of them are
  def count(count) = WHOLE ? 10 * count : (count / 3.0).ceil
end
