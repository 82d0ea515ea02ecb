# frozen_string_literal: true

RSpec.describe "Papers that are out of date" do
  include Site

  let(:row) { hang }

  def next_sentence(stage)
    look("/openings/#{row.id}/#{stage}")
    page.at_css(".next-sentence").text.tr("\u00A0", " ")
  end

  before { book.papers.made(row.id, book.openings.find(row.id).version) }

  it "are told with what was changed since, on what is next, on the cut list and on the job" do
    expect(next_sentence("size")).not_to include("papers")
    type(row, "survey.depth", "130")
    type(book.openings.find(row.id), "set.thickness", "38", stage: "size")
    expect(next_sentence("cut")).to eq "Make the papers again: depth 124 to 130; panel thickness 30 to 38 since."
    expect(page.at_css(".check-watch").text).to include("depth 124 to 130").and include("Make them again")
    look("/jobs/#{row.job_id}")
    expect(page.at_css(".check-watch").text.gsub(/\s+/, " ")).to include("The papers of #{row.letter} are out of date")
    book.papers.made(row.id, book.openings.find(row.id).version)
    expect(next_sentence("size")).not_to include("papers")
  end

  it "are none where it came back to what stood on them, or only gaps were read" do
    type(row, "survey.widths.top", "1790")
    type(book.openings.find(row.id), "survey.widths.top", "1808")
    type(book.openings.find(row.id), "hung.B.gaps.top", "2", stage: "adjust")
    expect(next_sentence("size")).not_to include("papers")
  end
end
