# frozen_string_literal: true

RSpec.describe "Who is at work" do
  include Site

  def called(name) = send_form("/who", {"who" => name, "back" => "/rack"})

  def last_of(row) = book.log.of(row.id).last

  it "stands beside everything that is written down" do
    row = hang
    called("Runa")
    type(row, "survey.depth", "120")
    expect(last_of(row)).to have_attributes(kind: "reading", who: "Runa")
    send_form("/openings/#{row.id}/notes", {"notes" => "soft foot"})
    expect(last_of(row)).to have_attributes(kind: "note", who: "Runa")
    send_form("/jobs/#{row.job_id}/cut", {"from" => row.id, "offcut" => "", "as_cut" => {"A-T1" => "1805"}})
    expect(last_of(row)).to have_attributes(kind: "cut", who: "Runa")
    send_form("/openings/#{row.id}/set", {"way" => "pocket-90:1:right", "seen" => book.openings.find(row.id).version})
    expect(last_of(row)).to have_attributes(kind: "choice", who: "Runa")
    send_form("/openings/#{row.id}/bin", {})
    expect(last_of(row)).to have_attributes(key: "binned", who: "Runa")
  end

  it "is the fitter while nobody said, and changes from one hand to the other" do
    row = hang
    type(row, "survey.depth", "120")
    called("Odo")
    type(book.openings.find(row.id), "survey.depth", "121")
    called("")
    type(book.openings.find(row.id), "survey.depth", "122")
    expect(book.log.of(row.id, kind: "reading").map(&:who)).to eq %w[fitter Odo fitter]
    look("/openings/#{row.id}/hang")
    expect(page.css("#crew option").map { |option| option["value"] }).to eq ["Odo"]
  end

  it "offers the log by each of them" do
    row = hang
    called("Odo")
    type(row, "survey.depth", "120")
    look("/openings/#{row.id}/log?by=Odo")
    expect(page.css(".log-entry").length).to eq 1
    expect(page.css(".log-filters a").map { |link| link.text.strip }).to include("by Odo", "by fitter")
  end
end
