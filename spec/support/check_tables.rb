# frozen_string_literal: true

# Every check raised and not raised: what raises it, at which level, from a
# sound opening that has none of them.
#
# @param table [Hash{String => Array}] code to [changes, level], or to
#   [what is sound for it, changes, level]
# @param sound [Hash] changes that every line starts from
RSpec.shared_examples "a table of checks" do |table, sound = {}|
  table.each do |code, (*own, change, level)|
    it "raises #{code} as #{level}, and only where it belongs" do
      start = {**sound, **own.first.to_h}
      change = change.transform_values { |value| value.is_a?(Symbol) ? send(value) : value }
      expect(codes(plan(**start))).not_to include(code)
      expect(codes(plan(**start, **change))).to include(code => level)
    end
  end
end
