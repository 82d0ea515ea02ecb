# frozen_string_literal: true

require "support/commanded"

RSpec.describe "bin/cut and bin/move" do
  def run(command, input, way: :inside) = Commanded.public_send(way, command, input: JSON.generate(input)).to_a

  cut = {"format" => "yellow-track/cut", "version" => 1, "units" => "in",
         "bars" => [{"length" => "96", "price" => 18.5}],
         "pieces" => [{"name" => "B-T1", "length" => "58 9/16", "count" => 1}]}
  move = {"format" => "yellow-track/move", "version" => 1, "kind" => "slider", "kit" => "twin-42", "jamb" => "right",
          "width" => 900, "height" => 2100,
          "gaps" => {"top" => 0, "middle" => 2, "bottom" => 4}, "at" => {"left" => 0, "right" => 0}}

  it "cuts what is read in inches, and writes millimetres" do
    output, errors, status = run("cut", cut, way: :alone)
    expect(JSON.parse(output)["bars"]).to match [include("length" => 2438.4, "pieces" => ["B-T1"],
      "offcut" => be_within(0.01).of(2438.4 - 58.5625 * 25.4 - 3))]
    expect([errors, status]).to eq ["", 0]
  end

  it "tells the move of one panel" do
    output, _, status = run("move", move, way: :alone)
    expect(JSON.parse(output)["move"]).to include("which" => "jamb", "turn" => {"left" => nil, "right" => "clockwise"})
    expect(status).to eq 0
  end

  {
    "cut" => [cut.merge("bars" => [{"length" => "0", "price" => -1}], "saw" => 3), %w[bars[0].price saw]],
    "move" => [move.merge("kit" => "fold-34").except("gaps"), %w[gaps]]
  }.each do |command, (input, keys)|
    it "names each fault by its key, and ends with status 2: #{command}" do
      output, errors, status = run(command, input)
      expect(errors.lines.map { |line| line[/\A[^:]+/] }).to match_array keys
      expect([output, status]).to eq ["", 2]
    end
  end

  {"no length" => [{"pieces" => [{"name" => "A", "length" => 0}]}, "pieces[0].length"],
   "too many" => [{"pieces" => [{"name" => "A", "length" => 9, "count" => 1000}] * 3}, "pieces"]}
    .each do |what, (change, key)|
    it "refuses a cut file with #{what}" do
      expect { YellowTrack::Files::CutFile.cutting(cut.merge(change)) }
        .to raise_error(YellowTrack::Fault, /\A#{Regexp.escape(key)}: /)
    end
  end

  it "refuses a panel too narrow for its hangers, and a kit of another kind" do
    expect { YellowTrack::Files::MoveFile.move(move.merge("width" => 100)) }
      .to raise_error(YellowTrack::Fault, /width: 100.0 mm is too narrow for its two hangers/)
    expect { YellowTrack::Files::MoveFile.move(move.merge("kit" => "fold-34")) }
      .to raise_error(YellowTrack::Fault, /kit: fold-34 is a bifold kit/)
  end
end
