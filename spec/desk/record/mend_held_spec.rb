# frozen_string_literal: true

# What is kept of a mend that is looked back at: by what was said, and by the causes that were mended.
RSpec.describe YellowTrack::Desk::MendHeld do
  mends = ->(*keys) { keys.map { |key| Struct.new(:key).new(key) } }

  {"the causes that were mended, each once" => [["wheel_worn"], %w[wheel_worn bar_bent], nil, %w[wheel_worn bar_bent]],
   "none of these, where something else was found by hand" => [nil, [], "A toy in the track", ["none"]],
   "no cause, where nothing was found" => [nil, [], nil, []],
   "the cause, though something was found by hand too" => [["wheel_worn"], [], "A toy", ["wheel_worn"]]}
    .each do |name, (mended, mending, was, causes)|
    it "has #{name}" do
      door = instance_double(YellowTrack::Desk::DoorService, symptoms: ["scrapes"], mending: mends.call(*mending))
      allow(door).to receive(:[]) { |key| {"mended" => mended, "was" => was}[key] }
      expect(described_class.of(door)).to eq("symptoms" => ["scrapes"], "causes" => causes)
    end
  end
end
