# frozen_string_literal: true

RSpec.describe "Worked cases" do
  Cases.names.each do |name|
    describe name do
      let(:worked) { Cases.read(name, "plan") }
      let(:planned) { YellowTrack::Plan.of(YellowTrack::Data::Shelf.opening(Cases.read(name, "opening"))).to_h }

      it "agrees in every number" do
        expect(Cases.departures(worked.except("checks"), planned)).to eq []
      end

      it "raises the same checks" do
        expect(Cases.checks(planned)).to eq Cases.checks(worked)
      end

      it "has no altering without a slab" do
        expect(planned.key?("alter")).to eq worked.key?("alter")
      end
    end
  end
end
