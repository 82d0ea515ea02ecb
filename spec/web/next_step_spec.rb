# frozen_string_literal: true

RSpec.describe YellowTrack::Desk::NextStep do
  include Site

  def step(stage, **changes)
    YellowTrack::Desk::KeptOpening.new(book, hang(**changes)).next_step(stage)
  end

  def said(...) = step(...).sentence.tr("\u00A0", " ")

  it "asks for the next reading that is missing, and goes to its field" do
    expect(step("measure", "survey.heights.right" => nil))
      .to have_attributes(sentence: "Read the height at the right jamb.",
        stage: "measure", anchor: "survey.heights.right")
  end

  it "asks for a suspect reading again, and for a diagonal where the shape is open" do
    expect(said("size", "survey.diagonals.rising" => 2910))
      .to eq "Measure the rising diagonal again: bottom left to top right."
    expect(said("measure", "survey.diagonals" => nil, "survey.leans" => nil)).to start_with "Take a diagonal"
  end

  it "goes on to the size, then to the saw, with their numbers" do
    expect(said("measure")).to eq "Size the set: panels come to 921 mm × 2 191 mm."
    expect(said("size")).to eq "Cut B-T1, the track, to 1 805 mm. One end only: keep the factory holes at the other."
  end

  it "says the cure of a stop before anything is cut" do
    expect(said("size", "set.gap" => 3)).to eq "Plan a floor gap of 5 mm; 5 to 16 mm will do. Or: level the floor."
    expect(step("size", "set.gap" => 3)).to have_attributes(stage: "size", anchor: "bypass.gap.least")
  end

  it "says why there is no set where there is none" do
    expect(said("size", "set.pattern" => [1, 1], "set.panels" => nil)).to include("has no lap")
  end

  describe "of what hangs" do
    def next_of(row) = look("/openings/#{row.id}/adjust") && page.at_css(".next-sentence").text

    def hung(panel, top, middle, bottom)
      {"hung.#{panel}" => {"gaps" => {"top" => top, "middle" => middle, "bottom" => bottom}}}
    end

    it "asks for the gaps of each jamb in turn, by what is still to be read" do
      expect(next_of(hang)).to eq "Read the gaps of A at the left jamb: top, middle, bottom."
      expect(next_of(hang("hung.A" => {"gaps" => {"top" => 0, "bottom" => 1}})))
        .to eq "Read the gaps of A at the left jamb: middle."
      expect(next_of(hang(**hung("A", 0, 0, 0)))).to eq "Read the gaps of B at the right jamb: top, middle, bottom."
    end

    it "says what to turn, then what is even" do
      expect(next_of(hang(**hung("A", 6, 3, 0))))
        .to eq "Left hanger: 1¾ turns anticlockwise. Then read the gaps of A again."
      expect(next_of(hang(**hung("A", 0, 0, 0), **hung("B", 0, 0.5, 1)))).to eq "All gaps are even. Hand it over."
      expect(next_of(hang(**hung("A", 1, 5, 1))))
        .to eq "A at the left jamb: nothing that can be turned helps. See what would."
    end

    it "stands on the wall too, for an opening that has come to it" do
      row = hang(**hung("A", 6, 3, 0))
      book.openings.note(row.id, columns: {stage: "adjust"}, listing: YellowTrack::Desk::Listing.of(book))
      look("/")
      expect(page.at_css(".hung-next").text).to include("Left hanger: 1¾ turns anticlockwise")
    end
  end
end
