# frozen_string_literal: true

# Lessons: every drill's sum, moved.
RSpec.describe YellowTrack::Practice::Lesson do
  read = YellowTrack::Files::Commands.method(:read)

  YellowTrack::Practice::Drills.all.each_key do |key|
    it "moves a number of #{key} in states that the core worked out, no two alike" do
      states = described_class.of(key, read).states
      expect(states.length).to be_between(4, 25)
      states.flat_map(&:entries).each { |entry| expect(entry.again).to eq entry.value }
      expect(states.map { |state| [state.value, state.entries.map(&:value), state.says] }.uniq.length)
        .to eq states.length
      expect(states.map { |state| [state.entries.map(&:value), state.says] }.uniq.length).to be > 1
      expect(described_class.of(key, read).slips).not_to be_empty
    end
  end

  it "says that there is no such drill" do
    expect { described_class.of("nothing", read) }.to raise_error(YellowTrack::Fault, /no drill "nothing"/)
  end

  it "guides at the middle of every lap, and cuts wider for each" do
    states = described_class.of("panel-width", read).states
    widths = states.map { |state| state.entries.find { |entry| entry.key == "panels.width" }.value }
    expect(widths).to eq widths.sort
    expect(widths.uniq.length).to be > 8
  end
end
