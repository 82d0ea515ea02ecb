# frozen_string_literal: true

RSpec.describe "Drawings of doors that hang badly" do
  def svg(drawing) = Nokogiri::XML(drawing.to_s).remove_namespaces!

  YellowTrack::Manner::ROWS.each do |key, manner|
    it "show a set that hangs so, with its panels and what carries them: #{key}" do
      (1..4).each do |panels|
        picture = svg(YellowTrack::Drawing::HungSet.new(manner, panels))
        expect(picture.css(".face").length).to eq panels
        expect(picture.css("circle.runs").length).to eq 2 * panels
        expect(picture.at_css("desc").text).to include(key)
      end
    end
  end

  it "carry a floor rail at the foot, a track at the head, and a bar past the opening" do
    rail = ->(key) { svg(YellowTrack::Drawing::HungSet.new(YellowTrack::Manner::ROWS[key], 2)).at_css("rect.runs") }
    top, floor, wall = %w[top-hung bottom-rolling wall-hung].map { |key| rail[key] }
    expect(floor["y"].to_f).to be > top["y"].to_f
    expect(wall["y"].to_f).to be < top["y"].to_f
    expect(wall["width"].to_f).to be > top["width"].to_f
  end

  it "name where a roller is measured, and say what was" do
    printer = YellowTrack::Length::Printer.derived(:mm)
    picture = svg(YellowTrack::Drawing::RollerParts.new({"wheel" => 21.6r, "room" => 6r}, {}, printer))
    expect(picture.css("text.figure").map(&:text)).to match_array %w[6 closet 21.6 room closet wheel]
    expect(picture.at_css("desc").text).to include("old: wheel 21.6; new: not measured")
  end
end
