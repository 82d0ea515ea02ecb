# frozen_string_literal: true

RSpec.describe YellowTrack::SoftClose do
  def placed(width: 900r, closed: 0r, open: 900r, track: [-25r, 1900r], body: 400r, spacer: 20r)
    described_class.new(width:, slide: described_class::Slide.new(closed, open),
      room: described_class::Room.new(track, body, spacer))
  end

  it "serves both ways with one striker where the travel allows it" do
    expect(placed).to have_attributes(strikers: [450], closing: 450, opening: 1350, one_striker?: true)
    expect(placed(open: 420r).one_striker?).to be true
    expect(placed(open: 419r).one_striker?).to be false
  end

  it "takes a second striker on a narrow panel, the opening damper as near the end as it goes" do
    narrow = placed(width: 380r, open: 380r, track: [-25r, 800r])
    expect(narrow.opening).to eq 800 - 20 - 400
    expect(narrow.strikers).to eq [190, 0]
  end

  it "slides the damper on until the strikers stand 60 apart" do
    near = placed(width: 380r, open: 380r, track: [-25r, 1010r])
    expect(near.strikers).to eq [190, 130]
    left = placed(width: 380r, closed: 380r, open: 0r, track: [-220r, 800r])
    expect(left.strikers).to eq [190, 250]
  end
end
