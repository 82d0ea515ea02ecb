# frozen_string_literal: true

RSpec.describe YellowTrack::Web::Rates do
  def address(**env) = described_class.address(Rack::Attack::Request.new(Rack::MockRequest.env_for("/", env)))

  it "counts a device by itself, and behind a proxy by what the proxy says of it alone" do
    said = {"HTTP_X_FORWARDED_FOR" => "192.0.2.7", "REMOTE_ADDR" => "127.0.0.1"}
    expect(address(**said)).to eq "127.0.0.1"
    expect(address(**said, "HTTPS" => "on")).to eq "192.0.2.7"
  end
end
