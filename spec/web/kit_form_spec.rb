# frozen_string_literal: true

RSpec.describe YellowTrack::Web::Kits::Form do
  YellowTrack::Files::Shelf.kits.each do |id, kit|
    it "lays #{id} out as lines and puts it together again" do
      sheet = YellowTrack::Numbers.rounded(kit.to_h)
      form = described_class.new(sheet)
      expect(form.with(form.lines.to_h)).to eq sheet
    end
  end

  it "takes decimals either way, lists apart by space or semicolon, and leaves what is no number to the reader" do
    form = described_class.new("drop" => 39, "tallest" => 2450, "thickness" => [18, 38],
      "adjust" => {"up" => 6, "slot" => true})
    expect(form.with("drop" => "39,5", "tallest" => "tall", "thickness" => "18 40", "adjust.up" => ""))
      .to eq("drop" => 39.5, "tallest" => "tall", "thickness" => [18, 40], "adjust" => {"slot" => true})
  end
end
