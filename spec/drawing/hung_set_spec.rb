# frozen_string_literal: true

RSpec.describe YellowTrack::Drawing::HungSet do
  def drawn(key, panels, **rest)
    Nokogiri::XML(described_class.new(YellowTrack::Manner::ROWS.fetch(key), panels, **rest).to_s).remove_namespaces!
  end

  it "has as many leaves as there are, and leans the one that is meant" do
    (1..3).each { |count| expect(drawn("top-hung", count).css("polygon.face").length).to eq count }
    leans = ->(picture) {
      picture.css("polygon.face").map { |face| face["points"].split.map { |point| point.split(",").first.to_f } }
        .map { |xs| (xs[0] - xs[3]).round }
    }
    expect(leans.call(drawn("top-hung", 3, leaf: 2))).to eq [0, 7, 0]
    expect(leans.call(drawn("top-hung", 3))).to eq [0, 0, 7]
  end

  it "draws a pocket's leaf half in its pocket" do
    expect(drawn("pocket", 1).css("rect.others").length).to eq 1
    expect(drawn("pocket", 2).css("rect.others").length).to eq 2
    left = drawn("pocket", 1).at_css("polygon.face")["points"].split.last.split(",").first.to_f
    expect(left).to be < described_class::LEFT
  end
end
