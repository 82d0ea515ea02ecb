# frozen_string_literal: true

RSpec.describe YellowTrack::Files::StepSheets do
  all = YellowTrack::Files::Shelf.kits.values.map(&:manner).uniq(&:key).to_h { |manner|
    kit = YellowTrack::Files::Shelf.kits.values.find { |one| one.manner.key == manner.key }
    [manner.key, described_class.of(kit)]
  }
  parts = %w[names lane treatment]

  all.each do |manner, sheet|
    describe manner do
      keys = sheet["steps"].map { |step| step["key"] }

      it "names each step once, by a key that the log can hold, and has a place in the row for it" do
        expect(keys.uniq).to eq keys
        expect(keys).to all match YellowTrack::Web::Routes::Hanging::KEY
        row = sheet["order"]["row"].values.flatten.map { |name| name.split.first }
        expect(keys - row).to eq []
      end

      it "knows every number, caution, place and stage that a step names" do
        sheet["steps"].each do |step|
          names = step.values_at("do", "look").flat_map { |sentence| sentence.scan(/\{(\w+)\}/).flatten } - parts
          expect(YellowTrack::Steps::Names::VALUES.keys).to include(*names) if names.any?
          [*step["caution"]].each { |key| expect(YellowTrack::Files::Cautions.says(key)).to be_a(String) }
          expect(YellowTrack::Drawing::StepPlace.public_instance_methods(false)).to include(step["place"].to_sym) if
            step["place"]
          expect(YellowTrack::Desk::Stage[step["goes"]]).not_to be_nil if step["goes"]
        end
      end
    end
  end

  it "names in its order only steps that some manner has, with a rule for each but the first" do
    known = described_class.all.values.flatten.map { |step| step["key"] }.uniq
    rules = described_class.order["rules"].flat_map { |rule| rule["do"].split(/ < | /) }.uniq
    expect(rules - known).to eq []
    expect(known - rules).to eq %w[check]
  end
end
