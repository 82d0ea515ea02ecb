# frozen_string_literal: true

# When the session's cookie is sent back: a page that comes late would take back what another window put into it.
RSpec.describe YellowTrack::Web::SessionKept do
  include Site

  let(:size) { "/openings/#{hang.id}/size" }

  # Whether the answer to a page sends the session.
  def sent?(path)
    look(path)
    expect(last_response).to be_ok
    !last_response["set-cookie"].nil?
  end

  it "sends it with the first page, and with no other that leaves it as it was" do
    expect([sent?(size), sent?(size), sent?("/account"), sent?("/")]).to eq [true, false, false, false]
  end

  it "sends it once it says something else, and that holds" do
    sent?(size)
    expect([sent?("#{size}?unit=other"), sent?(size)]).to eq [true, false]
    expect(page.at_css(".head-unit")["href"]).to eq "?unit=own"
    expect([sent?("#{size}?unit=own"), sent?(size)]).to eq [true, false]
    expect(page.at_css(".head-unit")["href"]).to eq "?unit=other"
  end

  it "sends it once a day as it is, so that whoever comes daily stays signed in" do
    sent?(size)
    40.times do
      Timecop.travel(Time.now + described_class::DAY)
      expect([sent?(size), sent?(size)]).to eq [true, false]
    end
    expect(book.accounts.sessions(book.accounts.named(Site::FITTER).id).length).to eq 1
  end

  it "opens a cookie that comes again as it was, and none that was touched" do
    seal = YellowTrack::Web::SessionCookie.new(->(_env) {}, secrets: ["s" * 64], key: "yellow-track").encryptors.first
    cookie = seal.encrypt({"other_unit" => true, "list" => [1]})
    seal.decrypt(cookie)["list"] << 2
    expect(seal.decrypt(cookie)).to eq("other_unit" => true, "list" => [1])
    touched = cookie.sub(/.\z/) { |last| (last == "A") ? "B" : "A" }
    2.times { expect { seal.decrypt(touched) }.to raise_error(Rack::Session::Encryptor::Error) }
  end

  it "sends it to whoever signs out, and to whoever signs in again" do
    sent?("/")
    send_form("/account/sign-out", {})
    expect(last_response["set-cookie"]).not_to be_nil
    look("/")
    expect(last_response.status).not_to eq 200
  end
end
