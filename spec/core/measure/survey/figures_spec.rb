# frozen_string_literal: true

RSpec.describe YellowTrack::Survey::Figures do
  def figures(**changes) = plan(**changes).figures

  it "takes the tightest width, the spread and the bow" do
    expect(figures).to have_attributes(tightest_width: 1808, greatest_width: 1812, width_spread: 4, bow: 1)
  end

  it "takes the plumb width from the leans, never over the tightest" do
    expect(figures("survey.leans" => {"left" => 6, "right" => -3}))
      .to have_attributes(plumb_width: 1803, plumb_start: 6)
    expect(figures("survey.leans" => {"left" => -6, "right" => 9}))
      .to have_attributes(plumb_width: 1808, plumb_start: 0)
  end

  it "takes the solved corners where leans are missing, and the tightest width where the shape is open" do
    expect(figures("survey.leans" => nil).plumb_width).to be_between(1800, 1808)
    expect(figures("survey.leans" => nil, "survey.diagonals" => nil, "survey.floor" => nil).plumb_width).to eq 1808
  end

  it "sizes the height from the head's low point to the floor's high point, covering on" do
    expect(figures).to have_attributes(level_height: 2239, floor_high: 4, floor_fall: 4, finished_floor: 4)
    expect(figures("survey.covering" => {"thickness" => 14, "laid" => false}))
      .to have_attributes(level_height: 2225, finished_floor: 18)
    expect(figures("survey.floor" => nil)).to have_attributes(level_height: 2240, floor_fall: 0)
  end

  it "counts fewer than two floor stations as none" do
    expect(figures("survey.floor" => [[900, 30]]).level_height).to eq 2240
  end

  it "reads the floor in straight lines between stations, level beyond the outermost" do
    floor = YellowTrack::Floor.new([[900r, 3r], [0r, 0r], [1812r, 4r]])
    expect([-50, 0, 450, 900, 1356, 1812, 2000].map { |x| floor.at(x) }).to eq [0, 0, 1.5, 3, 3.5, 4, 4]
  end
end
