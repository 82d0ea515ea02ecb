# frozen_string_literal: true

RSpec.describe "The pieces of drawings" do
  describe YellowTrack::Drawing::SVG do
    subject(:svg) { described_class.new(100, 50.5, title: "A & B", description: "<one>", name: "p") }

    it "escapes words, names its parts, and writes short numbers" do
      svg.line([0, 0.123456], [-0.0001, 2.0], "cut")
      svg.text([1, 2], "a < b", "figure", turn: -90)
      text = svg.to_s
      expect(text).to include('viewBox="0 0 100 50.5"', "<title id=\"p-title\">A &amp; B</title>", "&lt;one&gt;",
        "a &lt; b", 'y1="0.12"',
        'x2="0"', 'transform="rotate(-90 1 2)"')
      expect(text).not_to include("-0.0")
    end

    it "never draws a side under nothing" do
      svg.rect([0, 0], [-5, 3], "face")
      expect(svg.to_s).to include('width="0"')
    end

    it "groups what a block draws" do
      svg.group("panel", "data-panel": "A") { svg.circle([1, 1], 2, "runs") }
      expect(svg.to_s).to match(%r{<g class="panel" data-panel="A"><circle [^>]*/></g>})
    end
  end

  describe YellowTrack::Drawing::Frame do
    it "fits what it shows into its box, in proportion, y up" do
      frame = described_class.new(1000, 2000, [10, 20, 300, 400])
      expect(frame.scale).to eq 0.2
      expect(frame.at(0, 0)).to eq [60, 420]
      expect(frame.at(1000, 2000)).to eq [260, 20]
      expect(frame.length(500)).to eq 100
    end

    it "draws an opening of nothing all the same" do
      expect(described_class.new(0, 0, [0, 0, 100, 100]).at(0, 0)).to all be_finite
    end
  end

  describe YellowTrack::Drawing::Dimension do
    it "draws extension lines, oblique ticks, and the figure above the line" do
      svg = YellowTrack::Drawing::SVG.new(100, 100, title: "t", description: "1", name: "d")
      described_class.new(svg).across(10, 60, 80, figure: "921", feet: 60)
      picture = Nokogiri::XML(svg.to_s).remove_namespaces!
      expect(picture.css(".extension").length).to eq 2
      expect(picture.css(".tick").map { |tick| tick["x2"].to_f - tick["x1"].to_f }).to eq [8, 8]
      expect(picture.at_css(".figure")).to have_attributes(text: "921")
      expect(picture.at_css(".figure")["y"].to_f).to be < picture.at_css(".dimension")["y1"].to_f
    end
  end

  describe YellowTrack::Length::Printer do
    let(:inches) { described_class.new(:in, 25.4r / 16) }
    let(:metric) { described_class.new(:mm, 1r / 10) }

    it "writes a sum's numbers as decimals, three at most, in inches too" do
      expect(metric.term(919.5r)).to eq "919.5"
      expect(metric.term(1r / 3)).to eq "0.333"
      expect(metric.term(-2r)).to eq "−2"
      expect(inches.term(25.4r * 21 / 16)).to eq "1.313"
      expect(inches.term(25.4r / 64)).to eq "0.016"
      expect(inches.term(34r)).to eq "1.339"
      expect(inches.term(34.0)).to eq "1.339"
    end

    it "leaves out tenths that are none, for a sentence" do
      expect(metric.short(34r)).to eq "34"
      expect(metric.with_unit(34.5r)).to eq "34.5\u00A0mm"
      expect(metric.text(1_234_567r)).to eq "1\u00A0234\u00A0567.0"
    end
  end
end
