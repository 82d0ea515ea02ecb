# frozen_string_literal: true

# Pictures that are drawn once while what they are drawn from stays: every reading and fact that a page can type is
# put in, another each time, and what is kept has to be what would be drawn.
RSpec.describe YellowTrack::Drawing::Picture do
  TYPED = {
    "survey.widths.bottom" => 1815, "survey.widths.top" => 1801, "survey.heights.left" => 2238,
    "survey.heights.middle" => 2246, "survey.diagonals.rising" => 2890, "survey.diagonals.falling" => nil,
    "survey.leans.left" => -3, "survey.floor" => [[0, 0], [700, 5], [1812, 1]], "survey.bays" => [[0, 800], [820, 1812]],
    "survey.depth" => 131, "survey.front" => 640, "survey.above" => 210, "survey.beside.left" => 90,
    "survey.beside.right" => 75, "survey.wall.thickness" => 120, "survey.wall.projection" => 14,
    "survey.wall.studs" => [30, 640], "survey.wall.solid" => true, "survey.wall.services" => ["pipe"],
    "survey.wall.bears_load" => false, "survey.head.of" => "timber", "survey.head.joists" => [200, 600],
    "survey.covering.thickness" => 9, "grain" => "0.5 mm"
  }.freeze

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
    TYPED.each do |key, value|
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
