# frozen_string_literal: true

# Pictures that are drawn once while what they are drawn from stays: every reading and fact that a page can type is
# put in, another each time, and what is kept has to be what would be drawn.
RSpec.describe YellowTrack::Drawing::Picture do
  let(:typed) do
    {"widths.bottom" => 1815, "widths.top" => 1801, "heights.left" => 2238, "heights.middle" => 2246,
     "diagonals.rising" => 2890, "diagonals.falling" => nil, "leans.left" => -3,
     "floor" => [[0, 0], [700, 5], [1812, 1]], "bays" => [[0, 800], [820, 1812]], "depth" => 131, "front" => 640,
     "above" => 210, "beside.left" => 90, "beside.right" => 75, "wall.thickness" => 120, "wall.projection" => 14,
     "wall.studs" => [30, 640], "wall.solid" => true, "wall.services" => ["pipe"], "wall.bears_load" => false,
     "head.of" => "timber", "head.joists" => [200, 600], "covering.thickness" => 9}
      .transform_keys { |key| "survey.#{key}" }.merge("grain" => "0.5 mm")
  end

  # Of an opening: in its wall, around it, along its floor, and from the room.
  def pictures(changes, printer: nil)
    made = plan(**changes)
    printer ||= made.opening.printer
    survey = made.survey
    [YellowTrack::Drawing::InItsWall.new(survey, made.closure, printer),
      YellowTrack::Drawing::Shape.new(survey, made.closure, printer),
      YellowTrack::Drawing::Surroundings.new(survey, printer), YellowTrack::Drawing::Profile.new(made, printer)]
  end

  it "are as they would be drawn, whatever was typed" do
    expect(pictures({}).map(&:kept)).to eq pictures({}).map(&:to_s)
    typed.each do |key, value|
      drawn = pictures({key => value})
      expect(drawn.map(&:kept)).to eq(drawn.map(&:to_s)), key
    end
    inches = pictures({}, printer: YellowTrack::Length::Printer.other(:in))
    expect(inches.map(&:kept)).to eq inches.map(&:to_s)
  end

  it "are the same ones while a reading is none that they show" do
    before, after = pictures({}), pictures({"survey.depth" => 131})
    same = before.zip(after).map { |one, other| one.kept.equal?(other.kept) }
    expect(same).to eq [true, true, false, true]
  end
end
