# frozen_string_literal: true

# Gaps of a look back beside those at the hand-over: what is told, and its likely reason.
RSpec.describe YellowTrack::Desk::HandingOver::Compared do
  before_it = {"A" => {"top" => "2", "middle" => "2", "bottom" => "2"}, "B" => {"top" => "3"}}
  reasons = YellowTrack::Files::Care.text.fetch("reasons")

  {"nothing read" => [{}, nil],
   "a millimetre, which is not told" => [{"top" => "3", "bottom" => "1"}, nil],
   "the top alone more" => [{"top" => "4", "bottom" => "2"}, "taper"],
   "both ends alike" => [{"top" => "4", "bottom" => "4"}, "shift"],
   "both ends, a millimetre apart" => [{"top" => "5", "bottom" => "4"}, "shift"],
   "one end, the other not read" => [{"top" => "0"}, "shift"],
   "the middle alone" => [{"middle" => "4"}, "shift"]}.each do |name, (now, reason)|
    it "gives the reason of #{name}" do
      compared = described_class.new(before_it, {"A" => now})
      expect(compared.reason("A")).to eq reason&.then { |key| reasons.fetch(key) }
      expect(compared.reason("B")).to be_nil
    end
  end

  it "has a row for each gap that was handed over, read again or not, mm" do
    rows = described_class.new(before_it, {"A" => {"top" => "4.5"}}).rows
    expect(rows.map { |row| [row.panel, row.place, row.by, row.told?] })
      .to eq [["A", "top", 5/2r, true], *%w[middle bottom].map { |place| ["A", place, nil, false] },
        ["B", "top", nil, false]]
  end
end
