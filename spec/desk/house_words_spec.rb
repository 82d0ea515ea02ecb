# frozen_string_literal: true

RSpec.describe YellowTrack::Desk::HouseWords do
  include Site

  it "puts name, address and telephone of the firm at the head of its papers, as far as they are known" do
    expect(described_class.letterhead(book)).to eq book.accounts.firm
    described_class.keep(book, "firm.address", "  2  Weir Lane ", who: "Odo")
    described_class.keep(book, "firm.telephone", "555 0101", who: "Odo")
    expect(described_class.letterhead(book)).to eq [book.accounts.firm, "2 Weir Lane", "555 0101"].compact.join(" · ")
  end

  it "says which is too long, and what it takes" do
    expect { described_class.keep(book, "firm.telephone", "5" * 41, who: "Odo") }
      .to raise_error(YellowTrack::Fault, /41 characters, too many for the telephone. It takes 40/)
  end

  it "are typed on House rules and stand on an offer" do
    send_form("/rules", {"firm.address" => "2 Weir Lane"})
    look("/rules")
    expect(page.at_css("#rule-firm-address")["value"]).to eq "2 Weir Lane"
    row = hang
    {"rate" => 40, "kit twin-42" => 100}.each { |key, each| book.prices.set(key, each.to_r) }
    job = YellowTrack::Desk::Job.new(book, book.jobs.find(row.job_id))
    job.price.materials.each { |line| book.prices.set(line.key, 1r) if line.each.nil? }
    offering = YellowTrack::Desk::Offering.new(YellowTrack::Desk::Job.new(book, job.row))
    content = YellowTrack::Web::Job::OfferContent.new(book, job.row, offering.make!({}, who: "Odo"))
    written = []
    allow_any_instance_of(YellowTrack::Drawing::Paper::Page).to receive(:text) { |_, words, **| written << words.to_s }
    YellowTrack::Drawing::Paper::OfferSheet.new(content, address: "http://127.0.0.1/").render
    expect(written.join(" ")).to include("2 Weir Lane")
  end

  it "has rates of tax in per cent, the usual one first, and says which is none" do
    described_class.keep(book, described_class::TAX, "20, 7.5", who: "Odo")
    expect(described_class.rates(book.house_rules.all)).to eq [20, 7.5r]
    expect { described_class.keep(book, described_class::TAX, "20, much", who: "Odo") }
      .to raise_error(YellowTrack::Fault, /"much" is no rate of tax/)
  end
end
