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
    told = {job: "Osier Weir", place: "", number: "1", made_on: Date.new(2026, 11, 29),
            valid_until: Date.new(2026, 12, 29), total: "100", lines: ["one"], note: "", address: "http://127.0.0.1/"}
    written = []
    allow_any_instance_of(YellowTrack::Drawing::Paper::Page).to receive(:text) { |_, words, **| written << words.to_s }
    YellowTrack::Drawing::Paper::OfferSheet.new(**told, firm: described_class.letterhead(book)).render
    expect(written.join(" ")).to include("2 Weir Lane · Osier Weir")
  end
end
