# frozen_string_literal: true

# A price as an offer, and what it came to (handbook 10, "Price").
RSpec.describe "Offers" do
  include Site

  let!(:row) { hang }
  let(:path) { "/jobs/#{row.job_id}" }

  def plain(text) = text.gsub(/[[:space:]]+/, " ")

  before {
    {"rate" => 40, "kit twin-42" => 100, "margin" => 0, "round" => 0}.each { |key, each|
      book.prices.set(key, each.to_r)
    }
  }

  it "is numbered, dated, kept as it was made, and stands beside what it came to" do
    send_form("/rules", {"offer.currency" => "shells"})
    send_form("#{path}/offers", {"note" => "Frames are not painted."})
    offer = book.offers.of(row.job_id).first
    expect(offer.number).to eq "#{Date.today.year}-001"
    expect(offer.valid_until).to eq (Date.today + 30).iso8601
    expect(offer.total).to eq YellowTrack::Desk::Job.new(book, book.jobs.find(row.job_id)).price.total
    book.prices.set("kit twin-42", 500r)
    look("#{path}/price")
    expect(plain(page.text)).to include("#{format("%.2f", offer.total)} shells").and include("What it came to so far")
    expect(YellowTrack::Drawing::Paper::OfferSheet).to receive(:new)
      .with(hash_including(address: "http://#{Site::HOST}/jobs/#{row.job_id}")).and_call_original # no page of costs
    look("#{path}/offers/#{offer.number}.pdf")
    expect(last_response.body).to start_with("%PDF")
    send_form("#{path}/offers", {})
    expect(book.offers.of(row.job_id).map(&:number).first).to end_with("-002")
    expect(book.offers.find(offer.id).total).to eq offer.total
    expect { book.db[:offers].update(total: "1") }.to raise_error(Sequel::Error, /never rewritten/)
  end

  it "says what is no day or too long, and keeps what was typed" do
    send_form("#{path}/offers", {"valid_until" => "2027-02-30", "note" => "x" * 501})
    expect(last_response.status).to eq 422
    expect(plain(page.text)).to include("\"2027-02-30\" is no day").and include("too many for the note")
    expect(page.at_css("#offer-until")["value"]).to eq "2027-02-30"
    send_form("#{path}/offers", {"valid_until" => "1999-01-01"})
    expect(page.text).to include("is gone")
    expect(book.offers.of(row.job_id)).to eq []
  end

  it "tells thousands apart in the house's currency, and no figure while nothing has a price" do
    book.prices.set("kit twin-42", 123_456.785r)
    send_form("/rules", {"offer.currency" => "longer than eight"})
    expect(plain(page.text)).to include("\"longer than eight\" has 17 characters").and include("It takes 8")
    look("#{path}/price")
    expect(plain(page.text)).to include("123 456.79")
    expect(page.at_css("[name='price[kit twin-42]']")["value"]).to eq "123456.785"
    book.prices.all.each_key { |key| book.prices.set(key, nil) }
    look("#{path}/price")
    expect(plain(page.text)).to include("no price yet").and include("as soon as something has a price")
    expect(plain(page.text)).not_to include("0.00")
    send_form("#{path}/offers", {})
    expect(last_response.status).to eq 422
    expect(plain(page.text)).to include("no figure to offer")
    expect(book.offers.of(row.job_id)).to eq []
  end

  it "comes to what the log tells: kits that are there, minutes that were ticked, days on site" do
    opening = -> { YellowTrack::Desk::KeptOpening.new(book, book.openings.find(row.id)) }
    morning = Time.local(2027, 3, 2, 8, 0)
    opening.call.progress.steps.first(6).each_with_index do |step, place|
      YellowTrack::Store::Clock.during(morning + place * 1200) { opening.call.progress.tick!(step, true, who: "Odo") }
    end
    came = YellowTrack::Desk::Offering.new(YellowTrack::Desk::Job.new(book, book.jobs.find(row.job_id))).came_to
    expect(came.visits).to eq 2 # the day of the survey, and of the track
    expect(came.hours).to be_positive
    expect(came.materials).to be >= 100
    expect(came.total).to eq came.materials + came.labour + came.travel
  end
end
