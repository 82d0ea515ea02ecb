# frozen_string_literal: true

require "json"

# What a phone needs to put it on its home screen.
RSpec.describe "On the home screen" do
  include Site

  it "has a manifest with our own icon, that opens the first page, without being signed in" do
    serve
    look("/account/sign-in")
    path = page.at_css("link[rel=manifest]")["href"]
    look(path)
    expect([last_response.status, last_response.media_type]).to eq [200, "application/manifest+json"]
    manifest = JSON.parse(last_response.body)
    expect(manifest).to include("start_url" => "/", "display" => "standalone", "name" => "Yellow Track")
    manifest.fetch("icons").each do |icon|
      look(icon.fetch("src"))
      expect([last_response.status, last_response.media_type]).to eq [200, icon.fetch("type")]
    end
  end
end
