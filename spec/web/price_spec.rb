# frozen_string_literal: true

RSpec.describe "Buy list and price" do
  include Site

  it "keeps the fitter's own prices and gives one figure with its lines" do
    row = hang
    send_form("/jobs/#{row.job_id}/price", {"price" => {"kit twin-42" => "120", "rate" => "45,50", "margin" => "0",
                                                        "round" => "0", "waste" => "0", "travel" => "0"}})
    look("/jobs/#{row.job_id}/price")
    desk = YellowTrack::Desk::Job.new(book, book.jobs.find(row.job_id))
    hours = desk.bill.price.labour.values.sum
    expect(hours).to be > YellowTrack::Price.hours(desk.steps).values.sum # the road and the waiting are in it
    expect(page.at_css(".pricing .row-figure").text.tr("\u00a0", ""))
      .to include(format("%.2f", 120 + hours * 45.5r))
    expect(page.text).to include("No price yet for")
  end

  it "keeps what could be read, shows what could not, and says what would do" do
    row = hang
    send_form("/jobs/#{row.job_id}/price", {"price" => {"kit twin-42" => "120", "rate" => "a lot"}})
    expect(last_response.status).to eq 422
    expect(page.text).to include("\"a lot\" is no price. Give it as 18.50.")
    expect(page.at_css("#price-rate")["value"]).to eq "a lot"
    expect(book.prices.all).to eq("kit twin-42" => 120)
  end
end
