# frozen_string_literal: true

RSpec.describe YellowTrack::Drawing::StepPlace do
  Kinds::ALL.each_key do |kind|
    it "draws every place that the steps of a #{kind} mean, with its numbers" do
      made = YellowTrack::Plan.of(YellowTrack::Files::Shelf
        .opening(document_of(kind, Random.new(RSpec.configuration.seed))))
      places = YellowTrack::Steps.new(made, YellowTrack::Files::StepSheets.of(made.opening.kit), made.opening.printer)
        .steps.filter_map(&:place).uniq
      expect(places).not_to be_empty
      places.each do |place|
        picture = Nokogiri::XML(described_class.new(made, place, made.opening.printer, name: "one").to_s)
          .remove_namespaces!
        expect(picture.errors).to eq []
        figures = picture.css("text.figure").map(&:text)
        expect(picture.at_css("desc").text.split(", ")).to match_array(figures)
        expect(picture.css("[width]").map { |shape| shape["width"].to_f }).to all be >= 0
      end
    end
  end
end
