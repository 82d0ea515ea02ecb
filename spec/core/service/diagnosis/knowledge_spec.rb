# frozen_string_literal: true

RSpec.describe YellowTrack::Diagnosis::Knowledge do
  all = YellowTrack::Files::Knowledge.all

  it "names nothing that there is not" do
    cautions = YellowTrack::Files::Cautions.keys
    all.causes.each_value do |cause|
      expect(cause.prior.keys - all.symptoms.keys).to eq([]), cause.key
      expect(cause.evidence.keys - all.findings.keys).to eq([]), cause.key
      expect(cause.leads_to - all.leads.keys).to eq([]), cause.key
      expect(cause.caution - cautions).to eq([]), cause.key
    end
    all.findings.each_value { |one| expect([*one.with, *one.not_with] - all.symptoms.keys).to eq([]), one.key }
    expect(all.places.values.flatten).to match_array all.symptoms.keys
  end

  all.families.each do |family|
    it "has chances that sum to 1 for every answer of every finding: #{family}" do
      known = YellowTrack::Files::Knowledge.of(family)
      chances = known.findings.values.map { |one| [one, one.usual] } +
        known.causes.values.flat_map { |cause| cause.evidence.map { |key, row| [known.findings[key], row] } }
      chances.reject { |finding, _| finding.nil? }.each do |finding, row|
        next expect(row).to be_between(0.02, 0.98) if row.is_a?(Numeric)

        expect(row.keys).to match_array finding.answers
        expect(row.values.sum).to be_within(1e-9).of(1), finding.key
      end
    end
  end

  it "lays what differs for a family over, and takes a symptom away where its weight is 0" do
    known = YellowTrack::Files::Knowledge
    sliding, folding = %w[top-hung bifold].map { |family| known.of(family).causes["off_height"] }
    expect([sliding.weight("end_low"), folding.weight("end_low")]).to eq [5, nil]
    expect(folding.evidence).to include("head_tilt").and include("came" => sliding.evidence["came"])
    expect(YellowTrack::Files::Knowledge.of("pocket").findings["wheel_wear"].minutes).to eq 30
  end

  it "has a key in the service file's schema for every finding and thing" do
    rules = JSON.parse(File.read("#{YellowTrack::ROOT}/docs/formats/service.schema.json"))["properties"]
    expect(rules.dig("findings", "properties").keys).to eq all.findings.keys
    expect(rules.dig("set", "properties").keys).to match_array all.things.keys
  end
end
