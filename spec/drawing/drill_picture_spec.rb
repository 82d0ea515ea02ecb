# frozen_string_literal: true

RSpec.describe YellowTrack::Drawing::DrillPicture do
  drills = YellowTrack::Practice::Drills.all.keys

  it "has a picture of its own for every drill, and for nothing else" do
    expect(described_class.kinds.keys).to match_array drills
    drawn = drills.map { |key| described_class.of(key).to_s.sub(/drill-[a-z-]+/, "") }
    expect(drawn.uniq.length).to eq drills.length
  end

  drills.each do |key|
    it "tells no number of what #{key} asks, and nothing at all where it is small" do
      large, small = [true, false].map { |words| Nokogiri::XML(described_class.of(key, words:).to_s) }
      expect(large.css("text").map(&:text).join).not_to match(/\d/)
      expect(small.css("text")).to be_empty
      expect(small.css("line, rect, circle, polygon").length).to be > 2
    end
  end
end
