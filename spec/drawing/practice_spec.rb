# frozen_string_literal: true

require "date"

# Pictures of practice: errors over time, a bow, what a door can have.
RSpec.describe "Pictures of practice" do
  def svg(picture) = Nokogiri::XML(picture.to_s).remove_namespaces!

  let(:days) { [Date.new(2027, 3, 1), Date.new(2027, 3, 2), Date.new(2027, 3, 9)] }

  it "has a dot for each answer, over and under the line, and a stroke where another day begins" do
    offs = [[days[0], 2r], [days[0], -2r], [days[1], 0r], [days[2], 40r]]
    made = svg(YellowTrack::Drawing::Off.new("Two schools", offs))
    ys = made.css("circle").map { |dot| dot["cy"].to_f }
    expect(ys[0]).to be < ys[2]
    expect(ys[1]).to be > ys[2]
    expect(ys[3]).to be_between(0, ys[0])
    expect(made.css("line.tick").length).to eq 2
    expect(made.at_css("desc").text).to eq "1 March: 2.0 mm, -2.0 mm; 2 March: 0.0 mm; 9 March: 40.0 mm"
    expect(made.at_css("title").text).to include("4 answers, the last 40.0 mm off")
  end

  it "draws the latest twenty answers alone" do
    made = svg(YellowTrack::Drawing::Off.new("Tightest", Array.new(50) { |place| [days[0], place.to_r] }))
    expect(made.css("circle").length).to eq 20
    expect(made.at_css("title").text).to include("the last 49.0 mm off")
  end

  it "names days as far apart as their names have room, and none at its end" do
    made = svg(YellowTrack::Drawing::Off.new("Tightest", Array.new(20) { |place| [days[0] + place, 1r] }))
    expect(made.css("text").map(&:text)).to eq ["1 Mar", "6 Mar", "11 Mar", "16 Mar"]
  end

  it "bows an edge by its three gaps" do
    printer = YellowTrack::Length::Printer.fine(:mm)
    gaps = {"top" => 0r, "middle" => 6r, "bottom" => 0r}
    made = svg(YellowTrack::Drawing::Bowed.new(gaps, printer))
    xs = made.at_css("polygon")["points"].split.map { |point| point.split(",").first.to_f }
    expect(xs[1..17].minmax).to eq [300 - 54, 300]
    expect(made.css("text").map(&:text)).to eq %w[0 6 0]
    expect(made.at_css("desc").text).to include("middle 6")
  end

  it "shows the likeliest first, each as wide as its share" do
    known = YellowTrack::Files::Knowledge.of("bifold")
    door = YellowTrack::Diagnosis.new(known, symptoms: ["scrapes"])
    made = svg(YellowTrack::Drawing::Shares.new(door.causes))
    wide = made.css("rect.runs").map { |bar| bar["width"].to_f }
    expect(wide).to eq wide.sort.reverse
    expect(made.css("text").first.text).to start_with door.first.cause.label[0, 20]
    expect(made.at_css("desc").text).to include("%")
  end
end
