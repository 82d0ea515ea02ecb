# frozen_string_literal: true

RSpec.describe "Worked cases" do
  Cases.names.each do |name|
    describe name do
      let(:worked) { Cases.read(name, "plan") }
      let(:opening) { YellowTrack::Files::Shelf.opening(Cases.read(name, "opening")) }
      let(:planned) { YellowTrack::Plan.of(opening).to_h }

      it "agrees in every number" do
        expected = Cases.with_own_pieces(worked.except("checks"), planned, opening.grain)
        expect(Cases.departures(expected, planned)).to eq []
      end

      it "raises the same checks" do
        expect(Cases.checks(planned)).to eq Cases.checks(worked)
      end

      it "has no part that the set has no use for" do
        %w[alter depth build frame packing guide pelmet].each do |part|
          expect([part, planned.key?(part)]).to eq [part, worked.key?(part)]
        end
      end

      it "joins its track on the grain, where it comes to one" do
        expect(planned.key?("track")).to eq worked.key?("track")
        expect((planned.dig("track", "joints") || []).map { |joint| (joint / opening.grain.to_f) % 1 })
          .to all be_within(0.01).of(0).or be_within(0.01).of(1)
      end
    end
  end
end
