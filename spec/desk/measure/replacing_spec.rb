# frozen_string_literal: true

RSpec.describe YellowTrack::Desk::Replacing do
  def form(was, now, typed)
    described_class.new(was, now:, typed:)
  end

  it "writes what was typed and stands otherwise, and nothing that only came back as it was printed" do
    made = form({"name" => "Bunk room", "place" => "Mill Path 7"}, {"name" => "Bunk room", "place" => "Mill Path 9"},
      {"name" => "Box room", "place" => "Mill Path 7"})
    expect(made.changes).to eq("name" => "Box room")
  end

  it "takes a line's end for one, however a browser sends it, and spaces at the ends for none" do
    same = form({"notes" => "one\ntwo"}, {"notes" => "one\ntwo "}, {"notes" => "one\r\ntwo"})
    expect(same.changes).to eq({})
    expect(form({"notes" => "one"}, {"notes" => "one"}, {"notes" => "one\r\ntwo"}).changes.keys).to eq %w[notes]
  end

  it "writes nothing over what another changed meanwhile" do
    expect(form({"name" => "A"}, {"name" => "B"}, {"name" => "C"}).changes).to eq({})
    expect(form({"name" => "A"}, {"name" => "C"}, {"name" => "C"}).changes).to eq({})
    expect(form(nil, {"name" => "B"}, {"name" => "C"}).changes).to eq("name" => "C")
  end
end
