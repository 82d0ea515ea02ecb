# frozen_string_literal: true

RSpec.describe "Papers" do
  include Site

  # Until the pack is made beside the request.
  def finished(path)
    paperwork = YellowTrack::Web::Papers::Paperwork[path[/\h{16}\z/]]
    Thread.pass while paperwork.going?
    look(path)
    raise page.at_css(".check-stop").text if page.at_css(".check-stop")
  end

  def make(path)
    send_form("#{path}/papers", {})
    last_response["location"][%r{/papers/\h{16}\z}].tap { |where| finished(where) }
  end

  it "makes an opening's papers, and says when they are out of date" do
    row = hang
    where = make("/openings/#{row.id}")
    look("#{where}.pdf")
    expect(last_response.body).to start_with("%PDF")
    expect(last_response["content-disposition"]).to include("osier-weir-a.pdf")
    look("/openings/#{row.id}/cut")
    expect(page.text).not_to include("Make them again")
    type(book.openings.find(row.id), "survey.widths.top", "1790")
    look("/openings/#{row.id}/cut")
    expect(page.text).to include("The papers show revision 1: width, head 1808 to 1790 since.")
  end

  it "makes a whole job's, and tells how far it has come" do
    rows = [hang, hang, hang]
    send_form("/jobs/#{rows.first.job_id}/papers", {})
    where = last_response["location"][%r{/papers/\h{16}\z}]
    look(where)
    expect(page.text).to match(/On paper: [0-3] of 3|of 3 openings/)
    finished(where)
    expect(page.text).to include("cut list and labels of 3 openings")
  end

  it "has none of what is not sized, or was never made" do
    row = hang("survey" => {})
    send_form("/openings/#{row.id}/papers", {})
    expect(last_response.status).to eq 404
    look("/papers/0123456789abcdef")
    expect(last_response.status).to eq 404
  end
end
