# frozen_string_literal: true

# What only a fitter writes, found in what somebody else sends.
RSpec.describe YellowTrack::Desk::FittersOwn do
  {nil => nil, [] => nil, {} => nil, {"survey" => {"depth" => 120}} => nil, {"hung" => {}} => nil,
   {"hung" => []} => nil, {"service" => {}} => nil, {"service" => {"symptoms" => ["scrapes"]}} => nil,
   {"hung" => {"A" => {"gaps" => {"left" => 3}}}} => "gaps of what hangs",
   {"service" => {"findings" => {"came" => "slowly"}}} => "what was found of a door",
   {"service" => ["findings"]} => nil}.each do |document, found|
    it "finds #{found || "nothing"} in #{document.inspect}" do
      expect(described_class.in_document(document)).to eq found
      if found
        expect { described_class.refuse(found) }.to raise_error(YellowTrack::Fault, /It has #{found}: a fitter writes/)
      else
        expect(described_class.refuse(found)).to be_nil
      end
    end
  end

  {{"kind" => "reading", "key" => "survey.depth"} => nil, {"kind" => "remark", "key" => nil} => nil,
   {"kind" => "reading", "key" => "hung.A.gaps.left"} => "gaps or findings",
   {"kind" => "reading", "key" => "service.findings.came"} => "gaps or findings"}.each do |entry, found|
    it "finds #{found || "nothing"} in an entry of #{entry["key"] || entry["kind"]}" do
      expect(described_class.in_entry(entry)).to eq found
    end
  end

  it "finds a move and a hand-over by what they are called" do
    expect(%w[move hand-over].map { |kind| described_class.in_entry({"kind" => kind}) }).to all be_a(String)
  end
end
