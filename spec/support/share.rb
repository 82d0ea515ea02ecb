# frozen_string_literal: true

# What takes minutes over all that there is: `bin/test` takes a share of it, another by each seed, and
# `bin/bench whole` all of it.
module Share
  WHOLE = ENV.key?("WHOLE") || ENV.key?("AS_READ") # records are written anew whole

  module_function

  # @param all [Array]
  # @param part [Integer] 8 for an eighth
  # @param place [Integer] of what it is tried on, where each of those tries another share
  # @return [Array] in its order
  def of(all, part, place = 0) = all.select.with_index { |_, turn| takes?(turn + place, part) }

  # Whether one of many is of the share.
  #
  # @param turn [Integer] which of them it is
  # @param part [Integer] 8 for an eighth
  def takes?(turn, part) = WHOLE || (turn + by_seed(part)) % part == 0

  # Where a share of this size begins: it says nothing of where one of another size does, so that a share of a share
  # comes to everything.
  def by_seed(part) = Random.new(31 * RSpec.configuration.seed + part).rand(part)

  # @param count [Integer] of what is drawn at random
  # @return [Integer] how many of them are
  def count(count) = WHOLE ? 10 * count : (count / 3.0).ceil
end
