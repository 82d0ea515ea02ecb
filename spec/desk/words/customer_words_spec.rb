# frozen_string_literal: true

# Days and sums as the house's customers read them.
RSpec.describe YellowTrack::Desk::CustomerWords do
  def words(rules) = described_class.new(rules)

  it "writes a day as the house writes it" do
    day = Date.new(2027, 3, 1)
    {nil => "1 March 2027", "iso" => "2027-03-01", "dots" => "01.03.2027", "slashes" => "01/03/2027",
     "month" => "03/01/2027"}.each { |way, text| expect(words({"offer.date" => way}.compact).day(day)).to eq text }
  end

  it "writes a sum as the house writes it, thousands apart, less than nothing with a minus" do
    space = YellowTrack::Length::Printer::NBSP
    {nil => "1#{space}234#{space}567.50", "comma" => "1#{space}234#{space}567,50", "thousands" => "1,234,567.50",
     "dots" => "1.234.567,50"}.each do |way, text|
      expect(words({"offer.numbers" => way}.compact).money(1_234_567.5r)).to eq text
    end
    expect(words({}).money(-0.5r, "shells")).to eq "−0.50#{space}shells"
  end
end
