# frozen_string_literal: true

RSpec.describe YellowTrack::Files::StepSheets do
  described_class.all.each do |manner, steps|
    describe manner do
      keys = steps.map { |step| step["key"] }

      it "names each step once, by a key that the log can hold" do
        expect(keys.uniq).to eq keys
        expect(keys).to all match YellowTrack::Web::Routes::Hanging::KEY
      end

      it "follows only steps that there are and that stand before, and says what happens otherwise" do
        steps.each_with_index do |step, place|
          expect(step["after"] || []).to all(satisfy { |key| keys.first(place).include?(key) }), step["key"]
          expect(step.key?("bites")).to be(step.key?("after")), step["key"]
        end
      end

      it "knows every condition, number, caution, place and stage that a step names" do
        steps.each do |step|
          expect(YellowTrack::Steps::WHEN).to include(step["when"]) if step["when"]
          names = [step["do"], step["look"]].flat_map { |sentence| sentence.scan(/\{(\w+)\}/).flatten } - %w[names lane]
          expect(YellowTrack::Steps::Names::VALUES.keys).to include(*names) if names.any?
          [*step["caution"]].each { |key| expect(YellowTrack::Files::Cautions.says(key)).to be_a(String) }
          if step["place"]
            expect(YellowTrack::Drawing::StepPlace.public_instance_methods(false))
              .to include(step["place"].to_sym)
          end
          expect(YellowTrack::Desk::Stage[step["goes"]]).not_to be_nil if step["goes"]
        end
      end

      it "keeps the trial hang in one stretch, with paint that dries before what hangs for good" do
        loop = steps.select { |step| step["loop"] }
        expect(loop.map { |step| step["key"] }).to eq %w[trial off paint rehang]
        between = steps[steps.index(loop.first)..steps.index(loop.last)] - loop
        expect(between.map { |step| step["key"] } - ["covering"]).to eq []
        expect(loop.last["dry"]).to include("step" => "paint", "hours" => 16)
      end

      it "begins by checking the parts and ends by reading the gaps" do
        expect([keys.first, keys.last]).to eq %w[check gaps]
      end
    end
  end

  it "has the steps of every kit that ships" do
    YellowTrack::Files::Shelf.kits.each_value { |kit| expect(described_class.of(kit)).not_to be_empty }
  end
end
