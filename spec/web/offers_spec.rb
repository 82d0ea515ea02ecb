# frozen_string_literal: true

# A price as an offer, and what it came to (handbook 10, "Price").
RSpec.describe "Offers" do
  include Site

  let!(:row) { hang }
  let(:path) { "/jobs/#{row.job_id}" }

  # Every price that the job's buy list asks for.
  def priced
    YellowTrack::Desk::Job.new(book, book.jobs.find(row.job_id)).price.materials
      .each { |line| book.prices.set(line.key, 2r) if line.each.nil? }
  end

  # All that any way of the opening asks for.
  def price_ways
    opening = YellowTrack::Desk::KeptOpening.new(book, book.openings.find(row.id))
    choice = YellowTrack::Desk::SetChoice.new(opening).choice.ranked.select { |one| one.state == "fits" }
    choice.each do |one|
      parts = YellowTrack::Parts.new(one.plan, "A")
      tried = YellowTrack::Desk::SetChoice::Tried.new(one.plan, parts, "A", {})
      bars = YellowTrack::Desk::CutList.new(book, [tried]).to_buy
      YellowTrack::Price.new([[one.plan, parts, opening.progress.steps.map(&:base)]], bars:, prices: {}).materials
        .each { |line| book.prices.set(line.key, 3r) unless book.prices.all.key?(line.key) }
    end
  end

  before {
    {"rate" => 40, "kit twin-42" => 100, "margin" => 0, "round" => 0}.each { |key, each|
      book.prices.set(key, each.to_r)
    }
  }

  it "is numbered, dated, kept as it was made, and stands beside what it came to" do
    send_form("/rules", {"offer.currency" => "shells"})
    send_form("#{path}/offers", {"note" => "Frames are not painted."})
    expect(last_response.status).to eq 422
    expect(plain(page.text)).to match(/No offer goes out while a price is missing: \w+/)
    expect(page.at_css("#offer-note")["value"]).to eq "Frames are not painted."
    priced
    send_form("#{path}/offers", {"note" => "Frames are not painted."})
    offer = book.offers.of(row.job_id).first
    expect(offer.number).to eq "#{Date.today.year}-001"
    expect(offer.valid_until).to eq (Date.today + 30).iso8601
    expect(offer.total).to eq YellowTrack::Desk::Job.new(book, book.jobs.find(row.job_id)).price.total
    book.prices.set("kit twin-42", 500r)
    look("#{path}/price")
    expect(plain(page.text)).to include("#{format("%.2f", offer.total)} shells").and include("What it came to so far")
    expect(YellowTrack::Drawing::Paper::OfferSheet).to receive(:new)
      .with(anything, address: "http://#{Site::HOST}/jobs/#{row.job_id}").and_call_original # no page of costs
    look("#{path}/offers/#{offer.number}.pdf")
    expect(last_response.body).to start_with("%PDF")
    send_form("#{path}/offers", {})
    expect(book.offers.of(row.job_id).map(&:number).first).to end_with("-002")
    expect(book.offers.find(offer.id).total).to eq offer.total
    expect { book.db[:offers].update(total: "1") }.to raise_error(Sequel::Error, /never rewritten/)
  end

  it "asks for the prices as often for three openings as for one" do
    priced
    asked = -> { Array.new(2) { queries { look("#{path}/price") }.grep(/FROM `prices`/).length }.last }
    for_one = asked.call
    2.times { hang }
    expect(asked.call).to eq for_one
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

  it "stands on the minutes that the plan takes: people there, on the road and waiting" do
    book.house_rules.set("visits.travel", "30")
    job = YellowTrack::Desk::Job.new(book, book.jobs.find(row.job_id))
    expect(job.bill.stands_on).to eq :own
    lone = YellowTrack::Desk::FirmBoard::Lone.new(job).plan
    hours = job.price.labour.values.sum
    done = YellowTrack::Desk::Presence.new(job, {}).spent.values.sum
    expect(hours - done).to be_within(0.01).of(lone["jobs"].first["labour"] / 60.0)
    expect(job.price.travel_cost).to eq 0 # the road is in the hours
    YellowTrack::Desk::FirmBoard.new(book).keep!(seen: 0, who: "Odo")
    job = YellowTrack::Desk::Job.new(book, book.jobs.find(row.job_id))
    expect(job.bill.stands_on).to eq :board
    expect(job.price.labour.values.sum - done).to be_within(0.01)
      .of(book.boards.last.plan["jobs"].first["labour"] / 60.0)
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

  it "has a line an opening, discount and tax by rate, and options beside it, all of them its sum" do
    priced
    price_ways
    send_form("/rules", {"offer.tax" => "20, 10", "offer.terms" => "All at the end.", "offer.numbers" => "comma",
                         "offer.date" => "dots"})
    book.customers.set(row.job_id, {"name" => "Bea", "address" => "Mill Path 7"})
    look("#{path}/offers/ways/A")
    way = page.at_css("input[name='option[]']")["value"]
    send_form("#{path}/offers", {"discount" => "10", "tax" => {"A" => "10"}, "option" => [way], "without" => "Paint"})
    offer = book.offers.of(row.job_id).first
    net = YellowTrack::Desk::Job.new(book, book.jobs.find(row.job_id)).price.total * 9 / 10
    expect(offer.total).to be_within(0.011).of(net * 11 / 10)
    expect(offer.told["options"].map { |one| one["letter"] }).to eq ["A"]
    look("#{path}/offers/#{offer.number}")
    text = plain(page.text)
    expect(text).to include("Bea").and include("Mill Path 7").and include("discount, 10 %").and include("tax, 10 %")
      .and include("Or, instead").and include("All at the end.").and match(/Not in it\s*Paint/)
      .and include("We could begin on")
      .and include(Date.today.strftime("%d.%m.%Y"))
    expect(text).to match(/all together[ ]*[\d ]+,\d\d/)
  end

  it "is taken, declined or grown old, and says what the job would come to since" do
    priced
    send_form("#{path}/offers", {})
    offer = book.offers.of(row.job_id).first
    answer = "#{path}/offers/#{offer.number}/answer"
    send_form(answer, {"answer" => "taken", "day" => "never"})
    expect(last_response.status).to eq 422
    expect(page.text).to include("\"never\" is no day")
    send_form(answer, {"answer" => "taken", "day" => "2027-03-01"})
    book.prices.set("kit twin-42", 600r)
    look("#{path}/offers/#{offer.number}")
    expect(plain(page.text)).to include("Taken on 1 March 2027").and match(/come to [\d .]+ more now/)
    send_form(answer, {"answer" => "declined", "day" => "2027-03-02", "was" => {"mark" => ""}})
    expect(last_response.status).to eq 409
    stands = -> {
      YellowTrack::Desk::Offering.new(YellowTrack::Desk::Job.new(book, book.jobs.find(row.job_id)),
        today: Date.today + 40).stands(offer)
    }
    expect(stands.call).to eq "taken"
    book.offers.answer(offer.id, "open", day: Date.today, who: "Odo")
    expect(stands.call).to eq "old"
  end

  it "forgets a customer everywhere on request, and says what stays" do
    priced
    send_form("#{path}/customer", {"name" => "Bea", "mail" => "no mail", "telephone" => "0000 311 02"})
    expect(last_response.status).to eq 422
    expect(page.text).to include("\"no mail\" is no mail address")
    expect(book.customers.of(row.job_id).to_h).to include(name: "Bea", telephone: "0000 311 02", mail: "")
    send_form("#{path}/offers", {})
    offer = book.offers.of(row.job_id).first
    expect(shown_text("/search?q=Bea")).to include("Osier Weir")
    look(path)
    expect(page.text).to include("What stays: the job's own name and place")
    send_form("#{path}/customer/forget", {"was" => {"name" => "Bea"}})
    expect([book.customers.of(row.job_id).none?, book.offers.customer(offer.id)]).to eq [true, {}]
    expect(shown_text("/search?q=Bea")).not_to include("Osier Weir")
    expect(shown_text("#{path}/offers/#{offer.number}")).not_to include("Bea")
  end

  def shown_text(path)
    look(path)
    page.at_css("main").text
  end
end
